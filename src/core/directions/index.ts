/** Directions of writing: which parts of a line run to the left, and in what order the parts are seen. What is drawn belongs to others. */
export { type Directed, directedParts, runsLeft } from './directed-parts';
export { inOrderSeen } from './order-seen';
export { levelsIn } from './levels';
