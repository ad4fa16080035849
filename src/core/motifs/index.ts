/**
 * Motifs: from a drawing to parts that can be cut, one for each colour. Whatever is in the file, what comes out is geometry of ours;
 * a drawing that asks for anything else is refused with the reason.
 */
export { type ReadMotif, readMotif } from './read-motif';
export { STARTER_MOTIFS } from './starter-motifs';
export { writeMotif } from './write-motif';
export {
  type LeftOut,
  type LeftOutKind,
  type NotPlain,
  type Counted,
  MOST_SVG_BYTES,
  type SvgProblem,
} from './svg-problem';
