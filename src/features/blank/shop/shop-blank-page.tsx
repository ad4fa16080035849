'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, useShopThing } from '@/client';
import { changeVariantOf } from '@/core/edit';
import { measuredOf } from '@/core/shop';
import type { ShopBlankView } from '@/services';
import { Button, Choice, SaveNotice } from '@/ui';
import { PlaceEditor } from '../place-editor';
import { BlankFacts } from './blank-facts';
import { PlaceBar } from './place-bar';
import { StockTable } from './stock-table';

type View = 'facts' | 'places';

/** One blank of the shop: what it is and how many there are, and its measured places. */
export function ShopBlankPage({ initial }: { readonly initial: ShopBlankView }) {
  const router = useRouter();
  const { value: blank, save, saver, takeTheirs } = useShopThing('blanks', initial);
  const { change, retry } = saver;
  const [view, setView] = useState<View>('facts');
  const [at, setAt] = useState({ placeId: '', variantId: '' });
  const variant = blank.variants.find(({ id }) => id === at.variantId) ?? blank.variants[0]!;
  const role = blank.places.find(({ id }) => id === at.placeId) ?? blank.places[0]!;
  const measured = measuredOf(blank, variant, role.id);
  const remove = async () => {
    const gone = await api.removeThing('blanks', initial.id);
    if (gone.ok) router.push(`/shop?removed=${initial.id}`);
  };
  return (
    <main className="flex min-h-[calc(100vh-95px)] flex-col">
      <header className="grid gap-3 border-b border-rule-strong px-5 py-4">
        <div className="flex flex-wrap items-center gap-4">
          <Link href="/shop" className="text-link">
            All blanks
          </Link>
          <h1 className="text-xl font-bold">{blank.name}</h1>
          <output className="text-soft" data-testid="shop-save">
            {save.kind === 'kept' ? 'kept' : save.kind === 'keeping' ? 'keeping…' : 'not kept'}
          </output>
          <span className="ml-auto">
            <Button weight="grave" onClick={() => void remove()}>
              Take it out of the shop
            </Button>
          </span>
        </div>
        <SaveNotice save={save} onTakeTheirs={() => void takeTheirs()} onRetry={retry} />
        <Choice
          label="Look at"
          options={[
            { id: 'facts', label: 'what it is and how many there are' },
            { id: 'places', label: 'its places' },
          ]}
          value={view}
          onChange={(id) => setView(id as View)}
        />
        {view === 'places' && (
          <PlaceBar
            blank={blank}
            role={role}
            variant={variant}
            onChange={change}
            onPick={(to) => setAt({ ...at, ...to })}
          />
        )}
      </header>
      {view === 'facts' ? (
        <div className="grid flex-1 lg:grid-cols-[420px_minmax(0,1fr)]">
          <BlankFacts blank={blank} onChange={(part) => change((now) => ({ ...now, ...part }))} />
          <StockTable
            blank={blank}
            onStock={(variantId, part) =>
              change((now) => changeVariantOf(now, variantId, (one) => ({ ...one, stock: { ...one.stock, ...part } })))
            }
          />
        </div>
      ) : measured ? (
        <PlaceEditor
          key={`${role.id}-${variant.id}`}
          edit={{
            blank,
            variant,
            role,
            measured,
            isMirrored: variant.places[role.id] === undefined,
            changeBlank: change,
          }}
          ink={[]}
        />
      ) : (
        <p className="p-5">This place has no measures in this size and colour.</p>
      )}
    </main>
  );
}
