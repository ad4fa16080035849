import { makeId } from '@/core/ids';
import type { BenchChange, BenchView } from '@/services';
import { ActQueue } from './act-queue';
import { api } from './api';
import type { Keeper } from './keeper';
import { randomBytes } from './random-bytes';
import { stationId } from './station';

/** What was done to a run's items as the server acknowledged it, and the queue of what is on its way there. */
export class WorkStore {
  readonly queue: ActQueue;
  #bench: BenchView;
  #worked: { readonly of: BenchView; readonly entryIds: ReadonlySet<string> } | null = null;
  readonly #listeners = new Set<() => void>();

  constructor(
    private readonly runId: string,
    initial: BenchView,
    keeper: Keeper,
    pageId: string,
  ) {
    this.#bench = initial;
    this.queue = new ActQueue(runId, {
      keeper,
      pageId,
      station: stationId,
      nowIso: () => new Date().toISOString(),
      makeActId: () => makeId<'act'>(randomBytes) + makeId<'act'>(randomBytes),
      send: (act) => api.act(runId, act),
      bench: this.getBench,
      onRecorded: ({ bench: change }) => {
        const now = benchAfter(this.#bench, change);
        return now ? this.#adopt(now) : this.refresh();
      },
    });
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getBench = (): BenchView => this.#bench;

  /** Reads items, tally and what can be undone again. */
  readonly refresh = async (): Promise<void> => {
    const fresh = await api.bench(this.runId, stationId());
    if (fresh.ok) this.#adopt(fresh.value);
  };

  /** True for an entry with something cut, made or recorded. */
  readonly hasWork = (entryId: string): boolean => {
    if (this.#worked?.of !== this.#bench) this.#worked = { of: this.#bench, entryIds: workedEntries(this.#bench) };
    return this.#worked.entryIds.has(entryId);
  };

  #adopt(fresh: BenchView): void {
    this.#bench = keepUnchanged(this.#bench, fresh);
    for (const listener of this.#listeners) listener();
  }
}

function workedEntries({ items }: BenchView): ReadonlySet<string> {
  const worked = items.filter(
    ({ stage, pieces }) => stage !== 'open' || pieces.some(({ passNo, attempt }) => passNo !== null || attempt > 1),
  );
  return new Set(worked.map(({ entryId }) => entryId));
}

/** Null when the change does not follow on what is known here: then the whole is asked for. */
function benchAfter(known: BenchView, change: BenchChange): BenchView | null {
  if (change.since !== known.state) return null;
  const changed = new Map(change.changed.map((item) => [item.itemId, item]));
  const { state, tally, undo, redo } = change;
  return { state, tally, undo, redo, items: known.items.map((item) => changed.get(item.itemId) ?? item) };
}

/** Items that did not change stay the very same objects, so that their rows need not be drawn again. */
function keepUnchanged(before: BenchView, fresh: BenchView): BenchView {
  const known = new Map(before.items.map((item) => [item.itemId, item]));
  const items = fresh.items.map((item) => {
    const old = known.get(item.itemId);
    return old && (old === item || JSON.stringify(old) === JSON.stringify(item)) ? old : item;
  });
  return { ...fresh, items };
}
