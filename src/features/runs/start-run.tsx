'use client';

import { Field, Input, Label } from '@headlessui/react';
import { useRouter } from 'next/navigation';
import { type FormEvent, useDeferredValue, useMemo, useState } from 'react';
import { api, previewOf } from '@/client';
import { Button, ListText, Notice } from '@/ui';
import { problemSentence } from './sentences';

/** Title, day, list: the list alone is enough to work with, and its lines are counted as they come. */
export function StartRun() {
  const router = useRouter();
  const [title, setTitle] = useState('');
  const [dueOn, setDueOn] = useState('');
  const [list, setList] = useState('');
  const [wanted, setWanted] = useState<'detect' | 'lines'>('detect');
  const settled = useDeferredValue(list);
  const preview = useMemo(() => previewOf(settled, wanted), [settled, wanted]);
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const start = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(null);
    const created = await api.createRun({
      title: title.trim() || 'Untitled run',
      dueOn: dueOn || null,
      list,
      reading: wanted,
    });
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
      <ListText
        className="min-h-72 leading-7"
        value={list}
        readingWords={preview.readingWords}
        isAsLines={wanted === 'lines'}
        onChange={setList}
        onAsLines={(isAsLines) => setWanted(isAsLines ? 'lines' : 'detect')}
      />
      <div className="flex items-center gap-4">
        <Button type="submit" weight="main" disabled={isBusy || !preview.isUsable}>
          {isBusy ? 'Starting…' : 'Start and see the fits'}
        </Button>
        <output className={preview.isUsable || list.trim() === '' ? 'text-soft' : 'text-madder'}>
          {list.trim() === '' ? 'Paste the names; everything else can be changed later.' : preview.countWords}
        </output>
      </div>
    </form>
  );
}
