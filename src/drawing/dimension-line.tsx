import { HOUSE } from '@/core/tokens';
import { type PlacedDimension, layoutDimensions } from './dimension-layout';

interface DimensionLineProps {
  /** Drawing units; the line runs from one point to the other, level or upright. */
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly label: string;
  /** Height of the label in drawing units. */
  readonly textSize: number;
}

const EVERYWHERE = { left: -Infinity, top: -Infinity, right: Infinity, bottom: Infinity };

/** A dimension as on a workshop drawing: a thin line with end strokes, its figure set into it. Part of an SVG. */
export function DimensionLine({ from, to, label, textSize }: DimensionLineProps) {
  const dimension =
    from[1] === to[1]
      ? ({ axis: 'level', from: from[0], to: to[0], at: [from[1]], label } as const)
      : ({ axis: 'upright', from: from[1], to: to[1], at: [from[0]], label } as const);
  return <DimensionLines dimensions={layoutDimensions([dimension], textSize, EVERYWHERE)} textSize={textSize} />;
}

interface DimensionLinesProps {
  readonly dimensions: readonly PlacedDimension[];
  readonly textSize: number;
}

/** Dimensions that were laid out together. Each has its own ground, so that it is read on cloth of any colour. */
export function DimensionLines({ dimensions, textSize }: DimensionLinesProps) {
  const thin = textSize / 14;
  return (
    <g fill="none" pointerEvents="none">
      {dimensions.map((one, i) => (
        <g key={i}>
          <path d={pathOf(one, textSize)} stroke={HOUSE.paper} strokeWidth={thin * 3.4} strokeOpacity="0.75" />
          <path d={pathOf(one, textSize)} stroke={HOUSE.ink} strokeWidth={thin} />
        </g>
      ))}
      {dimensions.map(({ label, labelAt: [x, y], isTurned, box }, i) => (
        <g key={i} data-testid="dimension">
          <rect
            x={box.left}
            y={box.top}
            width={box.right - box.left}
            height={box.bottom - box.top}
            fill={HOUSE.paper}
            fillOpacity="0.92"
          />
          <text
            x={x}
            y={y}
            dy="0.35em"
            transform={isTurned ? `rotate(-90 ${x} ${y})` : ''}
            textAnchor="middle"
            fontSize={textSize}
            fill={HOUSE.ink}
            className="measure"
          >
            {label}
          </text>
        </g>
      ))}
    </g>
  );
}

function pathOf({ from: [x1, y1], to: [x2, y2] }: PlacedDimension, textSize: number): string {
  const half = textSize * 0.45;
  const ends =
    y1 === y2
      ? `M${x1} ${y1 - half}V${y1 + half}M${x2} ${y2 - half}V${y2 + half}`
      : `M${x1 - half} ${y1}H${x1 + half}M${x2 - half} ${y2}H${x2 + half}`;
  return `${ends}M${x1} ${y1}L${x2} ${y2}`;
}
