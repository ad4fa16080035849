import Link from 'next/link';
import type { RunSummary } from '@/services';
import { KnurlMark } from '@/ui';
import { BringIn } from './bring-in';
import { RunRow } from './run-row';

/** All runs: what is due first stands first, since that is what the day is planned by. */
export function RunsPage({ runs, todayIso }: { readonly runs: readonly RunSummary[]; readonly todayIso: string }) {
  const sorted = [...runs].sort(byDueDay);
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
        {sorted.length === 0 ? (
          <p className="border border-rule bg-paper p-8 text-lg">
            No run yet. Start one with a list of names: a list alone already gives sizes and cut files.
          </p>
        ) : (
          <ul className="border-y border-rule-strong bg-paper">
            {sorted.map((run) => (
              <RunRow key={run.id} run={run} todayIso={todayIso} />
            ))}
          </ul>
        )}
      </main>
    </>
  );
}

export function ShopHeader() {
  return (
    <header className="flex h-[52px] items-center gap-3 bg-ink px-6 text-paper">
      <KnurlMark />
      <Link href="/" className="text-lg font-bold">
        Knurl
      </Link>
    </header>
  );
}

/** Runs without a day come last; the newer first. */
function byDueDay(a: RunSummary, b: RunSummary): number {
  const [dayA, dayB] = [a.dueOn ?? '9999', b.dueOn ?? '9999'];
  return dayA === dayB ? b.createdAt.localeCompare(a.createdAt) : dayA.localeCompare(dayB);
}
