'use client';

import { useMemo } from 'react';
import { blankDemand, markMatches, useRun, useWork } from '@/client';
import { countBlanks, numUncounted, packsToBuy } from '@/core/blanks';
import { changePrepare } from '@/core/edit';
import { formatMoney } from '@/core/units';
import { NumberField, Notice, Tick } from '@/ui';
import { PrintButton, PrintHead } from '@/parts/print';
import { CountTable } from './count-table';
import { MarkedBlanks } from './marked-blanks';
import { PreparationList } from './preparation-list';
import { useShopBlanks } from './use-shop-blanks';

/** Getting the blanks together: what is missing first, then what carries a mark already and what is done before lettering. */
export function PreparePage() {
  const { spec, change } = useRun();
  const { items } = useWork().bench;
  const shop = useShopBlanks();
  const matches = useMemo(() => markMatches(spec, items, shop), [spec, items, shop]);
  const demand = useMemo(() => blankDemand(spec, items, matches), [spec, items, matches]);
  const counts = useMemo(() => countBlanks(spec, demand, (id) => shop?.get(id)), [spec, demand, shop]);
  const missing = counts.filter((count) => count.missing > 0);
  const packs = packsToBuy(counts);
  const numLeftOut = numUncounted(demand.taken);
  return (
    <div className="grid gap-6 p-5">
      <PrintHead what="Prepare" />
      <header className="flex flex-wrap items-center gap-x-8 gap-y-2">
        <h1 className="text-xl font-bold">
          {shop === null
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
        <span className="w-96 print:hidden">
          <NumberField
            label="Spares for what spoils"
            unit="%"
            value={spec.prepare.spoilagePct}
            min={0}
            max={50}
            onChange={(spoilagePct) => change((now) => changePrepare(now, { spoilagePct }))}
          />
          <Tick
            checked={spec.prepare.sharesSpares ?? false}
            onChange={(sharesSpares) => change((now) => changePrepare(now, { sharesSpares }))}
          >
            shared over the sizes and colours of a blank
          </Tick>
        </span>
        <span className="ml-auto">
          <PrintButton label="Print this" onPrint={() => window.print()} />
        </span>
      </header>
      {numLeftOut > 0 && (
        <Notice severity="check">
          {numLeftOut === 1 ? '1 blank is' : `${numLeftOut} blanks are`} not counted: the list asks for a size or colour
          that the blank does not come in. They stand first on Fit, by name.
        </Notice>
      )}
      <CountTable counts={counts} />
      <div className="grid gap-6 lg:grid-cols-2">
        <PreparationList />
        <MarkedBlanks matches={matches} />
      </div>
    </div>
  );
}
