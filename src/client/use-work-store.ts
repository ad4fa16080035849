'use client';

import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { BenchView } from '@/services';
import type { ActQueue, QueueSnapshot } from './act-queue';
import type { Keeper } from './keeper';
import { WorkStore } from './work-store';

export interface Work extends QueueSnapshot {
  readonly bench: BenchView;
  readonly queue: ActQueue;
  readonly refresh: WorkStore['refresh'];
  readonly follow: WorkStore['follow'];
  readonly hasWork: WorkStore['hasWork'];
}

/** What was done to the run's items, and what is on its way to the ledger. */
export function useWorkStore(
  runId: string,
  initial: ConstructorParameters<typeof WorkStore>[1],
  keeper: Keeper,
  pageId: string,
): Work {
  const [store] = useState(() => new WorkStore(runId, initial, keeper, pageId));
  const { queue, refresh, follow, hasWork } = store;
  useEffect(() => {
    // Only the browser knows its station, so the first undo of a reloaded page has to be asked for.
    void refresh().then(queue.takeUpKept);
    window.addEventListener('online', queue.tryNow);
    return () => window.removeEventListener('online', queue.tryNow);
  }, [refresh, queue]);
  const bench = useSyncExternalStore(store.subscribe, store.getBench, store.getBench);
  const snapshot = useSyncExternalStore(queue.subscribe, queue.getSnapshot, queue.getSnapshot);
  return useMemo(
    () => ({ ...snapshot, bench, queue, refresh, follow, hasWork }),
    [snapshot, bench, queue, refresh, follow, hasWork],
  );
}
