import type { Finding } from '../finding';
import type { Fit } from '../fit';
import type { Measures } from '../figures';
import { LIMIT_OF, type LimitedPart, holdsLarger } from './measure-layer';

/** Looks for the least passing size end here: something else than the size is wrong. */
export const MOST_GROWTH = 2;

/** Above proportion, since a width is found to a quarter of a per cent, here and at the larger size. */
const SPARE_GROWTH = 1.0075;

/** A fit as far as measuring goes; a remedy that is tried is none yet. */
export type MeasuredFit = Pick<Fit, 'artwork' | 'emMm' | 'slot'>;

/**
 * Limits of its material that a layer breaks; `withHeights`: whether to look for the height that passes, which measures again. A
 * gap that closes to a point is only noted, and only where no passage is too narrow: its waste hangs on the wide end and comes out
 * with it, while in a passage or a slot it tears.
 */
export function measureFindings(fit: MeasuredFit, index: number, measures: Measures, withHeights = true): Finding[] {
  const { id: layerId, material } = fit.slot.layers[index]!;
  const { finest } = material;
  const at = { layerId };
  const found = PARTS.flatMap(({ part, kind }): Finding[] => {
    const spot = measures[part];
    const leastMm = finest[LIMIT_OF[part]];
    if (!spot || spot.widthMm >= leastMm) return [];
    const passesAtMm = withHeights ? passingHeight(fit, index, part, spot.widthMm) : null;
    const common = { severity: 'check', widthMm: spot.widthMm, leastMm, passesAtMm, at } as const;
    return [kind === 'narrowGap' ? { kind, closes: false, ...common } : { kind, ...common }];
  });
  const { notch } = measures;
  if (!notch || notch.widthMm >= finest.gapMm || found.some(({ kind }) => kind === 'narrowGap')) return found;
  const { widthMm } = notch;
  const note = {
    kind: 'narrowGap',
    severity: 'note',
    closes: true,
    widthMm,
    leastMm: finest.gapMm,
    passesAtMm: null,
    at,
  } as const;
  return [...found, note];
}

const PARTS = [
  { part: 'stroke', kind: 'thinStroke' },
  { part: 'gap', kind: 'narrowGap' },
  { part: 'hole', kind: 'smallHole' },
] as const;

/**
 * The cap height at which this measure passes. Widths grow with the letters, runs that may be lost do not quite, so that the
 * height by proportion is measured, and raised a little where it is not enough.
 */
function passingHeight(
  { artwork, emMm, slot }: MeasuredFit,
  index: number,
  part: LimitedPart,
  widthMm: number,
): number | null {
  const { material, make } = slot.layers[index]!;
  // A motif that keeps its height is as fine in larger letters.
  if (make.kind === 'motif' && slot.motif?.heightMm !== undefined) return null;
  const { finest } = material;
  const leastMm = finest[LIMIT_OF[part]];
  if (widthMm <= 0) return null;
  for (let factor = (leastMm / widthMm) * SPARE_GROWTH; factor <= MOST_GROWTH; factor *= 1.06) {
    const at = emMm * factor;
    const larger = artwork.at(at);
    // What keeps its millimetres is another outline in larger letters.
    const lookedMm = larger === artwork ? emMm : at;
    if (holdsLarger(part, larger, index, { emMm: at, lookedMm, finest })) return emMm * factor * artwork.capHeightEm;
  }
  return null;
}
