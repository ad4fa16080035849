import { type Keeper, memoryKeeper } from './keeper';

export interface SaverParts {
  readonly keeper: Keeper;
  /** Name of this open page among those that keep changes. */
  readonly pageId: string;
  /** Entries with work recorded are withdrawn where undoing would drop them. */
  readonly hasWork: (entryId: string) => boolean;
  readonly nowMs: () => number;
  /** Runs something later; answers how to call it off. */
  readonly later: (run: () => void, ms: number) => () => void;
}

function inTime(run: () => void, ms: number): () => void {
  const timer = setTimeout(run, ms);
  return () => clearTimeout(timer);
}

/** For a page without storage, and for tests. */
export function saverParts(parts: Partial<SaverParts>): SaverParts {
  return {
    keeper: memoryKeeper(),
    pageId: 'page',
    hasWork: () => false,
    nowMs: () => performance.now(),
    later: inTime,
    ...parts,
  };
}
