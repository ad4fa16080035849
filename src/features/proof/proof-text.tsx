'use client';

import { useEffect, useRef } from 'react';
import { type CutText, useRun } from '@/client';
import type { ProofRow } from '@/core/wording';
import { SeverityTag } from '@/ui';
import { PATH_UNITS_PER_EM } from '@/workers/text-paths';

/** True size would be about 3.8; no text is drawn larger than this. */
export const PX_PER_MM = 2.6;
/** Between letters that go on blanks of their own. */
const GAP_MM = 4;
const AROUND_MM = 3;

interface ProofTextProps {
  readonly row: ProofRow;
  /** Null while it is not drawn yet. */
  readonly cut: CutText | null;
  readonly pxPerMm: number;
  readonly cloth: string;
  readonly isCurrent: boolean;
  readonly onPick: () => void;
  readonly onToggle: () => void;
}

/** One text: drawn by its cut outline, spelled in plain spaced letters, and its tick with who and when. */
export function ProofText({ row, cut, pxPerMm, cloth, isCurrent, onPick, onToggle }: ProofTextProps) {
  const { no, entry, state, worded } = row;
  const { spec } = useRun();
  const hasPlaces = spec.uses.length > 1 || spec.uses[0]!.places.length > 1;
  const words = cut?.words ?? worded?.lines.map(({ text }) => text).join(' / ') ?? '';
  const isOther = entry.fields.text !== undefined && entry.fields.text !== words;
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isCurrent) element.current?.scrollIntoView({ block: 'nearest' });
  }, [isCurrent]);
  return (
    <div
      ref={element}
      role="listitem"
      onClick={onPick}
      className={`grid grid-cols-[30px_minmax(0,1fr)_190px] items-start gap-3 px-2 py-2 ${isCurrent ? 'bg-verdigris-tint' : ''}`}
    >
      <span className="measure text-right text-soft">{no}</span>
      <span className="min-w-0">
        {cut && <Drawn cut={cut} pxPerMm={pxPerMm} cloth={cloth} words={words} />}
        <span className="measure mt-1 block text-[0.95rem] break-words" data-testid="spelled">
          {[...words].join(' ')}
        </span>
        {hasPlaces && <span className="block text-sm text-soft">{row.placeName}</span>}
        {isOther && <span className="block text-sm text-soft">for {entry.fields.text}</span>}
      </span>
      <span className="grid gap-1">
        <label className="flex min-h-6 items-center gap-2 font-semibold">
          <input
            type="checkbox"
            checked={state.kind === 'ticked'}
            aria-label={`${words} is right`}
            onChange={onToggle}
          />
          {entry.quantity === 1 ? 'right' : `right, for ${entry.quantity} pieces`}
        </label>
        <StateWords row={row} />
      </span>
    </div>
  );
}

function StateWords({ row: { state } }: { readonly row: ProofRow }) {
  if (state.kind === 'open') return null;
  const { who, at, lines } = state.tick;
  const when = `${who || 'someone'}, ${new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}`;
  if (state.kind === 'changed') {
    return (
      <span className="flex items-start gap-1.5">
        <SeverityTag severity="check" />
        <span>
          read “{lines.join(' / ')}” when {when} ticked it
        </span>
      </span>
    );
  }
  return (
    <span className="text-soft">
      {when}
      {state.isLookChanged && '; same words, another look since'}
    </span>
  );
}

function Drawn({
  cut: { fits },
  pxPerMm,
  cloth,
  words,
}: {
  readonly cut: CutText;
  readonly pxPerMm: number;
  readonly cloth: string;
  readonly words: string;
}) {
  const { paths, spec } = useRun();
  const heightMm = Math.max(1, ...fits.map(({ inkHeightMm }) => inkHeightMm));
  const widthMm = fits.reduce((sum, { inkWidthMm }) => sum + inkWidthMm, 0) + GAP_MM * (fits.length - 1);
  const film = spec.shop.materials.find(({ id }) =>
    Object.values(spec.uses[0]?.places[0]?.materials ?? {}).includes(id),
  );
  const lefts = fits.map((_, i) => fits.slice(0, i).reduce((sum, { inkWidthMm }) => sum + inkWidthMm + GAP_MM, 0));
  return (
    <svg
      role="img"
      aria-label={`${words} as it is cut`}
      className="max-w-full"
      width={(widthMm + 2 * AROUND_MM) * pxPerMm}
      height={(heightMm + 2 * AROUND_MM) * pxPerMm}
      viewBox={`${-AROUND_MM} ${-AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
      style={{ background: cloth }}
    >
      {fits.map((fit, i) => (
        <path
          key={i}
          d={paths.pathOf(fit.textNo)}
          fill={film?.value.colour.hex ?? '#1f2529'}
          fillRule="evenodd"
          transform={`translate(${lefts[i]} ${heightMm - fit.inkHeightMm}) scale(${fit.emMm / PATH_UNITS_PER_EM})`}
        />
      ))}
    </svg>
  );
}
