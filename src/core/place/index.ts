/**
 * Places: measures of a blank → the outline and the rectangle that lettering may use, what of it is seen, where ink comes
 * to lie, and what is wrong with the measures. Plain sums in millimetres; letters are drawn elsewhere.
 */
export { type SeenMap, seenMap } from './as-seen';
export { BODY_MIDDLE, centredDown } from './centred';
export { type CentringReport, centringReport } from './centring';
export { type InkOnBlank, inkOnBlank, nearestOnBlank } from './on-blank';
export { type PlacedHole, besideHole, holeInPlace } from './hole-in-place';
export { type Aside, keptOff } from './kept-off';
export { type AxisAim, type Block, type FreeSpace, type HalfPlane, aimedAt, boxInPlace, freeSpace } from './free-space';
export { hullOf } from './convex-parts';
export { type PlaceGeometry, placeGeometry } from './place-geometry';
export { type PlaceCurve, placeCurve } from './place-curve';
export { type PlaceProblem } from './place-problems';
export { type PlaceRect, inscribedRect } from './inscribed-rect';
export { type ReadingDeg } from './anchor-shares';
export { type InkPart, type Spot, boxAt, cornerAsRead, inkOrigin, inkToPlace, spotOfPart } from './spot';
export { type Ring, ringArea, shapeRing } from './shape-ring';
export { type Face, type SeenItem, facesSeenTogether, seenItem, taperOf } from './seen-item';
export { type SeenAcross, deepest, seenWhenCurved, seenWhenFilled } from './seen-across';
export { type RoundGoods, diameterAt, slantMm, unrolled } from './unroll';
export { type Suggestion, suggestionsFor } from './suggest';
export { tracedPlace } from './traced';
export { type Paper, type TemplatePage, OVERLAP_MM, PAPERS, PAPER_MARGIN_MM, templatePages } from './template-pages';
