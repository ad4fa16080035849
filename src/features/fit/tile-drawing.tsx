import { HOUSE } from '@/core/tokens';
import { type ShownMeasure, shownMeasures } from '@/core/figures';
import type { ShapeBox } from '@/core/shop';
import { BlankGround, type DrawnLayer, Ink, PlaceGround, layerTransform } from '@/drawing';
import type { ComparedFit, ScreenFit } from '@/workers/fit-protocol';
import type { TilePlace } from './tile-place';

/** Cloth shown around the place, so that its edge can be seen. */
const AROUND_MM = 6;

interface TileDrawingProps {
  readonly label: string;
  readonly fit: ScreenFit | ComparedFit;
  readonly layers: readonly DrawnLayer[];
  readonly place: TilePlace;
  /** What every tile shows, whatever its own place measures. */
  readonly shown: ShapeBox;
  readonly isStopped: boolean;
  /** The layer that the others give way to; left out: none. */
  readonly lifted?: string | null;
}

/** One text on its place, drawn by its cut outlines. */
export function TileDrawing({ label, fit, layers, place, shown, isStopped, lifted = null }: TileDrawingProps) {
  const { widthMm, heightMm } = shown;
  const { spot, inkWidthMm, inkHeightMm } = fit;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${(place.box.widthMm - widthMm) / 2 - AROUND_MM} ${(place.box.heightMm - heightMm) / 2 - AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
      className={`w-full bg-paper ${isStopped ? 'border-[3px] border-madder' : ''}`}
    >
      {!place.isBare && (
        <BlankGround kind={place.kind} place={place} hex={place.cloth} isRolledOut={place.isRolledOut} />
      )}
      <PlaceGround outline={place.outline} clear={place.clear} lineWidth={0.5} />
      {spot && <Ink layers={layers} lifted={lifted} />}
      {spot && 'findings' in fit && (
        <g transform={layerTransform({ spot, widthMm: inkWidthMm, heightMm: inkHeightMm, mmPerUnit: 1 })}>
          <BrokenSpots measures={shownMeasures(fit)} />
        </g>
      )}
    </svg>
  );
}

export const MEASURE_WORDS: Readonly<Record<ShownMeasure['part'], string>> = {
  stroke: 'thinnest stroke',
  gap: 'narrowest gap',
  hole: 'smallest hole',
};

const RING_MM = 3.2;

/** Rings around the spots that break a limit. */
function BrokenSpots({ measures }: { readonly measures: readonly ShownMeasure[] }) {
  return measures
    .filter(({ isAtSpot }) => isAtSpot)
    .map(({ key, part, spot }) => (
      <g key={key} fill="none">
        <title>{MEASURE_WORDS[part]}</title>
        <circle cx={spot.xMm} cy={spot.yMm} r={RING_MM} stroke={HOUSE.paper} strokeWidth="1.6" />
        <circle cx={spot.xMm} cy={spot.yMm} r={RING_MM} stroke={HOUSE.madder} strokeWidth="0.8" />
      </g>
    ));
}
