import { type Finding, hasStop } from '../finding';
import type { Fit } from '../fit';
import { MOST_FOR_SIDE, MOST_LOOKED_DOWN, offMiddle } from '../largest';

/** What a ruler does not find. */
const WORTH_A_WORD_MM = 0.5;

/**
 * Whether a text lies off the middle of its place, and what it would gain there. It is kept in the middle as long as that costs
 * no more than is given up for it.
 */
export function middleFindings({ draft, emMm, sized, slot }: Fit, stops: readonly Finding[]): Finding[] {
  const { ink, space, held } = draft;
  if (!ink || !space || !held || hasStop(stops) || emMm <= 0) return [];
  const { most, heldEmMm } = held;
  if (slot.liesLargest || !held.isHeld.every(Boolean)) {
    const lie = emMm >= (draft.largest?.emMm ?? 0) * (1 - 1e-9) ? draft.largest : null;
    if (!lie) return [];
    const [acrossMm, downMm] = offMiddle(ink, space, lie);
    if (Math.hypot(acrossMm, downMm) < WORTH_A_WORD_MM) return [];
    const isMore = heldEmMm === 0;
    const smallerPct = (isMore ? MOST_LOOKED_DOWN : 1 - heldEmMm / most.emMm) * 100;
    const severity = slot.liesLargest ? 'note' : 'check';
    return [{ kind: 'offMiddle', severity, acrossMm, downMm, smallerPct, isMore }];
  }
  const gain = most.emMm / held.emMm - 1;
  if (sized.isHeld || gain <= MOST_FOR_SIDE) return [];
  const offMm = Math.hypot(...offMiddle(ink, space, most));
  if (offMm < WORTH_A_WORD_MM) return [];
  return [{ kind: 'largerOffMiddle', severity: 'note', largerPct: gain * 100, offMm }];
}
