'use client';

import { Field, Input, Label } from '@headlessui/react';
import { useRouter } from 'next/navigation';
import { type FormEvent, useDeferredValue, useEffect, useRef, useState } from 'react';
import { api, problemSentence } from '@/client';
import { Button, Notice } from '@/ui';
import { ListSource } from './list-source';
import { MappingTable } from './mapping-table';
import { firstStep, firstTexts } from './first-look';
import { BlankChoice, LetteringChoice } from './start-choice';
import { StartPreview } from './start-preview';
import { useBundle } from './use-bundle';
import { useIntake } from './use-intake';
import { useStartChoice } from './use-start-choice';

/** Title, day, list: the list alone is enough to work with, and what will come of it is shown as it comes. */
export function StartRun() {
  const router = useRouter();
  const [title, setTitle] = useState('');
  const [dueOn, setDueOn] = useState('');
  const intake = useIntake();
  const [isBusy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const bundleProblem = useBundle(intake.bundle);
  const button = useFocusOnRead(intake.source.kind === 'file' && intake.input !== null);
  const choice = useStartChoice();
  const firsts = useDeferredValue(firstTexts(intake));
  const isEmpty = intake.source.kind === 'text' && intake.source.text.trim() === '';

  const start = async (event: FormEvent) => {
    event.preventDefault();
    if (!intake.input) return;
    setBusy(true);
    setProblem(null);
    const name = title.trim() || (intake.source.kind === 'file' ? withoutEnding(intake.source.file.name) : '');
    const created = await api.createRun({
      title: name || 'Untitled run',
      dueOn: dueOn || null,
      ...choice.wish,
      ...intake.input,
    });
    if (created.ok)
      return router.push(`/runs/${created.value.id}/${intake.mapped ? 'roster' : firstStep(created.value.spec)}`);
    setBusy(false);
    setProblem(problemSentence(created.problem));
  };

  return (
    <form onSubmit={(event) => void start(event)} className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_430px] lg:gap-x-8">
      <div className="grid min-w-0 content-start gap-5">
        <h1 className="text-2xl font-bold">Start a run</h1>
        {(problem ?? bundleProblem) && <Notice severity="stop">{problem ?? bundleProblem}</Notice>}
        <div className="grid gap-5 sm:grid-cols-[1fr_auto]">
          <Field>
            <Label className="heading-small mb-1 block">What it is for</Label>
            <Input
              className="w-full"
              value={title}
              maxLength={200}
              onChange={(event) => setTitle(event.target.value)}
            />
          </Field>
          <Field>
            <Label className="heading-small mb-1 block">Day it is due (may stay empty)</Label>
            <Input type="date" className="measure" value={dueOn} onChange={(event) => setDueOn(event.target.value)} />
          </Field>
        </div>
        <ListSource intake={intake} className="min-h-56 leading-7" />
        {intake.mapped && <MappingTable intake={intake} mapped={intake.mapped} />}
        <div className="flex items-center gap-4">
          <Button ref={button} type="submit" weight="main" disabled={isBusy || !intake.input}>
            {isBusy ? 'Starting…' : intake.mapped ? 'Start and see what the list asks' : 'Start the run'}
          </Button>
          <output className={intake.isUsable || isEmpty ? 'text-soft' : 'text-madder'}>
            {isEmpty ? 'The names are enough; everything else can be changed later.' : intake.countWords}
          </output>
        </div>
      </div>
      <div className="grid min-w-0 content-start gap-4">
        <BlankChoice blanks={choice.blanks} value={choice.blankId} onChange={choice.setBlank} />
        <LetteringChoice
          letterings={choice.letterings}
          text={firsts[0] ?? EXAMPLE}
          value={choice.letteringId}
          onChange={choice.setLettering}
        />
        <StartPreview choice={choice} texts={firsts.length > 0 ? firsts : [EXAMPLE]} />
      </div>
    </form>
  );
}

/** Written while there is no list yet. */
const EXAMPLE = 'Name';

function withoutEnding(fileName: string): string {
  return fileName.replace(/\.\w{1,5}$/, '').slice(0, 200);
}

/** Once a file is read, Enter takes it. */
function useFocusOnRead(isRead: boolean) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isRead) button.current?.focus();
  }, [isRead]);
  return button;
}
