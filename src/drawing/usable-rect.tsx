import type { PlaceGeometry } from '@/core/place';

interface UsableRectProps {
  readonly geometry: PlaceGeometry;
  readonly colour: string;
  /** In drawing units. */
  readonly lineWidth: number;
}

/** The rectangle that lettering takes in a place that is none. Part of an SVG, in the frame of the place. */
export function UsableRect({ geometry: { usable, isInscribed }, colour, lineWidth }: UsableRectProps) {
  if (!isInscribed || !usable) return null;
  return (
    <rect
      x={usable.xMm}
      y={usable.yMm}
      width={usable.widthMm}
      height={usable.heightMm}
      fill="none"
      stroke={colour}
      strokeWidth={lineWidth}
      strokeDasharray={`${lineWidth * 2} ${lineWidth * 3}`}
      pointerEvents="none"
    />
  );
}
