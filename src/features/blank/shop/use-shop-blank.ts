'use client';

import { useState, useSyncExternalStore } from 'react';
import { BlankSaver, type BlankSnapshot, api } from '@/client';
import type { ShopBlankView } from '@/services';

/** A blank of the shop with the saver that keeps it. */
export function useShopBlank(initial: ShopBlankView): BlankSnapshot & {
  readonly saver: BlankSaver;
  readonly takeTheirs: () => Promise<void>;
} {
  const [saver] = useState(() => new BlankSaver(initial, (rev, blank) => api.saveBlank(initial.id, rev, blank)));
  const snapshot = useSyncExternalStore(saver.subscribe, saver.getSnapshot, saver.getSnapshot);
  const takeTheirs = async () => {
    const theirs = await api.blank(initial.id);
    if (theirs.ok) saver.takeTheirs(theirs.value);
  };
  return { ...snapshot, saver, takeTheirs };
}
