import type { Finding } from '../finding';
import type { Fit } from '../fit';
import type { Measures } from '../figures';
import { measureLayer } from './measure-layer';

/** Looks for the least passing size end here: something else than the size is wrong. */
const MOST_GROWTH = 2;

/** A fit as far as measuring goes; a remedy that is tried is none yet. */
export type MeasuredFit = Pick<Fit, 'artwork' | 'emMm' | 'slot'>;

/**
 * Limits of its material that a layer breaks; `withHeights`: whether to look for the height that passes, which measures again. A gap that closes to a point is only noted: its waste hangs on the wide end and
 * comes out with it, while a passage or a slot that is too narrow tears.
 */
export function measureFindings(fit: MeasuredFit, index: number, measures: Measures, withHeights = true): Finding[] {
  const { id: layerId, material } = fit.slot.layers[index]!;
  const { finest } = material;
  const at = { layerId };
  const broken = PARTS.flatMap(({ part, kind, least }) => {
    const spot = measures[part];
    return spot && spot.widthMm < finest[least] ? [{ part, kind, spot, leastMm: finest[least] }] : [];
  });
  return broken.map(({ part, kind, spot: { widthMm, closes }, leastMm }): Finding => {
    if (kind === 'narrowGap' && closes) {
      return { kind, severity: 'note', widthMm, leastMm, closes, passesAtMm: null, at };
    }
    const passesAtMm = withHeights ? passingHeight(fit, index, part, widthMm) : null;
    return kind === 'narrowGap'
      ? { kind, severity: 'check', widthMm, leastMm, closes, passesAtMm, at }
      : { kind, severity: 'check', widthMm, leastMm, passesAtMm, at };
  });
}

const PARTS = [
  { part: 'stroke', kind: 'thinStroke', least: 'strokeMm' },
  { part: 'gap', kind: 'narrowGap', least: 'gapMm' },
  { part: 'hole', kind: 'smallHole', least: 'holeMm' },
] as const;

/**
 * The cap height at which this measure passes. Widths grow with the letters, runs that may be lost do not quite, so that the
 * height by proportion is measured, and raised a little where it is not enough.
 */
function passingHeight(
  { artwork, emMm, slot }: MeasuredFit,
  index: number,
  part: keyof Measures,
  widthMm: number,
): number | null {
  const { finest } = slot.layers[index]!.material;
  const leastMm = finest[PARTS.find((one) => one.part === part)!.least];
  if (widthMm <= 0) return null;
  for (let factor = (leastMm / widthMm) * 1.005; factor <= MOST_GROWTH; factor *= 1.06) {
    const spot = measureLayer(artwork, index, emMm * factor, finest)[part];
    if (!spot || spot.widthMm >= leastMm || (part === 'gap' && spot.closes)) return emMm * factor * artwork.capHeightEm;
  }
  return null;
}
