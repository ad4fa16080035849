import { makeId } from '@/core/ids';
import type { BenchChange, BenchView, PageTold, RunMarks } from '@/services';
import { ActQueue } from './act-queue';
import { api } from './api';
import type { Keeper } from './keeper';
import { randomBytes } from './random-bytes';
import { stationId, stationName } from './station';
import { entriesWith, isWorked } from './work-done';

/** What was done to a run's items as the server acknowledged it, and the queue of what is on its way there. */
export class WorkStore {
  readonly queue: ActQueue;
  #bench: BenchView;
  #heard: Partial<RunMarks> = {};
  #isReading = false;
  #isWhole: boolean;
  #worked: { readonly of: BenchView; readonly entryIds: ReadonlySet<string> } | null = null;
  readonly #listeners = new Set<() => void>();

  constructor(
    private readonly runId: string,
    /** A first page of it will do: the rest is read as soon as the page is open. */
    initial: BenchView & Partial<PageTold>,
    keeper: Keeper,
    pageId: string,
  ) {
    this.#bench = initial;
    this.#isWhole = (initial.next ?? null) === null;
    this.queue = new ActQueue(runId, {
      keeper,
      pageId,
      station: stationId,
      who: stationName,
      nowIso: () => new Date().toISOString(),
      makeActId: () => makeId<'act'>(randomBytes) + makeId<'act'>(randomBytes),
      send: (act, answers) => api.act(runId, act, answers),
      bench: this.getBench,
      onRecorded: ({ bench: change }) => {
        const now = benchAfter(this.#bench, change);
        if (now) this.#adopt(now);
        return now ? undefined : this.refresh();
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
    if (!fresh.ok) return;
    this.#isWhole = true;
    this.#adopt(fresh.value);
  };

  /** Reads again once the run has come further than what is known here. What this page is just sending brings its own answer. */
  readonly follow = (marks: Partial<RunMarks>): void => {
    this.#heard = furthest(this.#heard, marks);
    if (!this.#isReading) void this.#catchUp();
  };

  async #catchUp(): Promise<void> {
    this.#isReading = true;
    while (this.queue.getSnapshot().numWaiting === 0 && isBehind(this.#bench.marks, this.#heard)) {
      const known = this.#bench.marks;
      await this.refresh();
      // The server is gone, or tells of what it does not have yet: the next word of it is waited for.
      if (!isBehind(known, this.#bench.marks)) break;
    }
    this.#isReading = false;
  }

  /** True for an entry with something cut, made or recorded. */
  readonly hasWork = (entryId: string): boolean => {
    // What is not known yet may have been worked on.
    if (!this.#isWhole && !this.#bench.items.some((item) => item.entryId === entryId)) return true;
    if (this.#worked?.of !== this.#bench)
      this.#worked = { of: this.#bench, entryIds: entriesWith(this.#bench.items, isWorked) };
    return this.#worked.entryIds.has(entryId);
  };

  #adopt(fresh: BenchView): void {
    this.#bench = keepUnchanged(this.#bench, fresh);
    for (const listener of this.#listeners) listener();
  }
}

const MARKS = ['spec', 'passes', 'releases', 'acts'] as const;

function isBehind(known: RunMarks, heard: Partial<RunMarks>): boolean {
  return MARKS.some((mark) => (heard[mark] ?? 0) > known[mark]);
}

function furthest(some: Partial<RunMarks>, others: Partial<RunMarks>): Partial<RunMarks> {
  return Object.fromEntries(MARKS.map((mark) => [mark, Math.max(some[mark] ?? 0, others[mark] ?? 0)]));
}

/** Null when the change does not follow on what is known here: then the whole is asked for. */
function benchAfter(known: BenchView, change: BenchChange): BenchView | null {
  if (change.since !== known.state) return null;
  const changed = new Map(change.changed.map((item) => [item.itemId, item]));
  const { state, marks, tally, undo, redo } = change;
  return { state, marks, tally, undo, redo, items: known.items.map((item) => changed.get(item.itemId) ?? item) };
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
