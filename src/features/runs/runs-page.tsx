'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, problemSentence } from '@/client';
import type { RunShelf, RunSummary } from '@/services';
import { Button, Notice } from '@/ui';
import { BringIn } from './bring-in';
import { GuideOffer } from './guide-offer';
import { RunRow } from './run-row';
import { ShopHeader } from './shop-header';

/** All runs: what is due first stands first, since that is what the day is planned by. */
export function RunsPage({ shelf, todayIso }: { readonly shelf: RunShelf; readonly todayIso: string }) {
  const router = useRouter();
  const [removed, setRemoved] = useState<RunSummary | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [showsArchived, setShowsArchived] = useState(false);
  const sorted = [...shelf.runs].sort(byDueDay);
  const present = sorted.filter(({ isArchived }) => !isArchived);
  const archived = sorted.filter(({ isArchived }) => isArchived);
  const after = async (done: ReturnType<typeof api.removeRun>, gone: RunSummary | null = null) => {
    const answer = await done;
    setProblem(answer.ok ? null : problemSentence(answer.problem));
    if (answer.ok) setRemoved(gone);
    router.refresh();
  };
  const rowOf = (run: RunSummary) => (
    <RunRow
      key={run.id}
      run={run}
      todayIso={todayIso}
      onDuplicate={async () => {
        const copy = await api.copyRun(run.id);
        if (copy.ok) router.push(`/runs/${copy.value.id}/roster`);
        else setProblem(problemSentence(copy.problem));
      }}
      onArchive={() => void after(api.setArchived(run.id, !run.isArchived))}
      onRemove={() => void after(api.removeRun(run.id), run)}
    />
  );
  return (
    <>
      <ShopHeader />
      <main className="mx-auto max-w-5xl px-6 py-6">
        <div className="mb-4 flex flex-wrap items-center justify-between gap-4">
          <h1 className="text-2xl font-bold">Runs</h1>
          <div className="flex items-center gap-3">
            <BringIn />
            <Link
              href="/runs/new"
              className="inline-flex min-h-9 items-center rounded-md border border-verdigris bg-verdigris px-3.5 py-1.5 font-semibold text-white hover:bg-verdigris-deep"
            >
              Start a run
            </Link>
          </div>
        </div>
        <GuideOffer run={present.at(0) ?? null} />
        {problem && <Notice severity="stop">{problem}</Notice>}
        {removed && (
          <Notice
            severity="note"
            actions={<Button onClick={() => void after(api.restoreRun(removed.id))}>Bring it back</Button>}
          >
            <b>{removed.title}</b> is removed.
          </Notice>
        )}
        {present.length === 0 ? (
          <p className="border border-rule bg-paper p-8 text-lg">
            No run {archived.length > 0 ? 'in work' : 'yet'}. Start one with a list of names: a list alone already gives
            sizes and cut files.
          </p>
        ) : (
          <ul className="border-y border-rule-strong bg-paper">{present.map(rowOf)}</ul>
        )}
        <UnreadableRuns shelf={shelf} />
        {archived.length > 0 && (
          <section className="mt-6">
            <Button onClick={() => setShowsArchived(!showsArchived)} aria-expanded={showsArchived}>
              {showsArchived ? 'Hide' : 'Show'} {archived.length} archived
            </Button>
            {showsArchived && <ul className="mt-3 border-y border-rule-strong bg-paper">{archived.map(rowOf)}</ul>}
          </section>
        )}
      </main>
    </>
  );
}

/** Neither hidden nor in the way of the others. */
function UnreadableRuns({ shelf: { unreadable } }: { readonly shelf: RunShelf }) {
  if (unreadable.length === 0) return null;
  return (
    <div className="mt-4">
      <Notice severity="check">
        {unreadable.map(({ id, title, createdAt, detail }) => (
          <p key={id}>
            <b>{title || 'A run whose name cannot be read'}</b>
            {title === '' && createdAt && `, of ${createdAt.slice(0, 10)}`}: {detail}
          </p>
        ))}
      </Notice>
    </div>
  );
}

/** Runs without a day come last; the newer first. */
function byDueDay(a: RunSummary, b: RunSummary): number {
  const [dayA, dayB] = [a.dueOn ?? '9999', b.dueOn ?? '9999'];
  return dayA === dayB ? b.createdAt.localeCompare(a.createdAt) : dayA.localeCompare(dayB);
}
