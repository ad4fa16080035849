/** Cut files: a made pass → the bytes a cutter takes. Reads frozen passes only, and never computes a position itself. */
export { linesPath, pathData, writeSvg } from './write-svg';
