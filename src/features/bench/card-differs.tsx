'use client';

import { api, cardDifferences, useApiQuery, useHeat, useLengths, useRun } from '@/client';
import { putCardCopy } from '@/core/edit';
import { Button, Differences } from '@/ui';

/** Where the shop's card says otherwise than the run's copy, value by value, and can be taken. */
export function CardDiffers({ cardId }: { readonly cardId: string }) {
  const { spec, change } = useRun();
  const lengths = useLengths();
  const heats = useHeat();
  const { value } = useApiQuery({ key: ['shop', 'cards'], ask: () => api.things('cards'), isKept: false });
  const own = spec.shop.cards.find(({ id }) => id === cardId);
  const newer = value?.cards.find(({ id }) => id === cardId);
  const rows = own && newer ? cardDifferences(own.value, newer.value, { lengths, heats }) : [];
  if (!newer || rows.length === 0) return null;
  return (
    <div className="my-2 border-l-4 border-note bg-note-tint px-3 py-1.5">
      <p>The shop’s card says otherwise:</p>
      <Differences label="Otherwise on the shop’s card" rows={rows} />
      <Button onClick={() => change((now) => putCardCopy(now, { id: cardId, fromRev: newer.rev, value: newer.value }))}>
        Take the shop’s
      </Button>
    </div>
  );
}
