import { HOUSE } from '@/core/tokens';
import { ringPath } from './ring-path';

type Points = readonly (readonly [number, number])[];

interface PlaceGroundProps {
  readonly outline: Points;
  readonly clear: readonly Points[];
  /** In drawing units. */
  readonly lineWidth: number;
  readonly colour?: string;
}

/** What ink lies in: the outline of a place and what is kept clear in it. Part of an SVG in the frame of the place. */
export function PlaceGround({ outline, clear, lineWidth, colour = HOUSE.ruleStrong }: PlaceGroundProps) {
  return (
    <g pointerEvents="none">
      <path
        d={ringPath(outline)}
        fill="none"
        stroke={colour}
        strokeWidth={lineWidth}
        strokeDasharray={`${lineWidth * 5} ${lineWidth * 3.6}`}
      />
      <ClearZones zones={clear} lineWidth={lineWidth * 0.8} colour={colour} />
    </g>
  );
}

interface ClearZonesProps {
  readonly zones: readonly Points[];
  readonly lineWidth: number;
  readonly colour: string;
}

export function ClearZones({ zones, lineWidth, colour }: ClearZonesProps) {
  return zones.map((zone, i) => (
    <path
      key={i}
      d={ringPath(zone)}
      fill={`${colour}55`}
      stroke={colour}
      strokeWidth={lineWidth}
      pointerEvents="none"
    />
  ));
}
