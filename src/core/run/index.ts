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
  type Looked,
  type Override,
  type OwnSize,
  type Remedies,
  type RemedyKind,
  type ProofTick,
  type Variant,
  type BlankKind,
  type Centring,
  type ClearZone,
  type Datum,
  type Photo,
  type PlaceRole,
  type Preparation,
  type Shape,
  type Wrap,
  BLANK_KINDS,
  DATUM_KINDS,
  MOST_CORNERS,
  PREPARATIONS,
  STRETCHES,
  TEXTURES,
  USES,
  type Wording,
  MOST_LINES,
  REMEDIES,
  WIDTH_SHARES,
  type Anchor9,
  type CaseForm,
  ANCHORS,
  CASE_FORMS,
  SPEC_VERSION,
  runSpecSchema,
} from './run-spec';
export { pageSchema, shopIdSchema } from './shop-schema';
export { blankSchema, idSchema, photoSchema } from './blank-schema';
export { findBed, findBlank, findLettering, findMaterial, findSizeGroup, variantFor } from './lookup';
export { type SpecFault, specFaults } from './spec-faults';
export { DEFAULT_BEDS, DEFAULT_BLANK, DEFAULT_LETTERINGS, DEFAULT_MATERIALS } from './defaults';
export { DEFAULT_BAND, DEFAULT_GROUP, DEFAULT_REMEDIES } from './fit-defaults';
export { DEFAULT_LIST, DEFAULT_MONOGRAM, wordingOf } from './list-defaults';
export {
  type OverrideSet,
  type OwnSettings,
  dropOverrides,
  ownSettingsAt,
  setOverride,
  setOverrides,
} from './overrides';
export { dropLooked, lookedKey, setLooked } from './looked';
export { newRunSpec } from './new-run';
export { type DeepReadonly } from './deep-readonly';
export { type MainPlace, type PlaceAt, mainPlace, placeAt, placeNameIn, placesOf } from './main-place';
export {
  changeHead,
  changeList,
  changeMonogram,
  changeWordingAt,
  changeLayout,
  changeLeastHeight,
  changeLines,
  changeMaterialValue,
  changePrepare,
  changeRemedies,
} from './change';
export {
  changeBlank,
  changeMaterial,
  changeMeasures,
  changePlace,
  changePlaceUse,
  changeRule,
  changeSizeGroup,
  sizeWith,
  changeUse,
  changeVariant,
  changeVariantOf,
} from './change-place';
export { type ShapeBox, shapeBox } from './shape-box';
export { measuredOf } from './twin-place';
export { type VariantMissing, chooseVariant, sizeKey } from './choose-variant';
export {
  type ShippedFace,
  SHIPPED_FACES,
  BRASS_SCRIPT_SHA,
  STAND_BLOCK_SHA,
  faceFilePath,
  isConnectedFace,
  tightenLimitEm,
} from './shipped-faces';
export { UNREAD_QUANTITY } from './entry-fields';
