/**
 * Drawing: ink by its cut outline in a place on a blank, with dimension lines; the one way in which every screen draws it. Where ink
 * lies is carried by the fit or by what was frozen of it, never worked out here.
 */
export {
  type DrawnLayer,
  type FilmOf,
  type FrozenIslands,
  UNKNOWN_FILM,
  asRead,
  boxOfLayers,
  filmsOf,
  frozenLayer,
  frozenLines,
  keptLayers,
  layerTransform,
  layersOfFit,
  movedPath,
} from './drawn-layer';
export { type Bounds, type Dimension, layoutDimensions } from './dimension-layout';
export { DimensionLine, DimensionLines } from './dimension-line';
export { FilmPattern } from './film-pattern';
export { grownPreview } from './grown-preview';
export { Ink, inkLook } from './ink';
export { lineOn, pieceOn } from './line-on';
export { ClearZones, PlaceGround } from './place-ground';
export { islandsPath, ringPath } from './ring-path';
export { rectSteps } from './ring-steps';
export { BlankForm, blankBounds } from './blank-form';
export { BlankGround } from './blank-ground';
export { BlankPicture } from './blank-picture';
export { type InkedFace, ItemPicture } from './item-picture';
export { SeenInk } from './seen-ink';
export { SampleDrawing } from './sample-drawing';
export { Swatch } from './swatch';
export { UsableRect } from './usable-rect';
export { type MaterialLook, PLAIN, lookOfMaterial } from './material-look';
export { MotifDrawing } from './motif-drawing';
