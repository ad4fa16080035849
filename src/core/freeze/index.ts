/**
 * Freezing: what was released and what was made, kept for good with text, outline, material, spot and turn of every piece. How
 * passes are laid out belongs to sheets, what is done to pieces to the ledger.
 */
export { type FrozenSpot } from './frozen-piece';
/** The order in which lines are done, before all that is cut. */
export { LINE_TOOLS } from '../shop';
export {
  type FrozenPass,
  type MadePass,
  type PassHead,
  type Patch,
  type Placed,
  freezePass,
  madePassSchema,
  pageOf,
  placedIn,
} from './made-pass';
export { passesInForce } from './in-force';
export { attemptKey, madeAttempts } from './made-attempts';
export { type FrozenRelease, type Release, type ReleasedPiece, freezeRelease, releaseSchema } from './release';
export { upgradePass, upgradeRelease } from './upgrade-frozen';
