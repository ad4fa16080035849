'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { peelWords, useHeat } from '@/client';
import { NEW_CARD, type PressCard, fabricFacts, heaterFacts, kindFacts } from '@/core/shop';
import { formatHeat } from '@/core/units';
import type { ShopThingView } from '@/services';
import type { TableColumn } from '@/ui';
import { CELL, ShelfPage } from './shelf-page';

type Row = ShopThingView<PressCard>;

interface CardsPageProps {
  readonly cards: readonly Row[];
  readonly removedId: string | null;
}

/** How every kind of film is pressed on every fabric with every heater that somebody has tried. */
export function CardsPage({ cards, removedId }: CardsPageProps) {
  return (
    <ShelfPage
      shelf="cards"
      word="press card"
      things={cards}
      columns={useColumns()}
      fresh={NEW_CARD}
      removedId={removedId}
      note="Starting points. The film maker’s sheet and the blank’s label win over every figure, and local rules apply."
    />
  );
}

function useColumns(): readonly TableColumn<Row>[] {
  const { unit, word } = useHeat();
  return useMemo(() => {
    const range = ({ least, chosen, most }: PressCard['heatC'], write: (value: number) => string) => (
      <>
        <b>{write(chosen)}</b> <span className="text-soft">({`${write(least)}–${write(most)}`})</span>
      </>
    );
    return [
      {
        id: 'film',
        head: 'Film on fabric',
        width: 'minmax(300px,2fr)',
        leastPx: 300,
        className: 'px-2 py-1.5',
        cell: ({ id, value }) => (
          <>
            <Link href={`/shop/cards/${id}`} className="font-semibold text-link">
              {kindFacts(value.kind).words} on {fabricFacts(value.fabric).words}
            </Link>
            {value.name !== heaterFacts(value.heater).words && <span className="text-soft"> · {value.name}</span>}
          </>
        ),
      },
      {
        id: 'heater',
        head: 'Pressed with',
        width: 'minmax(130px,1fr)',
        leastPx: 130,
        className: CELL,
        cell: ({ value }) => heaterFacts(value.heater).words,
      },
      {
        id: 'heat',
        head: `Heat, ${word}`,
        width: '170px',
        leastPx: 170,
        className: `${CELL} measure`,
        cell: ({ value }) => range(value.heatC, (celsius) => formatHeat(celsius, unit)),
      },
      {
        id: 'seconds',
        head: 'Seconds',
        width: '140px',
        leastPx: 140,
        className: `${CELL} measure`,
        cell: ({ value }) => range(value.seconds, String),
      },
      {
        id: 'pressure',
        head: 'Pressure',
        width: '100px',
        leastPx: 100,
        className: CELL,
        cell: ({ value }) => value.pressure,
      },
      {
        id: 'peel',
        head: 'Peel',
        width: '120px',
        leastPx: 120,
        className: CELL,
        cell: ({ value }) => peelWords(value.peels),
      },
      {
        id: 'ceiling',
        head: `Film bears, ${word}`,
        width: '120px',
        leastPx: 120,
        className: `${CELL} measure`,
        cell: ({ value }) => formatHeat(value.ceilingC, unit),
      },
    ];
  }, [unit, word]);
}
