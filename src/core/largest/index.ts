/**
 * The largest fit: drawn ink × a free space → the largest size at which it lies there, the largest that lies where it is wanted, and
 * where ink of a smaller size comes to lie. Size rules and what is cut belong to fit, what is said of it to checks.
 */
export { type InkShape, type InkSource, inkShape } from './ink-shape';
export { type LargestFit, largestFit } from './largest-fit';
export { type HeldFit, MOST_FOR_MIDDLE, MOST_FOR_SIDE, MOST_LOOKED_DOWN, heldFit, offMiddle } from './held-fit';
export { lieNear } from './lie-near';
export { gainWithoutExtenders } from './without-extenders';
export { gainInLoops } from './in-loops';
export { type Lie, inkWalls, isFree } from './ink-in-space';
