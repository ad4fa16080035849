'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { previewOf, useRun } from '@/client';
import type { ListLine } from '@/core/intake';
import { listText } from '@/core/roster';
import type { Entry } from '@/core/run';
import { Button, ListText, Notice } from '@/ui';

/** A longer list is not written out to be edited as text: it is edited in its rows, or pasted anew. */
const MOST_WRITTEN_OUT = 2000;

/** The list as text: changed here and laid over the run again, with what that will do said before it is done. */
export function ListPanel() {
  const { spec, saver } = useRun();
  const present = useMemo(() => spec.entries.filter(({ withdrawn }) => !withdrawn), [spec.entries]);
  const asText = useMemo(() => (present.length > MOST_WRITTEN_OUT ? '' : listText(present)), [present]);
  const [typed, setTyped] = useState<string | null>(null);
  const [wanted, setWanted] = useState<'detect' | 'lines'>('detect');
  const [problem, setProblem] = useState<string | null>(null);
  const list = typed ?? asText;
  const settled = useDeferredValue(list);
  const preview = useMemo(() => previewOf(settled, wanted), [settled, wanted]);
  const change = useMemo(
    () => (typed === null || !preview.parsed.ok ? '' : changeWords(present, preview.parsed.value.lines)),
    [typed, present, preview],
  );
  const lay = async () => {
    const laid = await saver.replaceList({ list, reading: wanted });
    if (laid.ok) {
      setTyped(null);
      setProblem(null);
    } else {
      const isGone = laid.problem.kind === 'serverGone';
      setProblem(isGone ? 'Knurl’s server does not answer; the list is still here.' : laid.problem.detail);
    }
  };
  return (
    <aside className="border-l border-rule-strong bg-paper p-5">
      <h2 className="heading-small mb-2">The list itself</h2>
      <p className="mb-3">
        Change lines, or paste a newer list over it. Lines that stay the same keep everything done for them.
      </p>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <ListText
        className="h-80 leading-6"
        value={list}
        readingWords={preview.readingWords}
        isAsLines={wanted === 'lines'}
        placeholder={asText === '' && present.length > 0 ? 'Paste the newer list here.' : undefined}
        onChange={setTyped}
        onAsLines={(isAsLines) => setWanted(isAsLines ? 'lines' : 'detect')}
      />
      <p className="my-2 min-h-12" aria-live="polite">
        {typed !== null && !preview.isUsable ? preview.countWords : change}
      </p>
      <div className="flex gap-2">
        <Button weight="main" disabled={!preview.isUsable || change === ''} onClick={() => void lay()}>
          Lay it over the run
        </Button>
        <Button disabled={typed === null} onClick={() => setTyped(null)}>
          Leave as it was
        </Button>
      </div>
    </aside>
  );
}

/** How many lines stay, come and go, counted by text, as laying over does; empty when nothing would change. */
function changeWords(entries: readonly Entry[], lines: readonly ListLine[]): string {
  const left = new Map<string, number>();
  for (const { fields } of entries) left.set(fields.text ?? '', (left.get(fields.text ?? '') ?? 0) + 1);
  let stay = 0;
  for (const { text } of lines) {
    const count = left.get(text) ?? 0;
    if (count === 0) continue;
    stay++;
    left.set(text, count - 1);
  }
  const [come, go] = [lines.length - stay, entries.length - stay];
  if (come === 0 && go === 0 && lines.every((line, i) => isLike(entries[i]!, line))) return '';
  return `${stay} stay, ${come} new, ${go} gone.${go > 0 ? ' Where work is recorded, an entry is withdrawn, not deleted.' : ''}`;
}

function isLike(entry: Entry, { text, quantity, fields }: ListLine): boolean {
  const isSameQuantity = quantity === null || quantity === entry.quantity;
  return (
    entry.fields.text === text && isSameQuantity && Object.entries(fields).every(([k, v]) => entry.fields[k] === v)
  );
}
