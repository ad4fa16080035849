import { FinishMarks, MARKS_SIDE } from './finish-marks';
import type { MaterialLook } from './material-look';

/** Side of the square of marks on a piece: small enough to be seen in a name, large enough to be told from another. */
const MARKS_MM = 5;

interface FilmPatternProps {
  readonly id: string;
  readonly look: MaterialLook;
  /** Of the path that it fills, in its own units. */
  readonly mmPerUnit: number;
}

/** What a film looks like, to be filled with by its id. */
export function FilmPattern({ id, look: { hex, finish, runs }, mmPerUnit }: FilmPatternProps) {
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={MARKS_SIDE}
      height={MARKS_SIDE}
      patternTransform={`scale(${MARKS_MM / MARKS_SIDE / mmPerUnit})`}
    >
      <rect width={MARKS_SIDE} height={MARKS_SIDE} fill={hex} />
      <FinishMarks finish={finish} runs={runs} id={`${id}m`} />
    </pattern>
  );
}
