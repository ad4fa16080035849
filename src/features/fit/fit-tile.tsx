import { memo } from 'react';
import { type Lengths, findingSentence, inkTransform } from '@/client';
import { type Finding, worstSeverity } from '@/core/finding';
import type { Measures } from '@/core/fit';
import type { ShapeBox } from '@/core/run';
import { SeverityTag } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';
import type { TilePlace } from './tile-place';

interface FitTileProps {
  /** Place on the wall from 1. */
  readonly no: number;
  readonly numFits: number;
  readonly fit: ScreenFit;
  readonly path: string;
  readonly place: TilePlace;
  /** What every tile shows, whatever its own place measures. */
  readonly shown: ShapeBox;
  readonly film: string;
  readonly lengths: Lengths;
}

/** Cloth shown around the place, so that its edge can be seen. */
const AROUND_MM = 6;

/** One fit, drawn by its cut outline. Every tile shows the same millimetres, so that two can be compared by eye. */
export const FitTile = memo(function FitTile({ no, numFits, fit, path, place, shown, film, lengths }: FitTileProps) {
  const { widthMm, heightMm } = shown;
  const worst = worstSeverity(fit.findings);
  const text = fit.text.join(' ');
  return (
    <div role="listitem" aria-posinset={no} aria-setsize={numFits} className="min-w-0" data-testid="fit">
      <svg
        role="img"
        aria-label={`${text} in its place`}
        viewBox={`${(place.box.widthMm - widthMm) / 2 - AROUND_MM} ${(place.box.heightMm - heightMm) / 2 - AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
        className={`w-full ${worst === 'stop' ? 'border-[3px] border-madder' : ''}`}
        style={{ background: place.cloth }}
      >
        <path d={place.outline} fill="none" stroke="#8d8776" strokeWidth="0.5" strokeDasharray="2.5 1.8" />
        {place.clear.map((zone) => (
          <path key={zone} d={zone} fill="#8d877655" stroke="#8d8776" strokeWidth="0.4" />
        ))}
        {place.usable && (
          <rect
            x={place.usable.xMm}
            y={place.usable.yMm}
            width={place.usable.widthMm}
            height={place.usable.heightMm}
            fill="none"
            stroke="#8d8776"
            strokeWidth="0.3"
            strokeDasharray="0.8 1.2"
          />
        )}
        <path d={path} fill={film} fillRule="evenodd" transform={inkTransform(fit, fit.emMm / PATH_UNITS_PER_EM)} />
        <g transform={inkTransform(fit, 1)}>
          <BrokenSpots fit={fit} />
        </g>
      </svg>
      <div className="mt-1 flex items-start justify-between gap-2">
        <h2 className="min-w-0 font-semibold break-words">{text}</h2>
        {worst && worst !== 'note' && <SeverityTag severity={worst} />}
      </div>
      {fit.emMm > 0 && (
        <p className="measure text-[0.82rem] text-soft">
          <span title="cap height">
            {lengths.figure(fit.capHeightMm)} {lengths.word} cap
          </span>{' '}
          · <span title="ink, width × height">{lengths.pair(fit.inkWidthMm, fit.inkHeightMm)}</span>
          {place.variantWords && ` · ${place.variantWords}`}
        </p>
      )}
      {fit.measures && <MeasureLine measures={fit.measures} lengths={lengths} />}
      {fit.findings.map((finding) => (
        <p key={finding.kind} className={`text-[0.86rem] ${finding.severity === 'note' ? 'text-soft' : 'text-ink'}`}>
          {findingSentence(finding)}
        </p>
      ))}
    </div>
  );
});

const MEASURES = [
  ['stroke', 'thinnest stroke', 'thinStroke'],
  ['gap', 'narrowest gap', 'narrowGap'],
  ['hole', 'smallest hole', 'smallHole'],
] as const;

/** What decides whether it can be weeded; what is far from any limit is left out. */
function MeasureLine({ measures, lengths }: { readonly measures: Measures; readonly lengths: Lengths }) {
  const said = MEASURES.flatMap(([part, words]) => {
    const spot = measures[part];
    return spot ? [{ part, words, figure: lengths.figure(spot.widthMm, 2) }] : [];
  });
  if (said.length === 0) return null;
  return (
    <p className="font-narrow text-[0.82rem] text-soft">
      {said.map(({ part, words, figure }) => (
        <span key={part} title={words} className="mr-2.5">
          {part} <span className="measure">{figure}</span>
        </span>
      ))}
      <span className="measure">{lengths.word}</span>
    </p>
  );
}

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
