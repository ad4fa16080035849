/**
 * Releases: what has changed since one, and which pieces are cut as they were released. What a release keeps belongs to freeze; where
 * pieces lie on the bed is decided in sheets; what was done to them stands in the ledger.
 */
export { type ReleaseChange, changesOf, changesSince } from './changes-since';
export { type OpenPieces, type SomePieces, openPieces } from './open-pieces';
export { type ReadOutlines, type ReleasedOutline, releasedPieces } from './released-pieces';
