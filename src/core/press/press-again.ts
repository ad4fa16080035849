import type { AgainReason, PressedAgain } from '../ledger';
import type { PressCard } from '../shop';

/** What pressing once more comes to. Seconds are those under the press in all, the first time included. */
export interface AgainPlan {
  /** How long a next time would be. */
  readonly seconds: number;
  readonly soFarSeconds: number;
  readonly withItSeconds: number;
  readonly mostSeconds: number;
  /** The film bears no further time: another one has to be taken. */
  readonly isTooMuch: boolean;
}

/** An edge gets a third to a half of the time, on that spot; what does not hold at all gets the whole once more. */
const EDGE_SHARE = 0.4;

/** `firstSeconds`: what it got before anything was pressed again, by itself and below what was pressed over it. */
export function pressAgain(
  card: Pick<PressCard, 'seconds' | 'mostSeconds'>,
  why: AgainReason,
  again: PressedAgain | null,
  firstSeconds: number,
): AgainPlan {
  const share = why === 'edgeLifts' ? EDGE_SHARE : 1;
  const seconds = Math.max(1, Math.ceil(card.seconds.chosen * share));
  const soFarSeconds = firstSeconds + (again?.seconds ?? 0);
  const withItSeconds = soFarSeconds + seconds;
  const { mostSeconds } = card;
  return { seconds, soFarSeconds, withItSeconds, mostSeconds, isTooMuch: withItSeconds > mostSeconds };
}
