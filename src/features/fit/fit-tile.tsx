import { memo } from 'react';
import { type Lengths, useFindingWords } from '@/client';
import { areaWords } from '@/core/units';
import { factsOf, layerWord, nameOfFit, saidBeside, shownMeasures } from '@/core/figures';
import { type Finding, findingKey, worstSeverity } from '@/core/finding';
import type { ShapeBox } from '@/core/shop';
import type { DrawnLayer } from '@/drawing';
import { SeverityTag, TickBox } from '@/ui';
import type { ComparedFit, ScreenFit } from '@/workers/fit-protocol';
import { fitKey } from './fit-key';
import { MEASURE_WORDS, TileDrawing } from './tile-drawing';
import type { TilePlace } from './tile-place';

interface FitTileProps {
  /** Place on the wall from 1. */
  readonly no: number;
  readonly numFits: number;
  readonly fit: ScreenFit;
  readonly layers: readonly DrawnLayer[];
  readonly place: TilePlace;
  /** What every tile shows, whatever its own place measures. */
  readonly shown: ShapeBox;
  readonly lengths: Lengths;
  /** The layer that the others give way to; null: none. */
  readonly lifted: string | null;
  readonly isFocused: boolean;
  readonly isChosen: boolean;
  readonly onFocus: (key: string) => void;
  readonly onToggle: (key: string, isRange: boolean) => void;
  /** The same text in another lettering. */
  readonly other: OtherFit | null;
  /** What it is sized with, as the list says it; null where sizes go by no class. */
  readonly ofClass: string | null;
}

export interface OtherFit {
  readonly fit: ComparedFit;
  readonly layers: readonly DrawnLayer[];
}

/** One fit. Every tile shows the same millimetres, so that two can be compared by eye; a click decides on it, a tick chooses it. */
export const FitTile = memo(function FitTile(props: FitTileProps) {
  const {
    no,
    numFits,
    fit,
    layers,
    place,
    shown,
    lengths,
    lifted,
    isFocused,
    isChosen,
    onFocus,
    onToggle,
    other,
    ofClass,
  } = props;
  const worst = worstSeverity(fit.findings);
  const text = nameOfFit(fit);
  const key = fitKey(fit);
  return (
    <div
      role="listitem"
      aria-posinset={no}
      aria-setsize={numFits}
      aria-current={isFocused || undefined}
      className={`min-w-0 contain-layout contain-style ${isFocused ? 'outline-3 outline-offset-3 outline-verdigris' : ''}`}
      data-testid="fit"
      data-fit={key}
    >
      <button type="button" className="block w-full" aria-label={`Decide on ${text}`} onClick={() => onFocus(key)}>
        <TileDrawing
          label={`${text} in its place`}
          fit={fit}
          layers={layers}
          place={place}
          shown={shown}
          isStopped={worst === 'stop'}
          lifted={lifted}
        />
        {other && (
          <TileDrawing
            label={`${text} in the other lettering`}
            fit={other.fit}
            layers={other.layers}
            place={place}
            shown={shown}
            isStopped={other.fit.hasStop}
          />
        )}
      </button>
      <div className="mt-1 flex flex-wrap items-start gap-x-2">
        <TickBox aria-label={`Choose ${text}`} checked={isChosen} onChange={(_, isRange) => onToggle(key, isRange)} />
        <h2 className="max-w-full min-w-min flex-1 font-semibold break-words">{text}</h2>
        {worst && worst !== 'note' && <SeverityTag severity={worst} />}
      </div>
      {fit.emMm > 0 && (
        <p className="measure text-fine text-soft">
          <span title="cap height">
            {lengths.figure(fit.capHeightMm)} {lengths.word} cap
          </span>
          {other && ` → ${lengths.figure(other.fit.capHeightMm)}`} ·{' '}
          <span title="ink, width × height">{lengths.pair(fit.inkWidthMm, fit.inkHeightMm)}</span>
          {place.variantWords && ` · ${place.variantWords}`}
          {ofClass !== null && ` · ${ofClass === '' ? 'no class said' : `“${ofClass}”`}`}
        </p>
      )}
      {fit.emMm > 0 && <MeasureLine fit={fit} lengths={lengths} />}
      <FindingLine findings={saidBeside(fit)} />
    </div>
  );
});

/** In a few words; the whole sentence stands where it is decided. */
function FindingLine({ findings }: { readonly findings: readonly Finding[] }) {
  const say = useFindingWords();
  if (findings.length === 0) return null;
  return (
    <p className="text-fine">
      {findings.map((finding, i) => (
        <span
          key={findingKey(finding)}
          title={say.sentence(finding)}
          className={
            finding.severity === 'note' ? 'text-soft' : finding.severity === 'stop' ? 'text-madder' : 'text-brass'
          }
        >
          {i > 0 && ' · '}
          {say.words(finding)}
        </span>
      ))}
    </p>
  );
}

/** What decides whether it can be weeded, and how much there is to weed; what is far from any limit is left out. */
function MeasureLine({ fit, lengths }: { readonly fit: ScreenFit; readonly lengths: Lengths }) {
  const say = useFindingWords();
  const { numIslands, numHoles, edgeMm, areaMm2 } = factsOf(fit);
  const more = `x-height ${lengths.figure(fit.xHeightMm)} ${lengths.word}; outline ${lengths.figure(edgeMm, lengths.unit === 'mm' ? 0 : 1)} ${lengths.word} to cut, ${areaWords(areaMm2, lengths.unit)} of film`;
  return (
    <p className="flex flex-wrap gap-x-2 font-narrow text-fine text-soft" title={more}>
      {shownMeasures(fit).map(({ key, part, layer, widthMm, between, broken, leastMm }) => (
        <span
          key={key}
          title={broken ? say.sentence(broken) : MEASURE_WORDS[part]}
          className={`whitespace-nowrap ${broken ? 'font-semibold text-brass' : ''}`}
        >
          {broken && '▲ '}
          {part} {between !== null && `${between} `}
          {fit.layers.length > 1 && `of ${layerWord(layer)} `}
          <span className="measure">
            {leastMm === null ? lengths.figure(widthMm, 2) : lengths.apart(widthMm, leastMm, 2)}
          </span>{' '}
          {lengths.word}
        </span>
      ))}
      <span className="whitespace-nowrap">
        {numIslands} {numIslands === 1 ? 'island' : 'islands'}, {numHoles} {numHoles === 1 ? 'hole' : 'holes'}
      </span>
    </p>
  );
}
