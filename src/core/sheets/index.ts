/**
 * Sheets: pieces × bed → passes. Packing, what a planned pass is, and what a made one keeps for good.
 * Writing a pass to a file belongs to cutfile; outlines as such to geometry.
 */
export { type PackBox, type PackedBox, type PackOptions, type Packing, packBoxes } from './pack-boxes';
export { type Lying, outlineOnBed } from './on-bed';
export {
  type PassPlan,
  type PlannedPass,
  type PlannedPiece,
  type UnplacedPiece,
  type WantedPiece,
  planPasses,
} from './plan-passes';
export {
  type MadePass,
  type Patch,
  type Placed,
  type FrozenPass,
  freezePass,
  madePassSchema,
  pageOf,
} from './made-pass';
export { attemptKey, madeAttempts } from './made-attempts';
