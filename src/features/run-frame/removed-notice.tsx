'use client';

import { useState } from 'react';
import { problemSentence, useRun } from '@/client';
import { Button, Notice } from '@/ui';

/** The run was removed elsewhere: what stands on this page is kept until a person says what becomes of it. */
export function RemovedNotice({ onCopied }: { readonly onCopied: (runId: string) => void }) {
  const { saver, numUnsaved } = useRun();
  const [problem, setProblem] = useState<string | null>(null);
  const copy = async () => {
    const made = await saver.keepMineAsCopy();
    if (made.ok) onCopied(made.value);
    else setProblem(problemSentence(made.problem));
  };
  const bringBack = async () => {
    const back = await saver.bringBack();
    if (!back.ok) setProblem(problemSentence(back.problem));
  };
  return (
    <Notice
      severity="stop"
      actions={
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => void copy()}>This state as a run of its own</Button>
          <Button onClick={() => void bringBack()}>Bring the run back</Button>
        </span>
      }
    >
      <b>This run was removed somewhere else.</b>{' '}
      {numUnsaved === 0 ? 'What you see is as it was saved last.' : `${changesWords(numUnsaved)} kept in this browser.`}
      {problem && <p className="text-madder">{problem}</p>}
    </Notice>
  );
}

function changesWords(count: number): string {
  return count === 1 ? 'Your last change is' : `Your last ${count} changes are`;
}
