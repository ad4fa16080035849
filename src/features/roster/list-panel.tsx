'use client';

import { Field, Label, Textarea } from '@headlessui/react';
import { useState } from 'react';
import { useRun } from '@/client';
import { parseList } from '@/core/roster';
import type { Entry } from '@/core/run';
import { Button, Notice } from '@/ui';

/** The list as text: changed here and laid over the run again, with what that will do said before it is done. */
export function ListPanel() {
  const { spec, saver, work } = useRun();
  const present = spec.entries.filter(({ withdrawn }) => !withdrawn);
  const asText = present.map(({ fields }) => fields.text ?? '').join('\n');
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const list = typed ?? asText;
  const change = describeChange(present, list);
  const lay = async () => {
    const laid = await saver.replaceList(list);
    if (laid.ok) {
      setTyped(null);
      setProblem(null);
      await work.refresh();
    } else {
      setProblem(
        laid.problem.kind === 'serverGone'
          ? 'Knurl’s server does not answer; the list is still here.'
          : laid.problem.detail,
      );
    }
  };
  return (
    <aside className="border-l border-rule-strong bg-paper p-5">
      <h2 className="heading-small mb-2">The list itself</h2>
      <p className="mb-3">
        Change lines, or paste a newer list over it. Lines that stay the same keep everything done for them.
      </p>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <Field>
        <Label className="sr-only">The list, one entry to a line</Label>
        <Textarea
          className="h-80 w-full leading-6"
          spellCheck={false}
          value={list}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      <p className="my-2 min-h-12" aria-live="polite">
        {change.sentence}
      </p>
      <div className="flex gap-2">
        <Button weight="main" disabled={!change.isChanged} onClick={() => void lay()}>
          Lay it over the run
        </Button>
        <Button disabled={typed === null} onClick={() => setTyped(null)}>
          Leave as it was
        </Button>
      </div>
    </aside>
  );
}

/** How many lines stay, come and go; counted by text, as laying over does. */
function describeChange(entries: readonly Entry[], list: string): { isChanged: boolean; sentence: string } {
  const lines = parseList(list);
  if (!lines.ok) {
    return {
      isChanged: false,
      sentence:
        lines.problem.kind === 'emptyList' ? 'The list is empty.' : `${lines.problem.numEntries} lines are too many.`,
    };
  }
  const left = new Map<string, number>();
  for (const { fields } of entries) left.set(fields.text ?? '', (left.get(fields.text ?? '') ?? 0) + 1);
  let stay = 0;
  for (const { text } of lines.value) {
    const count = left.get(text) ?? 0;
    if (count > 0) {
      stay++;
      left.set(text, count - 1);
    }
  }
  const come = lines.value.length - stay;
  const go = entries.length - stay;
  const isSameOrder = lines.value.every(({ text }, i) => entries[i]?.fields.text === text);
  if (come === 0 && go === 0 && isSameOrder) return { isChanged: false, sentence: '' };
  const gone = go > 0 ? ` Where work is recorded, an entry is withdrawn, not deleted.` : '';
  return { isChanged: true, sentence: `${stay} stay, ${come} new, ${go} gone.${gone}` };
}
