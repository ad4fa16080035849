import { useId } from 'react';
import { type MaterialKind, finishOf } from '@/core/shop';

interface SwatchProps {
  readonly kind: MaterialKind;
  readonly hex: string;
  readonly sizePx?: number;
}

/** A chip of a material: its colour, and how its finish looks from a step away. */
export function Swatch({ kind, hex, sizePx = 24 }: SwatchProps) {
  const id = useId();
  const finish = finishOf(kind);
  return (
    <svg
      viewBox="0 0 24 24"
      width={sizePx}
      height={sizePx}
      className="shrink-0 rounded-sm border border-rule-strong"
      aria-hidden
    >
      <rect width="24" height="24" fill={hex} />
      {finish === 'metal' && (
        <>
          <linearGradient id={id} x1="0" y1="0" x2="1" y2="1">
            <stop offset="0.2" stopColor="#fff" stopOpacity="0" />
            <stop offset="0.45" stopColor="#fff" stopOpacity="0.75" />
            <stop offset="0.6" stopColor="#000" stopOpacity="0.25" />
            <stop offset="0.85" stopColor="#000" stopOpacity="0" />
          </linearGradient>
          <rect width="24" height="24" fill={`url(#${id})`} />
        </>
      )}
      {finish === 'glitter' &&
        GLINTS.map(([x, y], i) => <circle key={i} cx={x} cy={y} r="1.1" fill={i % 2 ? '#fff' : '#0006'} />)}
      {finish === 'flock' && <path d={PILE} stroke="#0005" strokeWidth="0.9" />}
      {finish === 'pattern' && <path d={STRIPES} stroke="#fffb" strokeWidth="3" />}
    </svg>
  );
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
