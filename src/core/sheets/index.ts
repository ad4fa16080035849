/**
 * Sheets: pieces × bed → planned passes. What a made one keeps for good belongs to freeze, writing it to a file to cutfile.
 */
export { type PackBox, type PackedBox, type PackOptions, type Packing, packBoxes } from './pack-boxes';
export { type PackSearch, type WhichPacking, keepLonger, packings } from './kept-packing';
export { type Lying, outlineOnBed } from './on-bed';
export {
  type PassPlan,
  type PlannedPass,
  type PlannedPatch,
  type PlannedPiece,
  type UnplacedPiece,
  type WantedPiece,
  planPasses,
} from './plan-passes';
