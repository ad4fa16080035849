/**
 * What a shop keeps and a run takes copies of: blanks with their measured places, materials, beds, letterings; what follows
 * from a kind of material; the faces that ship, and what a bare shop begins with. What a run decides belongs to spec.
 */
export { type CommonStyle, commonStyle, styleOf } from './letter-style';
export { type Process, type PieceStage, PROCESSES, PIECE_STAGES, isCut, processFacts, stagesOf } from './process';
export { type FinestCut, type MaterialKind, MATERIAL_KINDS, kindFacts, processOf } from './material-kind';
export {
  type ShippedFace,
  SHIPPED_FACES,
  BRASS_SCRIPT_SHA,
  HEAVY_SLAB_SHA,
  STAND_BLOCK_SHA,
  faceFilePath,
  isConnectedFace,
  tightenLimitEm,
} from './shipped-faces';
export {
  type Anchor9,
  type Centring,
  type ClearZone,
  type Datum,
  type MeasuredPlace,
  type Shape,
  type Wrap,
  ANCHORS,
  DATUM_KINDS,
  MOST_CORNERS,
} from './place-schema';
export {
  type Blank,
  type BlankKind,
  type Photo,
  type PlaceRole,
  type Preparation,
  type Variant,
  BLANK_KINDS,
  PREPARATIONS,
  STRETCHES,
  TEXTURES,
  USES,
  blankSchema,
  idSchema,
  photoSchema,
} from './blank-schema';
export {
  type Bed,
  type CaseForm,
  type Copy,
  type Layer,
  type Lettering,
  type LetterStyle,
  type Material,
  CASE_FORMS,
  MOST_LAYERS,
  MOST_LINES,
  MOST_RUNS,
  bedSchema,
  colourSlotSchema,
  copyOf,
  faceShaSchema,
  letteringSchema,
  materialSchema,
  pageSchema,
  shopIdSchema,
} from './shop-schema';
export { type ShapeBox, shapeBox } from './shape-box';
export { measuredOf } from './twin-place';
export { sizeKey, wordKey } from './size-key';
export { upgradeBlank } from './upgrade-blank';
export { DEFAULT_BEDS, DEFAULT_BLANK, DEFAULT_LETTERINGS, DEFAULT_MATERIALS } from './defaults';
