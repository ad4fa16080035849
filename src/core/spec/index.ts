/**
 * The run as one value that a person decides: its schema, the references in it, older specs brought up, what of it is found by
 * id. Changing it belongs to edit, what follows from it to resolve.
 */
export { isMonogramLine } from './monogram-line';
export { fieldOf } from './field-of';
export {
  type FitRef,
  type PieceParts,
  type TextRef,
  ITEM_ID_PATTERN,
  PIECE_ID_PATTERN,
  fitKeyIn,
  fitKeyOf,
  itemIdOf,
  layerKeyOf,
  pieceIdIn,
  pieceIdOf,
  readItemId,
  readPieceId,
  readTextKey,
  textKeyOf,
} from './refs';
export { facesUsed } from './faces-used';
export { upgradeSpec } from './upgrade-spec';
export {
  type BlankUse,
  type Entry,
  type LayoutWish,
  type ListReading,
  type Looked,
  type MotifSpot,
  type MotifUse,
  type Override,
  type OwnLetter,
  type OwnSize,
  type PlaceUse,
  type ProofTick,
  type Remedies,
  type RemedyKind,
  type RunSpec,
  type SizeGroup,
  type SizeRule,
  type SingleLetters,
  type ToNext,
  type Wording,
  type WordingRun,
  LETTER_LIMITS,
  MOST_CLASSES,
  MOST_OWN_LETTERS,
  MOST_RUN_MOTIFS,
  MOTIF_SPOTS,
  REMEDIES,
  SINGLE_LETTERS,
  SPEC_VERSION,
  WIDTH_SHARES,
  runSpecSchema,
} from './run-spec';
export {
  findBed,
  findBlank,
  findLettering,
  findMaterial,
  findMotif,
  findPlaceUse,
  findSizeGroup,
  variantFor,
} from './lookup';
export { type ColumnValue, type WithoutBlank, columnValues, getsBlank, takenValues, withoutBlank } from './who';
export {
  type EntryFilms,
  type FilmMissing,
  type FilmRule,
  type FilmValue,
  filmValues,
  filmsOf,
  materialIdsOf,
} from './films';
export { type BedRoom, type BedRooms, bedRoomOf, bedsOf, edgeOf, isOnce, mayTurn } from './bed-room';
export { type MotifMake, type PlaceLayer, liesOn, liesOver, placeLayers, takesOwnFilm } from './place-layers';
export { type SpecFault, specFaults } from './spec-faults';
export { slotsOfRun, slotsSaid } from './slots-said';
export { DEFAULT_BAND, DEFAULT_GROUP, DEFAULT_REMEDIES } from './fit-defaults';
export { DEFAULT_LIST, DEFAULT_MONOGRAM, wordingOf } from './list-defaults';
export { type OverrideSet, type OwnSettings, letteringIdOf, letteringOfText, ownSettingsAt } from './own-settings';
export { lookedKey } from './looked-key';
export { placeNameIn } from './place-name';
export { UNREAD_QUANTITY } from './entry-fields';
