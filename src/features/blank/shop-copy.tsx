'use client';

import { useState } from 'react';
import { api, problemSentence, useApiQuery, useRun } from '@/client';
import { putBlankCopy } from '@/core/blanks';
import type { Blank } from '@/core/shop';
import type { MainPlace } from '@/core/edit';
import type { ShopBlankView } from '@/services';
import { Button } from '@/ui';

/** How the run's own copy of the blank stands to the shop's: each can be taken over by the other, with what differs. */
export function ShopCopy({ place }: { readonly place: MainPlace }) {
  const { spec, change } = useRun();
  const { use, blank } = place;
  const read = useApiQuery({ key: ['shop', 'blank', use.blankId], ask: () => api.blank(use.blankId), isKept: false });
  const [kept, setKept] = useState<ShopBlankView | null>(null);
  const shop = kept?.id === use.blankId ? kept : read.isCurrent ? read.value : null;
  const [told, setTold] = useState<{ readonly of: Blank; readonly words: string } | null>(null);
  const copy = spec.shop.blanks.find(({ id }) => id === use.blankId);
  if (!copy) return null;
  const differs = shop ? partsThatDiffer(blank, shop.value) : [];
  const keep = async () => {
    const saved = await api.saveBlank(use.blankId, shop?.rev ?? 0, blank);
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
    <p className="flex flex-wrap items-center gap-3 text-soft">
      {(told?.of === blank && told.words) ||
        (differs.length > 0
          ? `Otherwise in the shop: ${differs.join(', ')}.`
          : shop
            ? 'As in the shop.'
            : 'Only in this run.')}
      {(differs.length > 0 || !shop) && <Button onClick={() => void keep()}>Keep this one in the shop</Button>}
      {differs.length > 0 && canTake && <Button onClick={() => takeNewer(shop)}>Take the shop’s</Button>}
    </p>
  );
}

/** The shop's one can be taken where it still has what the run letters. */
function hasAllPlaces(shop: Blank, { use }: MainPlace): boolean {
  const { variant } = use;
  const hasVariant = variant.kind === 'byColumn' || shop.variants.some(({ id }) => id === variant.variantId);
  return hasVariant && use.places.every(({ placeId }) => shop.places.some(({ id }) => id === placeId));
}

const PARTS: readonly (readonly [keyof Blank, string])[] = [
  ['name', 'name'],
  ['fabric', 'fabric'],
  ['bearsC', 'heat'],
  ['preparation', 'preparation'],
  ['pack', 'pack'],
  ['photo', 'photo'],
  ['places', 'places'],
];

function partsThatDiffer(own: Blank, shop: Blank): string[] {
  const isSame = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const named = PARTS.filter(([part]) => !isSame(own[part], shop[part])).map(([, word]) => word);
  // What is on hand is the shop's own affair.
  const measures = ({ variants }: Blank) => variants.map(({ stock: _, ...rest }) => rest);
  return isSame(measures(own), measures(shop)) ? named : [...named, 'measures, sizes or colours'];
}
