import { HOUSE } from '@/core/tokens';
import type { Blank, ShapeBox } from '@/core/shop';
import { type BlankShape, type Taper, blankShape } from './blank-shapes';
import type { Bounds } from './dimension-layout';
import { lineOn } from './line-on';

interface BlankFormProps {
  readonly kind: Blank['kind'];
  /** As it is laid: flat, folded, or as wide as it is seen. */
  readonly body: ShapeBox;
  readonly hex: string;
  /** Of round goods; left out: as its kind usually is. */
  readonly taper?: Taper | null;
  /** Only what is filled, without lines: a shade over it. */
  readonly isShade?: boolean;
}

/** A blank as the thing that it is, true to its body's measures. Part of an SVG, the body's top left corner at the origin. */
export function BlankForm({ kind, body, hex, taper = null, isShade = false }: BlankFormProps) {
  const { outline, lines, around } = blankShape(kind, body, taper);
  const pen = { vectorEffect: 'non-scaling-stroke', strokeWidth: 1.2 } as const;
  if (isShade)
    return <path transform={`scale(${body.widthMm} ${body.heightMm})`} d={outline} fill={hex} pointerEvents="none" />;
  return (
    <g
      transform={`scale(${body.widthMm} ${body.heightMm})`}
      strokeLinejoin="round"
      strokeLinecap="round"
      pointerEvents="none"
    >
      {around && <path d={around} fill="none" stroke={HOUSE.ink} {...pen} />}
      <path d={outline} fill={hex} stroke={HOUSE.ink} {...pen} />
      <path d={lines} fill="none" stroke={lineOn(hex)} strokeOpacity="0.55" {...pen} />
    </g>
  );
}

/** All that is drawn of a blank, in millimetres from the top left corner of its body. */
export function blankBounds(kind: Blank['kind'], body: ShapeBox): Bounds {
  const { beyond }: BlankShape = blankShape(kind, body);
  const { widthMm: w, heightMm: h } = body;
  return {
    left: -beyond.left * w,
    top: -beyond.top * h,
    right: (1 + beyond.right) * w,
    bottom: (1 + beyond.bottom) * h,
  };
}
