/**
 * Releases: fits → what was let through to be cut, outline by outline, and what has changed since. Where pieces lie on the
 * bed is decided in sheets; what was done to them stands in the ledger.
 */
export { type FrozenRelease, type Release, type ReleasedPiece, freezeRelease, releaseSchema } from './release';
export { type ReleaseChange, changesSince } from './changes-since';
export { type ReleasedOutline, releasedPieces } from './released-pieces';
