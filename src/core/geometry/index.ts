/**
 * Polygons with holes in integer coordinates: flatten curves, join overlaps into islands, transform, bound.
 * Knows nothing of letters, places or beds; what a unit of its integers means is the caller's business.
 */
export { type Ring, type Island, type Outline, EMPTY_OUTLINE, mapOutline, numPoints, outlineRings } from './outline';
export { type Box, boxHeight, boxOfRings, boxWidth, boxesTouch } from './box';
export { outlineArea, ringArea } from './area';
export { isPointInRing } from './containment';
export { flattenCubic, flattenQuadratic } from './flatten';
export { type FillRule, joinOutlines, joinRings } from './join-rings';
export { type LineStyle, strokeRings } from './stroke-rings';
export { type Growing, growOutline } from './grow-outline';
export { takeOut, thinned, thinnedRings } from './take-out';
export { boxRing } from './box-ring';
export { crossingsAt } from './crossings';
export { movedRing } from './moved-ring';
export { backwardRing } from './backward-ring';
export { sweepOutline } from './sweep-outline';
export { leastIslandGap } from './island-gap';
export { type Disc, largestDisc } from './largest-disc';
export { cutOrder } from './cut-order';
export { CLIPPER_VERSION } from './clipper';
export {
  type OutlineNumbers,
  outlineFromNumbers,
  outlineSha,
  outlineToNumbers,
  shaOfOutline,
  hashWith,
  writeOutline,
} from './outline-text';
export { isSameOutline } from './same-outline';
export { turnOutline } from './turn-outline';
