import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { RunProvider } from '@/client';
import { RunFrame } from '@/features/run-frame';
import { benchOfRun, getContext, getRun } from '@/services';
import { todayIso } from '../../today';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';

/** Enough for what is seen first; of a larger run the page reads the rest when it is open. */
const FIRST_ITEMS = { from: 0, most: 1000 };

interface RunLayoutProps {
  readonly params: Promise<{ id: string }>;
  readonly children: ReactNode;
}

/** Loads a run once for all its steps; from here on the session in the browser keeps it up to date. */
async function RunLayout({ params, children }: RunLayoutProps) {
  const { id } = await params;
  const context = await getContext();
  const run = await getRun(context, id);
  const bench = await benchOfRun(context, id, '', FIRST_ITEMS);
  if (!run.ok || !bench.ok) notFound();
  return (
    <RunProvider run={run.value} bench={bench.value}>
      <RunFrame todayIso={todayIso(context)}>{children}</RunFrame>
    </RunProvider>
  );
}

export default readingPage(RunLayout);
