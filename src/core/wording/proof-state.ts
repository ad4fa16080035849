import type { LayerMake } from '../shop';
import { type ProofTick, type RunSpec, type TextRef, findLettering, textKeyOf } from '../spec';

/** How a text stands on the proof. */
export type ProofState =
  | { readonly kind: 'open' }
  | { readonly kind: 'ticked'; readonly tick: ProofTick; readonly isLookChanged: boolean }
  /** It was ticked, and reads otherwise now: it has to be looked at again. */
  | { readonly kind: 'changed'; readonly tick: ProofTick };

/** `lines` are the words as they are now, before capitals are set: those are looks. */
export function proofStateOf(spec: RunSpec, at: TextRef, letteringId: string, lines: readonly string[]): ProofState {
  const key = textKeyOf(at);
  const tick = Object.hasOwn(spec.proof, key) ? spec.proof[key] : undefined;
  if (!tick) return { kind: 'open' };
  const isSame = tick.lines.length === lines.length && tick.lines.every((line, i) => line === lines[i]);
  if (!isSame) return { kind: 'changed', tick };
  return { kind: 'ticked', tick, isLookChanged: tick.look !== lookOf(spec, letteringId) };
}

/** Faces, case and spacing of a lettering, and what is drawn around its letters, in one word; equal looks give equal words. */
export function lookOf(spec: RunSpec, letteringId: string): string {
  const { lines, layers } = findLettering(spec, letteringId);
  const styles = lines.map(({ face, caseForm, trackingEm, features }) =>
    [face.slice(0, 12), caseForm, trackingEm, ...features].join(' '),
  );
  const around = layers.flatMap(({ make, under }) => [
    ...(make.kind === 'text' ? [] : [aroundWord(make)]),
    ...(under ? [`${under.kind} ${under.mm}`] : []),
  ]);
  return [...styles, ...around].join('; ');
}

function aroundWord({ kind, distance, ...others }: Exclude<LayerMake, { kind: 'text' }>): string {
  return [kind, distance.by, distance.by === 'mm' ? distance.mm : distance.share, ...Object.values(others)].join(' ');
}
