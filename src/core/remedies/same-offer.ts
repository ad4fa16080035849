import type { OverrideSet } from '../spec';
import type { RemedyOffer } from './offer';

/** The face that letters are given, those last that were changed last. */
export function faceIn(sets: readonly OverrideSet[]): string | undefined {
  return sets.flatMap((set) => (set.kind === 'letters' ? set.letters.map(({ face }) => face) : [])).at(-1);
}

/** What is set otherwise by it, whichever letters they are: the same face for another text. */
export function isSameOffer(a: readonly OverrideSet[], b: readonly OverrideSet[]): boolean {
  const [face, other] = [faceIn(a), faceIn(b)];
  return face === undefined ? JSON.stringify(a) === JSON.stringify(b) : face === other;
}

/**
 * Of what answers another text, that which was taken for the first: the very film where it is told from this blank as well, the very
 * face; else the best that is. Monograms of a set are of one face, or stay as they are.
 */
export function alikeOffer(found: readonly RemedyOffer[], sets: readonly OverrideSet[]): RemedyOffer | null {
  const [best] = found;
  return found.find((one) => isSameOffer(one.sets, sets)) ?? (best?.kind === 'evenFace' ? null : (best ?? null));
}
