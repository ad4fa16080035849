/**
 * Measures: an outline → its thinnest stroke, narrowest gaps and smallest hole, by local discs along its edge.
 * What a material takes, and what is said when it is broken, belongs to fit.
 */
export {
  type MeasurableOutline,
  type NarrowGaps,
  type NarrowSpot,
  type WidthLimit,
  ABOVE_LIMIT,
  lookAtOutline,
  narrowestGaps,
  smallestHole,
  thinnestStroke,
} from './measure-outline';
export { numCrumbs } from './num-crumbs';
export { strokeContrast } from './stroke-contrast';
