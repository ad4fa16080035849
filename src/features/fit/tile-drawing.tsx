import { inkTransform } from '@/client';
import type { Finding } from '@/core/finding';
import type { ShapeBox } from '@/core/shop';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';
import type { ComparedFit, ScreenFit } from '@/workers/fit-protocol';
import type { TilePlace } from './tile-place';

/** Cloth shown around the place, so that its edge can be seen. */
const AROUND_MM = 6;

interface TileDrawingProps {
  readonly label: string;
  readonly fit: ScreenFit | ComparedFit;
  readonly path: string;
  readonly place: TilePlace;
  /** What every tile shows, whatever its own place measures. */
  readonly shown: ShapeBox;
  readonly film: string;
  readonly isStopped: boolean;
}

/** One text on its place, drawn by its cut outline. */
export function TileDrawing({ label, fit, path, place, shown, film, isStopped }: TileDrawingProps) {
  const { widthMm, heightMm } = shown;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${(place.box.widthMm - widthMm) / 2 - AROUND_MM} ${(place.box.heightMm - heightMm) / 2 - AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
      className={`w-full ${isStopped ? 'border-[3px] border-madder' : ''}`}
      style={{ background: place.cloth }}
    >
      <path d={place.outline} fill="none" stroke="#8d8776" strokeWidth="0.5" strokeDasharray="2.5 1.8" />
      {place.clear.map((zone) => (
        <path key={zone} d={zone} fill="#8d877655" stroke="#8d8776" strokeWidth="0.4" />
      ))}
      <path d={path} fill={film} fillRule="evenodd" transform={inkTransform(fit, fit.emMm / PATH_UNITS_PER_EM)} />
      {'findings' in fit && (
        <g transform={inkTransform(fit, 1)}>
          <BrokenSpots fit={fit} />
        </g>
      )}
    </svg>
  );
}

export const MEASURES = [
  ['stroke', 'thinnest stroke', 'thinStroke'],
  ['gap', 'narrowest gap', 'narrowGap'],
  ['hole', 'smallest hole', 'smallHole'],
] as const;

const RING_MM = 3.2;

/** Rings around the spots that break a limit. */
function BrokenSpots({ fit: { measures, findings } }: { readonly fit: ScreenFit }) {
  const isBroken = (kind: Finding['kind']) =>
    findings.some((finding) => finding.kind === kind && finding.severity !== 'note');
  return MEASURES.map(([part, words, kind]) => {
    const spot = measures?.[part];
    if (!spot || !isBroken(kind)) return null;
    return (
      <g key={part} fill="none">
        <title>{words}</title>
        <circle cx={spot.xMm} cy={spot.yMm} r={RING_MM} stroke="#fbf8f0" strokeWidth="1.6" />
        <circle cx={spot.xMm} cy={spot.yMm} r={RING_MM} stroke="#9d2f26" strokeWidth="0.8" />
      </g>
    );
  });
}
