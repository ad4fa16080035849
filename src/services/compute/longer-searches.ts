import type { PackSearch, Packing } from '@/core/sheets';

/** Runs that are searched for at a time, or wait to be; of more the oldest is given up, until its plan is asked for again. */
const MOST_RUNS = 8;

interface Searching {
  readonly keys: ReadonlySet<string>;
  readonly stop: AbortController;
}

interface Parts {
  /** Searches, in a thread that may be ended. */
  readonly pack: (search: PackSearch, signal: AbortSignal) => Promise<Packing>;
  /** Keeps what was found; null: nothing was, and it is not searched for again. */
  readonly keep: (runId: string, key: string, found: Packing | null) => Promise<unknown>;
  /** A search ended early by itself. */
  readonly onFailure: (runId: string, error: unknown) => void;
}

/**
 * Longer searches for shorter layouts: no plan and no mark waits for one. A run whose pieces are otherwise by now is not searched for
 * as it was.
 */
export class LongerSearches {
  readonly #runs = new Map<string, Searching>();

  constructor(private readonly parts: Parts) {}

  /** Searches for what stands in the run now, unless that is being done. */
  follow(runId: string, searches: readonly PackSearch[]): void {
    const known = this.#runs.get(runId);
    // What is found one after the other is left out of what is still to be searched for.
    if (known && searches.length > 0 && searches.every(({ key }) => known.keys.has(key))) return;
    this.#end(runId);
    if (searches.length === 0) return;
    const stop = new AbortController();
    this.#runs.set(runId, { keys: new Set(searches.map(({ key }) => key)), stop });
    const oldest = this.#runs.size > MOST_RUNS ? this.#runs.keys().next().value : undefined;
    if (oldest !== undefined) this.#end(oldest);
    void this.#search(runId, searches, stop.signal);
  }

  #end(runId: string): void {
    this.#runs.get(runId)?.stop.abort();
    this.#runs.delete(runId);
  }

  async #search(runId: string, searches: readonly PackSearch[], signal: AbortSignal): Promise<void> {
    for (const search of searches) {
      const found = await this.#found(runId, search, signal);
      if (signal.aborted) return;
      await this.parts.keep(runId, search.key, found);
    }
    this.#runs.delete(runId);
  }

  /** Null when it ended early: the plan that stands is as good without it. */
  async #found(runId: string, search: PackSearch, signal: AbortSignal): Promise<Packing | null> {
    try {
      return await this.parts.pack(search, signal);
    } catch (error) {
      if (!signal.aborted) this.parts.onFailure(runId, error);
      return null;
    }
  }
}
