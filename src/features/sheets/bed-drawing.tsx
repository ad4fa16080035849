import { useLengths } from '@/client';
import { DimensionLine } from '@/ui';
import type { DrawnPass } from './drawn-pass';

interface BedDrawingProps {
  readonly pass: DrawnPass;
  readonly film: string;
  /** Turned over, as the lettering will be read. */
  readonly isTurned: boolean;
}

/** The bed as a dimensioned drawing: the film that is laid down, the pieces on it as they lie. */
export function BedDrawing({ pass, film, isTurned }: BedDrawingProps) {
  const { exact: whole } = useLengths();
  const { bedWidthMm, bedHeightMm, patchHeightMm } = pass;
  const textSize = Math.max(bedWidthMm / 42, bedHeightMm / 46);
  const room = textSize * 2.8;
  const turn = isTurned ? `translate(${bedWidthMm} 0) scale(-1 1)` : '';
  return (
    <svg
      role="img"
      aria-label={`Pass ${pass.no} on the bed of ${whole(bedWidthMm)} by ${whole(bedHeightMm)}: ${pass.pieces.length} pieces`}
      viewBox={`${-room} ${-room} ${bedWidthMm + room * 1.4} ${bedHeightMm + room * 1.4}`}
      className="max-h-[max(320px,calc(100vh-250px))] w-full"
    >
      <rect
        width={bedWidthMm}
        height={bedHeightMm}
        fill="none"
        stroke="#1f2529"
        strokeWidth="0.4"
        strokeDasharray="3 2"
      />
      <rect width={bedWidthMm} height={patchHeightMm} fill={film} stroke="#1f2529" strokeWidth="0.4" />
      <DimensionLine from={[0, -room / 2]} to={[bedWidthMm, -room / 2]} label={whole(bedWidthMm)} textSize={textSize} />
      <DimensionLine
        from={[-room / 2, 0]}
        to={[-room / 2, patchHeightMm]}
        label={whole(patchHeightMm)}
        textSize={textSize}
      />
      <g transform={turn} fill="#1f2529" fillOpacity="0.82" fillRule="evenodd">
        {pass.pieces.map(({ id, attempt, text, path }) => (
          <path key={`${id}#${attempt}`} d={path} data-testid="piece">
            <title>{attempt > 1 ? `${text}, cutting ${attempt}` : text}</title>
          </path>
        ))}
      </g>
    </svg>
  );
}
