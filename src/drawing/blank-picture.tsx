import type { Blank, Variant } from '@/core/shop';
import { blankShape } from './blank-shapes';
import { lineOn } from './line-on';

interface BlankPictureProps {
  readonly kind: Blank['kind'];
  readonly variant: Pick<Variant, 'body' | 'colour'>;
  readonly className: string;
}

/** A blank as the thing that it is, in its own colour and proportion; a picture beside its name, which tells it. */
export function BlankPicture({ kind, variant: { body, colour }, className }: BlankPictureProps) {
  const { outline, lines, around, beyond } = blankShape(kind, body);
  const { widthMm: w, heightMm: h } = body;
  const margin = Math.max(w, h) * 0.03;
  const [left, top] = [-beyond.left * w - margin, -beyond.top * h - margin];
  const width = (1 + beyond.left + beyond.right) * w + 2 * margin;
  const height = (1 + beyond.top + beyond.bottom) * h + 2 * margin;
  return (
    <svg viewBox={`${left} ${top} ${width} ${height}`} className={className} aria-hidden>
      <g transform={`scale(${w} ${h})`} strokeLinejoin="round" strokeLinecap="round">
        {around && (
          <path d={around} fill="none" className="stroke-ink" strokeWidth="1.2" vectorEffect="non-scaling-stroke" />
        )}
        <path
          d={outline}
          fill={colour.hex}
          className="stroke-ink"
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={lines}
          fill="none"
          stroke={lineOn(colour.hex)}
          strokeWidth="1"
          strokeOpacity="0.7"
          vectorEffect="non-scaling-stroke"
        />
      </g>
    </svg>
  );
}
