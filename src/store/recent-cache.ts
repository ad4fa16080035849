import type { Connection } from './database';

/** The few values asked for last, by key. */
export class RecentCache<T> {
  readonly #values = new Map<string, T>();

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    const value = this.#values.get(key);
    if (value !== undefined) {
      this.#values.delete(key);
      this.#values.set(key, value);
    }
    return value;
  }

  set(key: string, value: T): void {
    this.#values.delete(key);
    this.#values.set(key, value);
    const [oldest] = this.#values.keys();
    if (this.#values.size > this.most && oldest !== undefined) this.#values.delete(oldest);
  }
}

/** Runs that are worked on at the same time. */
const MOST_RUNS = 4;

/** A cache for each database, kept as long as that is open. */
export function cachesOf<T>(): (db: Connection) => RecentCache<T> {
  const caches = new WeakMap<object, RecentCache<T>>();
  return (db) => {
    // A transaction has the adapter of the connection that it belongs to; nothing else of theirs is the same object.
    const key = db.getExecutor().adapter;
    const cache = caches.get(key) ?? new RecentCache<T>(MOST_RUNS);
    caches.set(key, cache);
    return cache;
  };
}
