import { createStore, del, getMany, keys, set } from 'idb-keyval';

/**
 * What waits for the server, kept in this browser so that closing the page loses nothing. Records stand under a prefix, one
 * for each open page, so that two pages never write over each other.
 */
export interface Keeper {
  keep(key: string, value: unknown): Promise<void>;
  drop(key: string): Promise<void>;
  /** Records whose key begins so. Empty when the browser keeps nothing. */
  kept(prefix: string): Promise<readonly (readonly [key: string, value: unknown])[]>;
}

/** In the browser's own database; a browser that allows none loses nothing but what closing the page would cost. */
export function browserKeeper(database = 'knurl', table = 'waiting'): Keeper {
  let opened: ReturnType<typeof createStore> | null = null;
  const store = () => (opened ??= createStore(database, table));
  return {
    keep: (key, value) => set(key, value, store()).catch(() => undefined),
    drop: (key) => del(key, store()).catch(() => undefined),
    kept: async (prefix) => {
      try {
        // Only what is asked for is read: other runs may keep much.
        const found = (await keys<string>(store())).filter((key) => key.startsWith(prefix));
        const values = await getMany<unknown>(found, store());
        return found.flatMap((key, i) => (values[i] === undefined ? [] : [[key, values[i]] as const]));
      } catch {
        return [];
      }
    },
  };
}

/** For a page without storage, and for tests: kept as long as the object is. */
export function memoryKeeper(): Keeper {
  const records = new Map<string, unknown>();
  return {
    keep: async (key, value) => void records.set(key, structuredClone(value)),
    drop: async (key) => void records.delete(key),
    kept: async (prefix) => [...records].filter(([key]) => key.startsWith(prefix)),
  };
}
