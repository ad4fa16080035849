'use client';

import { type PressCard, fabricFacts, heaterFacts, kindFacts } from '@/core/shop';
import type { ShopThingView } from '@/services';
import { CardFields } from './card-fields';
import { ThingPage } from './thing-page';

/** One press card of the shop. */
export function CardPage({ initial }: { readonly initial: ShopThingView<PressCard> }) {
  return (
    <ThingPage
      shelf="cards"
      words="press cards"
      initial={initial}
      titleOf={({ kind, fabric, heater }) => (
        <h1 className="text-xl font-bold">
          {kindFacts(kind).words} on {fabricFacts(fabric).words}, {heaterFacts(heater).words}
        </h1>
      )}
    >
      {(card, change) => <CardFields card={card} onChange={(part) => change((now) => ({ ...now, ...part }))} />}
    </ThingPage>
  );
}
