/**
 * The largest fit: drawn ink × a free space → the largest size at which it lies there, and where ink of a smaller size comes
 * to lie. Size rules, findings and what is cut belong to fit.
 */
export { type InkShape, inkShape } from './ink-shape';
export { type LargestFit, gainWithoutExtenders, largestFit, largestHeldFit, lieNear } from './largest-fit';
export { type Lie, inkWalls, isFree } from './ink-in-space';
