'use client';

import { type AlikePieces, madeOtherwise, facetOf, useRun } from '@/client';
import type { BenchItem } from '@/services';
import { ItemSmall } from '@/parts/preview';
import { Facet } from '@/ui';
import { nextStage } from './bench-stages';
import { Figure } from './figure';
import { ItemPlaceView } from './item-place';
import type { Bench } from './use-bench';
import type { Clocks } from './use-clocks';
import { itemPlaces, materialsWords } from './item-places';
import { frozenSentence, otherFilmSentence } from './sentences';

interface BenchCurrentProps {
  readonly item: BenchItem;
  readonly clocks: Clocks;
  /** Pieces that are interchangeable, by id. */
  readonly alike: ReadonlyMap<string, AlikePieces>;
  readonly onMarkPiece: Bench['markPiece'];
}

/** The item in hand: its name to be read from two metres, its lettering as it was cut, and where it goes. */
export function BenchCurrent({ item, clocks, alike, onMarkPiece }: BenchCurrentProps) {
  const { spec } = useRun();
  const places = itemPlaces(spec, item);
  const facet = facetOf(item);
  const isPressedNext = nextStage(item) === 'bonded';
  const other = item.pieces.find(({ frozenText }) => frozenText !== null) ?? null;
  return (
    <section className="min-w-0 p-5">
      <p className="heading-small">
        {item.blankName}
        {item.variantWords && `, ${item.variantWords}`} · {materialsWords(item.pieces)}
      </p>
      <div className="mb-3 flex flex-wrap items-center gap-x-5">
        <h1 className="text-name leading-tight font-bold break-words">{madeOtherwise(item) ?? item.text.join(' ')}</h1>
        <p className="flex items-center gap-2 text-lg">
          <Facet {...facet} sizePx={30} /> {facet.label}
        </p>
        <span className="ml-auto flex gap-2">
          <ItemSmall itemId={item.itemId} isLabelled />
        </span>
      </div>
      {item.pieces.map((piece) => {
        const words = otherFilmSentence(piece);
        return words && <Otherwise key={piece.pieceId}>{words}</Otherwise>;
      })}
      {other && <Otherwise>{frozenSentence(other, item.text)}</Otherwise>}
      <div className={places.length > 1 ? 'grid gap-5 xl:grid-cols-2' : ''}>
        {places.map((at) => (
          <ItemPlaceView
            key={at.place.at.placeId}
            item={item}
            clocks={clocks}
            at={at}
            alike={alike}
            isNamed={places.length > 1}
            isPressedNext={isPressedNext}
            onMarkPiece={onMarkPiece}
          />
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

/** What was frozen is not what the run says now. */
function Otherwise({ children }: { readonly children: string }) {
  return <p className="mb-3 border-l-4 border-brass bg-brass-tint px-3 py-1.5">{children}</p>;
}
