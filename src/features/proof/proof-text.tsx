'use client';

import { useEffect, useRef } from 'react';
import { type CutText, type ShownFit, useFindingWords, useRun } from '@/client';
import { placesOf } from '@/core/edit';
import type { Finding } from '@/core/finding';
import type { ProofRow } from '@/core/wording';
import { SeverityTag, Tick } from '@/ui';
import { ItemThumb } from '@/parts/preview';
import { ProofDrawing } from './proof-drawing';

interface ProofTextProps {
  readonly row: ProofRow;
  /** Null while it is not drawn yet. */
  readonly cut: CutText<ShownFit> | null;
  /** Why it cannot be cut as the run has it, nor be ticked. */
  readonly stop: Finding | null;
  readonly pxPerMm: number;
  readonly cloth: string;
  readonly isCurrent: boolean;
  readonly onPick: () => void;
  readonly onToggle: () => void;
  readonly onPreview: (itemId: string) => void;
}

/** One text: drawn by its cut outline, spelled in plain spaced letters, and its tick with who and when. */
export function ProofText({ row, cut, stop, pxPerMm, cloth, isCurrent, onPick, onToggle, onPreview }: ProofTextProps) {
  const { no, entry, state, worded } = row;
  const { spec } = useRun();
  const say = useFindingWords();
  const hasPlaces = placesOf(spec).length > 1;
  const words = cut?.words ?? worded?.lines.map(({ text }) => text).join(' / ') ?? '';
  const frozen = frozenWords(cut?.fits ?? []);
  const isOther = entry.fields.text !== undefined && entry.fields.text !== words;
  const itemId = cut?.fits.at(0)?.fit?.itemId;
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
        {cut?.fits.some(({ fit }) => fit && fit.inkWidthMm > 0) && (
          <ProofDrawing shown={cut.fits} pxPerMm={pxPerMm} cloth={cloth} words={words} />
        )}
        <span className="measure mt-1 block text-sm break-words whitespace-pre-wrap" data-testid="spelled">
          {[...words].join(' ')}
        </span>
        {hasPlaces && <span className="block text-sm text-soft">{row.placeName}</span>}
        {frozen && <span className="block text-sm text-soft">{frozen}</span>}
        {cut?.wordsNow && (
          <span className="block">
            the run says now: <b>{cut.wordsNow}</b>
          </span>
        )}
        {isOther && <span className="block text-sm text-soft">for {entry.fields.text}</span>}
      </span>
      <span className="grid gap-1">
        {stop ? (
          <span className="grid justify-items-start gap-1">
            <SeverityTag severity="stop" />
            <span>{say.sentence(stop)}</span>
          </span>
        ) : (
          <Tick className="font-semibold" checked={state.kind === 'ticked'} onChange={onToggle}>
            <span className="sr-only">{cut?.wordsNow ?? words} is </span>
            {entry.quantity === 1 ? 'right' : `right, for ${entry.quantity} pieces`}
          </Tick>
        )}
        {!stop && <StateWords row={row} />}
        {itemId !== undefined && <ItemThumb itemId={itemId} words={words} onOpen={() => onPreview(itemId)} />}
      </span>
    </div>
  );
}

/** Why it is drawn as it was and not as the run has it now; null where it follows the run. */
function frozenWords(shown: readonly ShownFit[]): string | null {
  const kept = shown.flatMap(({ layers }) => layers.flatMap(({ frozen }) => frozen ?? []));
  const [released] = kept.filter(({ by }) => by === 'release');
  const [made] = kept.filter(({ by }) => by === 'pass');
  if (made) return `as it was made in pass ${made.no}`;
  return released ? `as it was let through in release ${released.no}` : null;
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
