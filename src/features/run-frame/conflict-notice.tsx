'use client';

import { useState } from 'react';
import { problemSentence, useRun } from '@/client';
import type { MergeConflict } from '@/core/edit';
import { Button, Notice } from '@/ui';
import { conflictSentence } from './conflict-sentence';

/** More than this many are told by their number alone. */
const MOST_SHOWN = 5;

interface ConflictNoticeProps {
  readonly conflicts: readonly MergeConflict[];
  /** Called with the id of the run that this page's state became. */
  readonly onCopied: (runId: string) => void;
}

/** The same spot was changed here and somewhere else: a person decides, and nothing is lost either way. */
export function ConflictNotice({ conflicts, onCopied }: ConflictNoticeProps) {
  const { saver, spec } = useRun();
  const [problem, setProblem] = useState<string | null>(null);
  const copy = async () => {
    const made = await saver.keepMineAsCopy();
    if (made.ok) onCopied(made.value);
    else setProblem(problemSentence(made.problem));
  };
  return (
    <Notice
      severity="stop"
      actions={
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => void saver.keepMine()}>Mine</Button>
          <Button onClick={() => void saver.takeTheirs()}>Theirs</Button>
          <Button onClick={() => void copy()}>Theirs, and mine as a run of its own</Button>
        </span>
      }
    >
      <b>Changed here and somewhere else.</b> Whatever only one side changed is put together already. Choose for the
      rest:
      <ul className="mt-1">
        {conflicts.slice(0, MOST_SHOWN).map((conflict) => (
          <li key={conflict.path.join('/')}>{conflictSentence(conflict, spec)}</li>
        ))}
        {conflicts.length > MOST_SHOWN && <li>and {conflicts.length - MOST_SHOWN} more</li>}
      </ul>
      {problem && <p className="text-madder">{problem}</p>}
    </Notice>
  );
}
