/**
 * Changes of a run as functions from spec to spec: what is not named stays the very same object. Also a fresh run, the place
 * that a screen looks at, and what two people changed put together.
 */
export { newRunSpec } from './new-run';
export {
  type LettersAre,
  type LettersWish,
  type ShapeKind,
  type ShapeLayer,
  type ShapeMake,
  addLayer,
  changeLayer,
  changeLineWidth,
  changeUnder,
  dropLayer,
  firstLine,
  lettersAre,
  mayAddLayer,
  setApart,
  setLetters,
  shapeLayersOf,
} from './layers';
export { type Arrangement, type LeastTold, arrangementsFor, takeArrangement } from './arrangements';
export {
  type PartAt,
  addLine,
  addPart,
  changePartWords,
  chooseLetters,
  colourPart,
  dropLetters,
  dropLine,
  dropPart,
  facePart,
  letterColours,
  mayAddColour,
  mayAddLine,
  mayAddPart,
  moveLine,
} from './parts';
export { movedTo } from './moved-to';
export {
  changeMotif,
  changeMotifHeight,
  changeMotifPart,
  changeMotifSpot,
  changeMotifTool,
  dropMotif,
  mayBeOwnHeight,
  motifToolIn,
  mayTakeMotif,
  motifSlotName,
  takeMotif,
} from './motifs';
export { changeWho, toggleTaker, toggleValue } from './change-who';
export { changeFilmColumn, nameFilm } from './change-films';
export { type ChangedBorders, changedBorders } from './changed-borders';
export { firstFilm } from './first-film';
export { filmsOfColour, leaveFilmOpen, settleFilm } from './open-films';
export { type ShopCopies, withShop } from './with-shop';
export { addConflicts, withMineNow, withSide } from './resolve-conflicts';
export { type MergeConflict, type Merged, mergeJson } from './merge-json';
export { dropOverrides, setOverride, setOverrides } from './overrides';
export { type LetterAt, type LetterChange, changeOwnLetter, mayChangeLetter, ownLetterAt } from './own-letters';
export {
  type ClassRule,
  type SizeClass,
  firstClassRule,
  heightToChoose,
  mayChooseHeight,
  sizeClasses,
  withClassHeight,
} from './size-classes';
export { dropLooked, setLooked } from './looked';
export { type MainPlace, type PlaceAt, type PlaceSlot, mainPlace, placeAt, placesOf } from './main-place';
export {
  changeLettering,
  chooseLettering,
  changeHead,
  changeList,
  changeMonogram,
  changeWordingAt,
  changeLayout,
  changeLeastHeight,
  changeFilmBed,
  takeLettering,
  changeLines,
  changeMaterialValue,
  putCardCopy,
  putMaterialCopy,
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
