'use client';

import { useMemo } from 'react';
import { useFits, useRun } from '@/client';
import { countBlanks, numUncounted, packsToBuy } from '@/core/blanks';
import { changePrepare } from '@/core/edit';
import { formatMoney } from '@/core/units';
import { NumberField, Notice } from '@/ui';
import { CountTable } from './count-table';
import { MarkedBlanks } from './marked-blanks';
import { PreparationList } from './preparation-list';
import { useShopBlanks } from './use-shop-blanks';

/** Getting the blanks together: what is missing first, then what carries a mark already and what is done before lettering. */
export function PreparePage() {
  const { spec, change } = useRun();
  const fits = useFits();
  const shop = useShopBlanks();
  const items = fits.last?.fits;
  const counts = useMemo(() => countBlanks(spec, items ?? [], (id) => shop?.get(id)), [spec, items, shop]);
  const missing = counts.filter((count) => count.missing > 0);
  const packs = packsToBuy(counts);
  const numLeftOut = numUncounted(items ?? []);
  return (
    <div className="grid gap-6 p-5">
      <header className="flex flex-wrap items-center gap-x-8 gap-y-2">
        <h1 className="text-xl font-bold">
          {items === undefined
            ? 'Counting…'
            : missing.length === 0
              ? numLeftOut > 0
                ? 'What can be counted is on hand'
                : 'All blanks are on hand'
              : `${packs.count} ${packs.count === 1 ? 'pack' : 'packs'} to buy for ${missing.reduce((sum, one) => sum + one.missing, 0)} missing blanks`}
          {packs.costs.map(({ cents, currency }) => (
            <span key={currency} className="measure font-normal">
              , {formatMoney(cents, currency)}
            </span>
          ))}
        </h1>
        <span className="w-80">
          <NumberField
            label="Spares for what spoils"
            unit="%"
            value={spec.prepare.spoilagePct}
            min={0}
            max={50}
            onChange={(spoilagePct) => change((now) => changePrepare(now, { spoilagePct }))}
          />
        </span>
      </header>
      {numLeftOut > 0 && (
        <Notice severity="check">
          {numLeftOut === 1 ? '1 item is' : `${numLeftOut} items are`} not counted: the list asks for a size or colour
          that the blank does not come in. They stand first on Fit, by name.
        </Notice>
      )}
      <CountTable counts={counts} />
      <div className="grid gap-6 lg:grid-cols-2">
        <PreparationList />
        <MarkedBlanks shop={shop} />
      </div>
    </div>
  );
}
