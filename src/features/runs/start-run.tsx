'use client';

import { Field, Input, Label, Textarea } from '@headlessui/react';
import { useRouter } from 'next/navigation';
import { type FormEvent, useState } from 'react';
import { api } from '@/client';
import { parseList } from '@/core/roster';
import { Button, Notice } from '@/ui';
import { problemSentence } from './sentences';

/** Title, day, list: the list alone is enough to work with, and its lines are counted as they come. */
export function StartRun() {
  const router = useRouter();
  const [title, setTitle] = useState('');
  const [dueOn, setDueOn] = useState('');
  const [list, setList] = useState('');
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const start = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(null);
    const created = await api.createRun({ title: title.trim() || 'Untitled run', dueOn: dueOn || null, list });
    if (created.ok) return router.push(`/runs/${created.value.id}/fit`);
    setBusy(false);
    setProblem(problemSentence(created.problem));
  };

  return (
    <form onSubmit={(event) => void start(event)} className="grid gap-5">
      <h1 className="text-2xl font-bold">Start a run</h1>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <Field>
        <Label className="heading-small mb-1 block">What it is for</Label>
        <Input className="w-full" value={title} maxLength={200} onChange={(event) => setTitle(event.target.value)} />
      </Field>
      <Field>
        <Label className="heading-small mb-1 block">Day it is due (may stay empty)</Label>
        <Input type="date" className="measure" value={dueOn} onChange={(event) => setDueOn(event.target.value)} />
      </Field>
      <Field>
        <Label className="heading-small mb-1 block">The list, one entry to a line</Label>
        <Textarea
          className="min-h-72 w-full leading-7"
          value={list}
          spellCheck={false}
          onChange={(event) => setList(event.target.value)}
        />
      </Field>
      <div className="flex items-center gap-4">
        <Button type="submit" weight="main" disabled={isBusy || numLines(list) === 0}>
          {isBusy ? 'Starting…' : 'Start and see the fits'}
        </Button>
        <output className="text-soft">{linesSentence(list)}</output>
      </div>
    </form>
  );
}

function numLines(list: string): number {
  const lines = parseList(list);
  return lines.ok ? lines.value.length : lines.problem.kind === 'tooManyEntries' ? lines.problem.numEntries : 0;
}

function linesSentence(list: string): string {
  const lines = numLines(list);
  if (lines === 0) return 'Paste the names; everything else can be changed later.';
  return lines === 1 ? '1 entry' : `${lines} entries`;
}
