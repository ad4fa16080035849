'use client';

import { useState, useSyncExternalStore } from 'react';
import type { Shelf, ShopThingView, ShopValues } from '@/services';
import { api } from './api';
import { ThingSaver, type ThingSnapshot } from './thing-saver';

/** A thing of the shop with the saver that keeps it. */
export function useShopThing<S extends Shelf>(
  shelf: S,
  initial: ShopThingView<ShopValues[S]>,
): ThingSnapshot<ShopValues[S]> & {
  readonly saver: ThingSaver<ShopValues[S]>;
  readonly takeTheirs: () => Promise<void>;
} {
  const { id } = initial;
  const [saver] = useState(
    () => new ThingSaver<ShopValues[S]>(initial, (rev, value) => api.saveThing(shelf, { id, rev, value })),
  );
  const snapshot = useSyncExternalStore(saver.subscribe, saver.getSnapshot, saver.getSnapshot);
  const takeTheirs = async () => {
    const theirs = await api.thing(shelf, id);
    if (theirs.ok) saver.takeTheirs(theirs.value);
  };
  return { ...snapshot, saver, takeTheirs };
}
