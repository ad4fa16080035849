import type { BorderFacts } from '../artwork';
import type { Finding } from '../finding';
import { type MeasuredFit, MOST_GROWTH } from './measure-findings';

/**
 * Borders that close holes of their letters. A hole stays open exactly while the radius of the largest disc in it exceeds the border's
 * distance and half of what is filled, so that both ways out are solved for instead of tried.
 */
export function borderFindings({ artwork, emMm, slot }: MeasuredFit): Finding[] {
  return slot.layers.flatMap(({ id, make }, i): Finding[] => {
    const border = artwork.layers[i]?.border;
    if (!border || make.kind !== 'border' || emMm <= 0) return [];
    const { reachEm, fillsUnderEm, holeRadiiEm } = border;
    const numClosed = holeRadiiEm.filter((radiusEm) => radiusEm <= reachEm + fillsUnderEm / 2).length;
    const leastEm = holeRadiiEm[0] ?? 0;
    if (numClosed === 0) return [];
    const reachMm = reachEm * emMm;
    const passesReachMm = (leastEm - fillsUnderEm / 2) * emMm;
    return [
      {
        kind: 'borderCloses',
        severity: 'check',
        numClosed,
        numHoles: holeRadiiEm.length,
        reachMm,
        passesAtMm: passingCapMm(border, make.distance.by, { emMm, capHeightEm: artwork.capHeightEm }),
        passesReachMm: passesReachMm >= LEAST_BORDER_SHARE * reachMm ? passesReachMm : null,
        at: { layerId: id },
      },
    ];
  });
}

/** A border that is narrower than this share of what was wanted is none. */
export const LEAST_BORDER_SHARE = 0.2;

/** Letters from which the least hole stays open; a border that grows with them only outgrows what it fills. */
function passingCapMm(
  { reachEm, fillsUnderEm, holeRadiiEm }: BorderFacts,
  by: 'mm' | 'height',
  { emMm, capHeightEm }: { readonly emMm: number; readonly capHeightEm: number },
): number | null {
  const leastEm = holeRadiiEm[0] ?? 0;
  const fixedMm = (fillsUnderEm / 2 + (by === 'mm' ? reachEm : 0)) * emMm;
  const growsEm = leastEm - (by === 'mm' ? 0 : reachEm);
  const passesEmMm = growsEm > 0 ? (fixedMm / growsEm) * JUST_ABOVE : Infinity;
  return passesEmMm <= MOST_GROWTH * emMm ? passesEmMm * capHeightEm : null;
}

/** What is open by nothing is closed. */
const JUST_ABOVE = 1.001;
