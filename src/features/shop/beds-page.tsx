'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { useLengths } from '@/client';
import { type Bed, NEW_BED } from '@/core/shop';
import type { ShopThingView } from '@/services';
import type { TableColumn } from '@/ui';
import { CELL, ShelfPage } from './shelf-page';

type Row = ShopThingView<Bed>;

interface BedsPageProps {
  readonly beds: readonly Row[];
  readonly removedId: string | null;
}

/** What the cutter is loaded with: beds, and rolls that run through without one. */
export function BedsPage({ beds, removedId }: BedsPageProps) {
  const { pair } = useLengths();
  const columns = useMemo<readonly TableColumn<Row>[]>(
    () => [
      {
        id: 'name',
        head: 'Bed',
        width: 'minmax(240px,2fr)',
        leastPx: 240,
        className: 'px-2 py-1.5',
        cell: ({ id, value }) => (
          <Link href={`/shop/beds/${id}`} className="font-semibold text-link">
            {value.name}
          </Link>
        ),
      },
      {
        id: 'kind',
        head: 'Kind',
        width: '160px',
        leastPx: 160,
        className: CELL,
        cell: ({ value }) => (value.kind === 'roll' ? 'roll' : 'bed'),
      },
      {
        id: 'size',
        head: 'Usable, width × length',
        width: 'minmax(200px,1fr)',
        leastPx: 200,
        className: `${CELL} measure`,
        cell: ({ value }) => pair(value.widthMm, value.heightMm, 0),
      },
    ],
    [pair],
  );
  return (
    <ShelfPage
      shelf="beds"
      word="bed"
      things={beds}
      columns={columns}
      fresh={NEW_BED}
      removedId={removedId}
      note="Measure what the blade reaches, not the sheet that lies there: margins of a run come off it."
    />
  );
}
