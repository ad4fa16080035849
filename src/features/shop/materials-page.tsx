'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { boughtWords, finestWords, priceWords, useCurrency, useLengths } from '@/client';
import { NEW_MATERIAL, type Material, kindFacts } from '@/core/shop';
import { Swatch } from '@/drawing';
import type { ShopThingView } from '@/services';
import type { TableColumn } from '@/ui';
import { CELL, ShelfPage } from './shelf-page';

type Row = ShopThingView<Material>;

interface MaterialsPageProps {
  /** JSON of the rows. */
  readonly materials: string;
  readonly removedId: string | null;
}

/** Every film, sheet and card of the shop: what it is, how fine it is cut, how it is bought. */
export function MaterialsPage({ materials, removedId }: MaterialsPageProps) {
  const [currency] = useCurrency();
  const things = useMemo(() => JSON.parse(materials) as readonly Row[], [materials]);
  return (
    <ShelfPage
      shelf="materials"
      word="material"
      things={things}
      columns={useColumns()}
      fresh={{ ...NEW_MATERIAL, currency }}
      removedId={removedId}
      note="Starting points, made up. The maker’s sheet and your own trials win over every figure."
    />
  );
}

/** What nobody has said stays in the background. */
function MaybeSaid({ words, isSaid }: { readonly words: string; readonly isSaid: boolean }) {
  return <span className={isSaid ? '' : 'text-soft'}>{words}</span>;
}

function useColumns(): readonly TableColumn<Row>[] {
  const lengths = useLengths();
  return useMemo(
    () => [
      {
        id: 'name',
        head: 'Material',
        width: 'minmax(260px,2fr)',
        leastPx: 260,
        cell: ({ id, value }) => (
          <span className="flex items-center gap-3 px-2 py-0.5">
            <Swatch kind={value.kind} hex={value.colour.hex} pattern={value.pattern} />
            <Link href={`/shop/materials/${id}`} className="font-semibold text-link">
              {value.name}
            </Link>
          </span>
        ),
      },
      {
        id: 'kind',
        head: 'Kind',
        width: 'minmax(160px,1fr)',
        leastPx: 160,
        className: CELL,
        cell: ({ value }) => kindFacts(value.kind).words,
      },
      {
        id: 'finest',
        head: `Stroke · gap · hole, ${lengths.word}`,
        width: '190px',
        leastPx: 190,
        className: `${CELL} measure`,
        cell: ({ value }) => finestWords(value.finest, lengths),
      },
      {
        id: 'bought',
        head: 'As bought',
        width: 'minmax(220px,1fr)',
        leastPx: 220,
        className: CELL,
        cell: ({ value }) => <MaybeSaid words={boughtWords(value.bought, lengths)} isSaid={value.bought !== null} />,
      },
      {
        id: 'price',
        head: 'Price',
        width: '110px',
        leastPx: 110,
        className: CELL,
        cell: ({ value }) => <MaybeSaid words={priceWords(value)} isSaid={value.priceCents !== null} />,
      },
      {
        id: 'blade',
        head: 'Blade',
        width: 'minmax(110px,1fr)',
        leastPx: 110,
        className: CELL,
        cell: ({ value }) => <MaybeSaid words={value.blade || 'not said'} isSaid={value.blade !== ''} />,
      },
    ],
    [lengths],
  );
}
