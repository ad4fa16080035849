/** What stands around every step of a run. */
export { RunFrame } from './run-frame';
