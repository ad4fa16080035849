'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { useLengths } from '@/client';
import { type Lettering, NEW_LETTERING } from '@/core/shop';
import type { ShopThingView } from '@/services';
import type { TableColumn } from '@/ui';
import { LetteringSample } from './lettering-sample';
import { CELL, ShelfPage } from './shelf-page';

type Row = ShopThingView<Lettering>;

interface LetteringsPageProps {
  readonly letterings: readonly Row[];
  readonly removedId: string | null;
}

/** How texts are set: a face with its case and tracking, and the least height at which it can be cut. */
export function LetteringsPage({ letterings, removedId }: LetteringsPageProps) {
  const { exact } = useLengths();
  const columns = useMemo<readonly TableColumn<Row>[]>(
    () => [
      {
        id: 'name',
        head: 'Lettering',
        width: 'minmax(200px,1fr)',
        leastPx: 200,
        className: 'px-2 py-1.5',
        cell: ({ id, value }) => (
          <Link href={`/shop/letterings/${id}`} className="font-semibold text-link">
            {value.name}
          </Link>
        ),
      },
      {
        id: 'sample',
        head: 'As it is cut',
        width: 'minmax(260px,2fr)',
        leastPx: 260,
        className: 'px-2 py-1.5',
        cell: ({ value }) => <LetteringSample lettering={value} text="Brass & Reed" className="h-7" />,
      },
      {
        id: 'least',
        head: 'Least letter height',
        width: '180px',
        leastPx: 180,
        className: `${CELL} measure`,
        cell: ({ value }) => exact(value.minLetterHeightMm),
      },
    ],
    [exact],
  );
  return (
    <ShelfPage
      shelf="letterings"
      word="lettering"
      things={letterings}
      columns={columns}
      fresh={NEW_LETTERING}
      removedId={removedId}
      note="Every fresh run has all of them; a run that has begun takes one on Fit."
    />
  );
}
