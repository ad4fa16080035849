import path from 'node:path';
import { Tinypool } from 'tinypool';
import type { PackSearch, Packing } from '@/core/sheets';
import { getLog } from '../log';

const PACKING_FILE = 'build/packing-thread.mjs';

/** Runs that are searched for at a time, or wait to be; of more the oldest is given up, until its plan is asked for again. */
const MOST_RUNS = 8;

interface Searching {
  readonly keys: string;
  readonly stop: AbortController;
}

/**
 * Longer searches for shorter layouts, in a thread of their own: no plan and no mark waits for one. A run whose pieces are otherwise
 * by now is not searched for as it was.
 */
export class LongerSearches {
  readonly #keep: (key: string, found: Packing) => Promise<unknown>;
  readonly #runs = new Map<string, Searching>();
  #pool: Tinypool | null = null;

  constructor(keep: (key: string, found: Packing) => Promise<unknown>) {
    this.#keep = keep;
  }

  /** Searches for what stands in the run now, unless that is being done. */
  follow(runId: string, searches: readonly PackSearch[]): void {
    const keys = searches.map(({ key }) => key).join('\n');
    if (this.#runs.get(runId)?.keys === keys) return;
    this.#end(runId);
    if (searches.length === 0) return;
    const stop = new AbortController();
    this.#runs.set(runId, { keys, stop });
    const oldest = this.#runs.size > MOST_RUNS ? this.#runs.keys().next().value : undefined;
    if (oldest !== undefined) this.#end(oldest);
    void this.#search(runId, searches, stop);
  }

  #end(runId: string): void {
    this.#runs.get(runId)?.stop.abort();
    this.#runs.delete(runId);
  }

  async #search(runId: string, searches: readonly PackSearch[], { signal }: AbortController): Promise<void> {
    this.#pool ??= new Tinypool({
      filename: path.join(process.cwd(), PACKING_FILE),
      runtime: 'worker_threads',
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: 30_000,
    });
    try {
      for (const search of searches) {
        const found = (await this.#pool.run(search, { name: 'pack', signal })) as Packing;
        await this.#keep(search.key, found);
      }
    } catch (error) {
      // The plan that stands is as good without it.
      if (!signal.aborted) getLog().error({ runId, err: error }, 'a longer search for a layout ended early');
    }
    if (!signal.aborted) this.#runs.delete(runId);
  }
}
