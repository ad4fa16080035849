import type { BorderFacts } from '../artwork';
import type { Finding } from '../finding';
import type { MeasuredFit } from './measure-findings';

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
    const passesReachMm = leastEm * emMm - make.fillsUnderMm / 2;
    return [
      {
        kind: 'borderCloses',
        severity: 'check',
        numClosed,
        numHoles: holeRadiiEm.length,
        reachMm,
        passesAtMm: passingCapMm(border, make.distance.by, { emMm, capHeightEm: artwork.capHeightEm }),
        passesReachMm: passesReachMm >= LEAST_REACH_MM ? passesReachMm : null,
        at: { layerId: id },
      },
    ];
  });
}

/** Nothing thinner is drawn as a border. */
const LEAST_REACH_MM = 0.1;

/** Letters from which the least hole stays open; a border that grows with them only outgrows what it fills. */
function passingCapMm(
  { reachEm, fillsUnderEm, holeRadiiEm }: BorderFacts,
  by: 'mm' | 'height',
  { emMm, capHeightEm }: { readonly emMm: number; readonly capHeightEm: number },
): number | null {
  const leastEm = holeRadiiEm[0] ?? 0;
  const fixedMm = (fillsUnderEm / 2 + (by === 'mm' ? reachEm : 0)) * emMm;
  const growsEm = leastEm - (by === 'mm' ? 0 : reachEm);
  return growsEm > 0 ? (fixedMm / growsEm) * capHeightEm * JUST_ABOVE : null;
}

/** What is open by nothing is closed. */
const JUST_ABOVE = 1.001;
