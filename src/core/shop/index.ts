/**
 * What a shop keeps and a run takes copies of: blanks with their measured places, materials, beds, letterings; what follows
 * from a kind of material; the faces that ship, and what a bare shop begins with. What a run decides belongs to spec.
 */
export {
  type FaceChoice,
  EVEN_STACK,
  aboveAsOthers,
  aboveLine,
  featuresOfLetter,
  firstLineLarge,
  linesAlike,
  sizeShareOf,
  withAlternate,
  withFace,
  withLetterFeature,
  withLeastGap,
  withLineStyle,
} from './line-styles';
export { type CommonStyle, commonStyle, faceNameOf, formOf, lineStandOf, ownFacesOf, styleOf } from './letter-style';
export { type Process, type PieceStage, PROCESSES, PIECE_STAGES, isCut, processFacts, stagesOf } from './process';
export {
  type FinestCut,
  type Finish,
  type MaterialKind,
  MATERIAL_KINDS,
  bearsFilm,
  finishOf,
  kindFacts,
  processOf,
} from './material-kind';
export {
  type ShippedFace,
  SHIPPED_FACES,
  BRASS_SCRIPT_SHA,
  HEAVY_SLAB_SHA,
  STAND_BLOCK_SHA,
  faceFilePath,
  faceUrl,
  isShippedFace,
} from './shipped-faces';
export { type FaceAxes, MOST_AXES, faceKey, faceKeySchema, partsOfFaceKey } from './face-key';
export {
  type FaceAxis,
  type FacePermit,
  type OwnFace,
  keyOfOwnFace,
  mayTravel,
  permitOfBits,
  ownFaceSchema,
} from './own-face-schema';
export {
  centringSchema,
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
  nameSchema,
  photoSchema,
} from './blank-schema';
export { type OwnBend, FIRST_BEND, ownBends } from './own-bends';
export { BEND_WAYS, FRAMES, MONOGRAM_SHAPES, OTHER_LINES, bendSchema } from './setting-schema';
export {
  type Bed,
  type Bend,
  type CaseForm,
  type Copy,
  type Frame,
  type Lettering,
  type LetteringForm,
  type LineStand,
  type MonogramSetting,
  type MonogramShape,
  type Stack,
  type LetterStyle,
  type Bought,
  type Material,
  CASE_FORMS,
  MOST_LAYERS,
  MOST_LINES,
  MOST_RUNS,
  bedSchema,
  boughtSchema,
  copyOf,
  letteringSchema,
  materialSchema,
  pageSchema,
  shopIdSchema,
} from './shop-schema';
export {
  type Backing,
  type Body,
  type BorderMake,
  type EdgeTool,
  type Fold,
  type Layer,
  type LayerMake,
  type LayerUnder,
  type LineTool,
  type Reach,
  type Sewing,
  type StringHole,
  LINE_TOOLS,
  carrierIn,
  carriesLines,
  edgeToolSchema,
  colourSlotSchema,
  hasLayerFor,
} from './layer-schema';
export {
  type Motif,
  type MotifPart,
  MOST_MOTIF_PARTS,
  MOST_MOTIF_POINTS,
  MOTIF_UNITS,
  motifSchema,
  pointsOf,
} from './motif-schema';
export { type FabricClass, FABRIC_CLASSES, fabricClassOf, fabricFacts, usualCeilingC } from './fabric-class';
export {
  type Heater,
  type Peel,
  type PressCard,
  BACK_SIDES,
  COVERS,
  HEATERS,
  PEELS,
  PRESSURES,
  changeRange,
  pressCardSchema,
} from './press-card';
export { type ShapeBox, shapeBox } from './shape-box';
export { measuredOf } from './twin-place';
export { isWholeBlank } from './whole-blank';
export { sizeKey, wordKey } from './size-key';
export { upgradeBlank } from './upgrade-blank';
export { type MaterialPart, changeKind, materialDifferences } from './change-material';
export { NEW_MATERIAL, STARTER_MATERIALS } from './starter-materials';
export { DEFAULT_CARDS, NEW_CARD, heaterFacts } from './starter-cards';
export {
  NEW_BED,
  NEW_LETTERING,
  DEFAULT_BEDS,
  DEFAULT_BLANK,
  DEFAULT_LETTERINGS,
  DEFAULT_MATERIALS,
  NOTHING_SAID,
} from './defaults';
export { type ValueDifference, valueDifferences } from './value-differences';
