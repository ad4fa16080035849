/**
 * Changes of a run as functions from spec to spec: what is not named stays the very same object. Also a fresh run, the place
 * that a screen looks at, and what two people changed put together.
 */
export { newRunSpec } from './new-run';
export { addConflicts, withMineNow, withSide } from './resolve-conflicts';
export { type MergeConflict, type Merged, mergeJson } from './merge-json';
export { dropOverrides, setOverride, setOverrides } from './overrides';
export { dropLooked, setLooked } from './looked';
export { type MainPlace, type PlaceAt, type PlaceSlot, mainPlace, placeAt, placesOf } from './main-place';
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
