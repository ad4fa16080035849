/**
 * How pieces are pressed: which card holds for a film on a blank with a heater, the heat that nothing forbids, and what is done in
 * which order. The makers' sheets win over every value here.
 */
export { type HeatLimit, type PressAnswer, type PressQuestion, pressFor } from './press-for';
export { type InkSize, type PressStep, pressSteps, stepsWithoutHeat } from './press-steps';
export { clockOf, clocksOf } from './press-clocks';
export { type AgainPlan, pressAgain } from './press-again';
export { type Caution, pressCautions } from './cautions';
export { otherFilms } from './other-films';
export { type CutPiece, type PressRow, pressRows } from './press-rows';
export { type PlacePress, type PressedPlace, heatedSecondsOf, pressPlace, setAtPress } from './press-place';
