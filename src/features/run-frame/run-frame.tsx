'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { savedWords, useFits, useLengths, useRun, useWork } from '@/client';
import { KnurlMark, Passing, Tape, openKeyHelp } from '@/ui';
import { ActQuestion } from './act-question';
import { CountdownStrip } from './countdown-strip';
import { Guide } from './guide';
import { RunName } from './run-name';
import { RunNotices } from './run-notices';
import { StepKeys } from './step-keys';
import { SpecUndo } from './spec-undo';
import { useNumQuestions, useSettledDecisions } from './use-settled';
import { tapeSteps } from './tape-steps';

/** What stands around every step: title and day, whether everything is saved, and the tape. */
export function RunFrame({ todayIso, children }: { readonly todayIso: string; readonly children: ReactNode }) {
  const session = useRun();
  const fits = useFits();
  const work = useWork();
  const lengths = useLengths();
  const { runId, save, numUnsaved } = session;
  const settled = useSettledDecisions(fits);
  const numQuestions = useNumQuestions();
  return (
    <div className="flex min-h-screen flex-col">
      <header className="flex min-h-band print:hidden flex-wrap items-center gap-x-4 gap-y-1 bg-ink px-6 py-2 text-paper lg:flex-nowrap">
        <Link href="/" aria-label="Knurl, all runs" title="All runs">
          <KnurlMark />
        </Link>
        <RunName todayIso={todayIso} />
        <span className="ml-auto flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1">
          <SpecUndo />
          <output className="text-on-ink" data-testid="save-state">
            {savedWords({ ...work, save, numUnsaved })}
          </output>
          <button
            type="button"
            className="text-link"
            onClick={openKeyHelp}
            title="What this step is for, its words, its keys"
          >
            Help
          </button>
          <a href={`/api/runs/${runId}/bundle`} className="text-link" download>
            Take this run along
          </a>
          <Link href="/shop" className="text-link">
            Shop
          </Link>
          <Link href="/" className="text-link">
            All runs
          </Link>
        </span>
      </header>
      <div className="print:hidden">
        <Tape steps={tapeSteps({ ...session, fits, work, settled, numQuestions }, lengths)} current={usePathname()} />
        <Guide />
        <CountdownStrip />
        <RunNotices />
        <ActQuestion />
        <StepKeys />
        <Passing />
      </div>
      <main className="flex flex-1 flex-col">{children}</main>
    </div>
  );
}
