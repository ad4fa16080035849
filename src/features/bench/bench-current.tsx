'use client';

import { madeOtherwise, facetOf, useRun } from '@/client';
import type { BenchItem } from '@/services';
import { Facet } from '@/ui';
import { Figure } from './figure';
import { ItemPlaceView } from './item-place';
import { itemPlaces, materialsWords } from './item-places';
import { frozenSentence } from './sentences';

/** The item in hand: its name to be read from two metres, its lettering as it was cut, and where it goes. */
export function BenchCurrent({ item }: { readonly item: BenchItem }) {
  const { spec } = useRun();
  const places = itemPlaces(spec, item);
  const facet = facetOf(item);
  const other = item.pieces.find(({ frozenText }) => frozenText !== null) ?? null;
  return (
    <section className="min-w-0 p-5">
      <p className="heading-small">
        {item.blankName}
        {item.variantWords && `, ${item.variantWords}`} · {materialsWords(item.pieces)}
      </p>
      <h1 className="text-name leading-tight font-bold break-words">{madeOtherwise(item) ?? item.text.join(' ')}</h1>
      <p className="mb-3 flex items-center gap-2 text-lg">
        <Facet {...facet} sizePx={30} /> {facet.label}
      </p>
      {other && (
        <p className="mb-3 border-l-4 border-brass bg-brass-tint px-3 py-1.5">{frozenSentence(other, item.text)}</p>
      )}
      <div className={places.length > 1 ? 'grid gap-5 xl:grid-cols-2' : ''}>
        {places.map((at) => (
          <ItemPlaceView key={at.place.at.placeId} item={item} at={at} isNamed={places.length > 1} />
        ))}
      </div>
      <dl className="mt-4 flex flex-wrap gap-x-9 gap-y-3">
        {Object.entries(item.fields)
          .filter(([name, value]) => name !== 'text' || value !== item.text.join(' '))
          .map(([name, value]) => (
            <Figure key={name} label={name === 'text' ? 'for' : name} value={value} isWord />
          ))}
      </dl>
    </section>
  );
}
