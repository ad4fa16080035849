import { HOUSE } from '@/core/tokens';

interface DimensionLineProps {
  /** Drawing units; the line runs from one point to the other, level or upright. */
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly label: string;
  /** Height of the label in drawing units. */
  readonly textSize: number;
  readonly colour?: string;
}

/** A dimension as on a workshop drawing: a thin line with end strokes, its figure set into it. Part of an SVG. */
export function DimensionLine({ from, to, label, textSize, colour = HOUSE.ink }: DimensionLineProps) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const isLevel = y1 === y2;
  const [middleX, middleY] = [(x1 + x2) / 2, (y1 + y2) / 2];
  const half = textSize * 0.45;
  const gap = (label.length * textSize * 0.62) / 2 + textSize * 0.35;
  const isRoomy = Math.abs(isLevel ? x2 - x1 : y2 - y1) > gap * 2;
  const ends = isLevel
    ? `M${x1} ${y1 - half}V${y1 + half}M${x2} ${y2 - half}V${y2 + half}`
    : `M${x1 - half} ${y1}H${x1 + half}M${x2 - half} ${y2}H${x2 + half}`;
  const line = !isRoomy
    ? `M${x1} ${y1}L${x2} ${y2}`
    : isLevel
      ? `M${x1} ${y1}H${middleX - gap}M${middleX + gap} ${y1}H${x2}`
      : `M${x1} ${y1}V${middleY - gap}M${x1} ${middleY + gap}V${y2}`;
  const turn = isLevel ? '' : `rotate(-90 ${middleX} ${middleY})`;
  const lift = isRoomy ? 0 : isLevel ? -textSize : textSize;
  return (
    <g stroke={colour} strokeWidth={textSize / 14} fill="none">
      <path d={ends + line} />
      <text
        x={middleX}
        y={middleY + lift}
        dy="0.35em"
        transform={turn}
        textAnchor="middle"
        fontSize={textSize}
        fill={colour}
        stroke="none"
        className="measure"
      >
        {label}
      </text>
    </g>
  );
}
