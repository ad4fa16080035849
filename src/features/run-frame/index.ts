/** What stands around every step of a run. */
export { RunFrame } from './run-frame';
export { GUIDE_KEY, GUIDE_LEFT, guideWord } from './guide-steps';
