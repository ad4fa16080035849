import type { LayerMake } from '../shop';
import { type PlaceUse, type ProofTick, type RunSpec, type TextRef, findLettering, textKeyOf } from '../spec';

/** How a text stands on the proof. */
export type ProofState =
  | { readonly kind: 'open' }
  | { readonly kind: 'ticked'; readonly tick: ProofTick; readonly isLookChanged: boolean }
  /** It was ticked, and reads otherwise now: it has to be looked at again. */
  | { readonly kind: 'changed'; readonly tick: ProofTick };

/** What stands at a place now; its words before capitals are set: those are looks. */
export interface Proved {
  readonly words: readonly string[];
  /** How it looks, in one word; asked only where it was ticked. */
  readonly look: () => string;
}

export function proofStateOf({ proof }: Pick<RunSpec, 'proof'>, at: TextRef, { words, look }: Proved): ProofState {
  const key = textKeyOf(at);
  const tick = Object.hasOwn(proof, key) ? proof[key] : undefined;
  if (!tick) return { kind: 'open' };
  const isSame = tick.lines.length === words.length && tick.lines.every((line, i) => line === words[i]);
  if (!isSame) return { kind: 'changed', tick };
  return { kind: 'ticked', tick, isLookChanged: tick.look !== look() };
}

/** Faces, case and spacing of a lettering, and what is drawn around its letters and beside them, in one word; equal looks give equal words. */
export function lookOf(
  spec: RunSpec,
  { motif, wording }: Pick<PlaceUse, 'motif' | 'wording'>,
  letteringId: string,
): string {
  const { lines, layers, stack, monogram, bend } = findLettering(spec, letteringId);
  const styles = lines.map(({ face, caseForm, trackingEm, features, sizeShare, leastGapShare, gapAboveShare, above }) =>
    [
      face.slice(0, 12),
      caseForm,
      trackingEm,
      ...features,
      ...(sizeShare === undefined ? [] : [`× ${sizeShare}`]),
      ...(leastGapShare === undefined ? [] : [`gap ${leastGapShare}`]),
      ...(gapAboveShare === undefined ? [] : [`${gapAboveShare} above`]),
      ...(above === undefined ? [] : [`${above} above`]),
    ].join(' '),
  );
  const parts = (wording?.lines ?? []).flatMap(({ runs }, line) =>
    runs.flatMap(({ face }, part) => (face === null ? [] : [`${line} ${part} ${face.slice(0, 12)}`])),
  );
  const forms = [stack, monogram, bend].flatMap((form) => (form ? Object.values(form).map(wordOf).join(' ') : []));
  const around = layers.flatMap(({ make, under }) => [
    ...(make.kind === 'text' ? [] : [aroundWord(make)]),
    ...(under ? [`${under.kind} ${under.mm}`] : []),
  ]);
  const beside = motif
    ? [
        [
          motif.motifId,
          motif.spot,
          motif.share,
          motif.gapShare,
          ...motif.layers.map(({ part }) => part),
          ...(motif.heightMm === undefined ? [] : [`${motif.heightMm} mm`]),
        ].join(' '),
      ]
    : [];
  return [...styles, ...parts, ...around, ...forms, ...beside].join('; ');
}

function aroundWord({ kind, distance, ...others }: Exclude<LayerMake, { kind: 'text' }>): string {
  return [
    kind,
    distance.by,
    distance.by === 'mm' ? distance.mm : distance.share,
    ...Object.values(others).map(wordOf),
  ].join(' ');
}

function wordOf(value: unknown): unknown {
  return typeof value === 'object' && value !== null ? Object.values(value).join(' ') : value;
}
