/**
 * The run as one value: `RunSpec` with its parts, the ids in it, what a process means for stages and reversal, and the
 * sensible defaults that let a bare list be worked on. Nothing here computes geometry or knows of storage.
 */
export { type Id, type RandomBytes, ID_PATTERN, isId, makeId } from './ids';
export {
  type FitRef,
  fitRefKey,
  type SlotRef,
  slotKeyOf,
  itemIdOf,
  pieceIdOf,
  readItemId,
  readPieceId,
  layerKeyOf,
} from './refs';
export { type Process, type PieceStage, PROCESSES, PIECE_STAGES, isCut, processFacts, stagesOf } from './process';
export { type FinestCut, type MaterialKind, MATERIAL_KINDS, kindFacts, processOf } from './material-kind';
export { upgradeSpec } from './upgrade-spec';
export { type MergeConflict, type Merged, mergeJson } from './merge-json';
export {
  type Bed,
  type Blank,
  type BlankUse,
  type Entry,
  type Layer,
  type LayoutWish,
  type Lettering,
  type Material,
  type MeasuredPlace,
  type PlaceUse,
  type RunSpec,
  type SizeGroup,
  type SizeRule,
  type ListReading,
  type Override,
  type ProofTick,
  type Variant,
  type Wording,
  MOST_LINES,
  type Anchor9,
  type CaseForm,
  ANCHORS,
  CASE_FORMS,
  SPEC_VERSION,
  runSpecSchema,
} from './run-spec';
export { idSchema, pageSchema } from './shop-schema';
export { findBed, findBlank, findLettering, findMaterial, findSizeGroup, variantFor } from './lookup';
export { type SpecFault, specFaults } from './spec-faults';
export { DEFAULT_BEDS, DEFAULT_BLANK, DEFAULT_LETTERINGS, DEFAULT_MATERIALS } from './defaults';
export { DEFAULT_LIST, DEFAULT_MONOGRAM, wordingOf } from './list-defaults';
export { newRunSpec } from './new-run';
export { type DeepReadonly } from './deep-readonly';
export { type MainPlace, mainPlace } from './main-place';
export {
  changeBody,
  changeColour,
  changeHead,
  changeList,
  changeMonogram,
  changeWordingAt,
  setOverride,
  changeLayout,
  changeLeastHeight,
  changeLines,
  changeMaterialValue,
  changeMaterial,
  changePlace,
  changePlaceUse,
  changeRule,
} from './change';
export { type ShippedFace, SHIPPED_FACES, BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, faceFilePath } from './shipped-faces';
export { UNREAD_QUANTITY } from './entry-fields';
