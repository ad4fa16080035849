/**
 * Countdowns: what is waited for at the press, by the server's clock. Which of them runs, what it keeps from being marked, and which
 * comes next. Knows ids and seconds only.
 */
export {
  type Countdown,
  type CountdownKind,
  type Ending,
  type NewCountdown,
  COUNTDOWN_KINDS,
  countdownSchema,
  endMs,
  endingSchema,
  heldItems,
  holdsMarks,
  isRunning,
  newCountdownSchema,
  secondsLeft,
} from './countdown';
export { type Clock, type InPress, curing, inSight, nextClock } from './next-clock';
