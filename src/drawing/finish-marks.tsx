import type { MaterialLook } from './material-look';

/** Side of the square that the marks are drawn in, and that is repeated over a piece. */
export const MARKS_SIDE = 24;

interface FinishMarksProps extends Pick<MaterialLook, 'finish' | 'runs'> {
  readonly id: string;
}

/** What a finish shows over its colour, in a square. */
export function FinishMarks({ finish, runs, id }: FinishMarksProps) {
  switch (finish) {
    case 'plain':
      return null;
    case 'metal':
      return (
        <>
          <linearGradient id={id} x1="0" y1="0" x2="1" y2="1">
            <stop offset="0.2" stopColor="#fff" stopOpacity="0" />
            <stop offset="0.45" stopColor="#fff" stopOpacity="0.75" />
            <stop offset="0.6" stopColor="#000" stopOpacity="0.25" />
            <stop offset="0.85" stopColor="#000" stopOpacity="0" />
          </linearGradient>
          <rect width={MARKS_SIDE} height={MARKS_SIDE} fill={`url(#${id})`} />
        </>
      );
    case 'glitter':
      return GLINTS.map(([x, y], i) => <circle key={i} cx={x} cy={y} r="1.1" fill={i % 2 ? '#fff' : '#0006'} />);
    case 'flock':
      return <path d={PILE} stroke="#0005" strokeWidth="0.9" />;
    case 'pattern':
      return runs === null ? (
        <path d={STRIPES} stroke="#fffb" strokeWidth="3" />
      ) : (
        <g transform={runs === 'across' ? `rotate(-90 ${MARKS_SIDE / 2} ${MARKS_SIDE / 2})` : undefined} fill="none">
          <path d="M0 0V24M12 0V24M24 0V24" stroke="#fff9" strokeWidth="2" />
          <path d={CHEVRONS} stroke="#0007" strokeWidth="1.4" />
        </g>
      );
  }
}

const GLINTS: readonly (readonly [number, number])[] = [
  [4, 5],
  [11, 3],
  [18, 6],
  [7, 11],
  [14, 10],
  [21, 13],
  [4, 17],
  [11, 18],
  [17, 20],
  [21, 21],
];

/** Short strokes of the pile, all leaning one way. */
const PILE = [4, 10, 16, 22].flatMap((y) => [3, 8, 13, 18].map((x) => `M${x} ${y}l2-3`)).join('');

const STRIPES = 'M-4 8L8 -4M-4 18L18 -4M-2 28L28 -2M8 30L30 8';

/** They tell a pattern that reads downwards from one that reads up. */
const CHEVRONS = 'M3 6l3 3l3-3M15 6l3 3l3-3M3 18l3 3l3-3M15 18l3 3l3-3';
