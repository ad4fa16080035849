'use client';

import { useState } from 'react';
import { api, blankDifferences, problemSentence, useApiQuery, useHeat, useLengths, useRun } from '@/client';
import { putBlankCopy } from '@/core/blanks';
import type { Blank } from '@/core/shop';
import type { MainPlace } from '@/core/edit';
import type { ShopBlankView } from '@/services';
import { Button, Differences } from '@/ui';

/** How the run's own copy of the blank stands to the shop's: each can be taken over by the other, with what differs. */
export function ShopCopy({ place }: { readonly place: MainPlace }) {
  const { spec, change } = useRun();
  const lengths = useLengths();
  const heats = useHeat();
  const { use, blank } = place;
  const read = useApiQuery({
    key: ['shop', 'blank', use.blankId],
    ask: () => api.thing('blanks', use.blankId),
    isKept: false,
  });
  const [kept, setKept] = useState<ShopBlankView | null>(null);
  const shop = kept?.id === use.blankId ? kept : read.isCurrent ? read.value : null;
  const [told, setTold] = useState<{ readonly of: Blank; readonly words: string } | null>(null);
  const copy = spec.shop.blanks.find(({ id }) => id === use.blankId);
  if (!copy) return null;
  const differs = shop ? blankDifferences(blank, shop.value, { lengths, heats }) : [];
  const keep = async () => {
    const saved = await api.saveThing('blanks', { id: use.blankId, rev: shop?.rev ?? 0, value: blank });
    const words = saved.ok
      ? 'Kept in the shop: the next run starts with these measures.'
      : problemSentence(saved.problem);
    setTold({ of: blank, words });
    if (saved.ok) setKept(saved.value);
  };
  const takeNewer = (newer: ShopBlankView) =>
    change((now) => putBlankCopy(now, { id: newer.id, fromRev: newer.rev, value: newer.value }));
  const canTake = shop !== null && hasAllPlaces(shop.value, place);
  return (
    <div className="grid gap-2 text-soft">
      <p className="flex flex-wrap items-center gap-3">
        {(told?.of === blank && told.words) ||
          (differs.length > 0 ? 'Otherwise in the shop:' : shop ? 'As in the shop.' : 'Only in this run.')}
        {(differs.length > 0 || !shop) && <Button onClick={() => void keep()}>Keep this one in the shop</Button>}
        {differs.length > 0 && canTake && <Button onClick={() => takeNewer(shop)}>Take the shop’s</Button>}
      </p>
      {differs.length > 0 && <Differences label="Otherwise in the shop" rows={differs} />}
    </div>
  );
}

/** The shop's one can be taken where it still has what the run letters. */
function hasAllPlaces(shop: Blank, { use }: MainPlace): boolean {
  const { variant } = use;
  const hasVariant = variant.kind === 'byColumn' || shop.variants.some(({ id }) => id === variant.variantId);
  return hasVariant && use.places.every(({ placeId }) => shop.places.some(({ id }) => id === placeId));
}
