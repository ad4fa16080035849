/**
 * Colour: how well a film is told from what it lies on, as an eye sees it. Which film lies on what belongs to fit.
 */
export { type ContrastProblem, contrastOf, contrastProblem, lightnessOf } from './contrast';
