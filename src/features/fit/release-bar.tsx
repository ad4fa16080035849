'use client';

import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { useBrowserText, useFits, useRun } from '@/client';
import { asksOf } from '@/core/figures';
import { hasStop } from '@/core/finding';
import { proofTally } from '@/core/wording';
import type { ReleaseView } from '@/services';
import { Button, Notice, Signer } from '@/ui';
import { CHANGE_WORDS } from './sentences';
import { useRelease } from './use-release';

const MOST_SHOWN = 5;

/** Letting the fits through to be cut: what stays out, how the proof stands, and what changed since the last time. */
export function ReleaseBar() {
  const { spec } = useRun();
  const fits = useFits();
  const { view, isBusy, problem, release } = useRelease();
  const [isAsking, setAsking] = useState(false);
  const all = fits.last?.fits ?? [];
  const numStopped = all.filter(({ findings }) => hasStop(findings)).length;
  const numReady = all.length - numStopped;
  const { numTicked, numTexts } = useMemo(() => proofTally(spec), [spec]);
  if (!view || fits.last === null) return null;
  const { last, changes } = view;
  // As long as something wants a decision, that is what is wanted.
  const isClear = all.every((fit) => asksOf(fit).length === 0);
  const isCurrent = last !== null && changes.length === 0;
  return (
    <section aria-label="Release" className="mb-3 grid gap-2 border border-rule-strong bg-paper px-3 py-2">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p>
          {last ? (
            <>
              <b>Release {last.no}</b>, {format(new Date(last.at), 'd MMM yyyy, HH:mm')}
              {last.who && ` by ${last.who}`}: <span className="measure">{last.numPieces}</span> to cut as they were,{' '}
              <span className="measure">{last.numTicked}</span> of them ticked on the proof
              {last.numOpen !== null && last.numOpen > 0 && (
                <>
                  , <span className="measure">{last.numOpen}</span> with a check that was open
                </>
              )}
              .{isCurrent && ' Nothing has changed since.'}
            </>
          ) : (
            'Nothing is released yet: what is cut follows every change.'
          )}
        </p>
        {!isCurrent && !isAsking && (
          <Button weight={isClear ? 'main' : 'plain'} disabled={numReady === 0} onClick={() => setAsking(true)}>
            {last ? 'Release the changes…' : 'Release for cutting…'}
          </Button>
        )}
      </div>
      {changes.length > 0 && <Changes changes={changes} />}
      {isAsking && (
        <AskRelease
          words={`${numReady} ${numReady === 1 ? 'fit is' : 'fits are'} frozen as they stand; ${numStopped} with a stop stay out; ${numTicked} of ${numTexts} are ticked on the proof.`}
          isBusy={isBusy}
          onRelease={(who) => void release(who).then(() => setAsking(false))}
          onCancel={() => setAsking(false)}
        />
      )}
      {problem && <Notice severity="stop">{problem}</Notice>}
    </section>
  );
}

/** What is otherwise than it was released, by what became of it; what was cut before the change is told first. */
function Changes({ changes }: { readonly changes: ReleaseView['changes'] }) {
  const made = changes.filter(({ isMade }) => isMade);
  return (
    <div className="grid gap-1">
      <p>
        <b>{changes.length} changed since</b>: until they are released again, they are cut as they were.
      </p>
      {made.length > 0 && (
        <p className="border-l-4 border-madder bg-madder-tint px-3 py-1">
          <b>{made.length} of them already cut or in a made pass</b>: {namesOf(made)}. Such a piece stays as it was
          made; to cut it anew, mark it spoiled at the bench.
        </p>
      )}
      <ul>
        {KINDS.map((kind) => {
          const own = changes.filter(({ what }) => what === kind);
          return own.length === 0 ? null : (
            <li key={kind}>
              <span className="measure">{own.length}</span> {CHANGE_WORDS[kind]}: {namesOf(own)}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

const KINDS = ['text', 'shape', 'material', 'added', 'gone', 'stopped'] as const;

function namesOf(changes: ReleaseView['changes']): string {
  const names = changes.slice(0, MOST_SHOWN).map(({ text, was, what }) => {
    const words = text.join(' / ');
    return what === 'text' && was ? `${words} (was ${was.join(' / ')})` : words;
  });
  const rest = changes.length - names.length;
  return names.join(', ') + (rest > 0 ? ` and ${rest} more` : '');
}

interface AskReleaseProps {
  readonly words: string;
  readonly isBusy: boolean;
  readonly onRelease: (who: string) => void;
  readonly onCancel: () => void;
}

function AskRelease({ words, isBusy, onRelease, onCancel }: AskReleaseProps) {
  const [last, setLast] = useBrowserText('who');
  const [who, setWho] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (who.trim() !== '') setLast(who.trim());
        onRelease(who.trim());
      }}
    >
      <p className="min-w-60 flex-1">{words}</p>
      <Signer label="Released by" who={who} last={last} onWho={setWho} />
      <Button type="submit" weight="main" disabled={isBusy}>
        {isBusy ? 'Freezing…' : 'Release'}
      </Button>
      <Button onClick={onCancel}>Not yet</Button>
    </form>
  );
}
