'use client';

import { bondedWord, facetOf, madeOtherwise } from '@/client';
import type { BenchItem } from '@/services';
import { PrintHead, PrintTable } from '@/parts/print';
import { materialsWords, passesWords } from './item-places';

/** The bench's list on paper, with a box to tick for each stage: for a table without a screen. */
export function PrintedBench({ items }: { readonly items: readonly BenchItem[] }) {
  const box = () => <span className="inline-block size-3.5 border border-ink align-middle" />;
  return (
    <div className="p-5">
      <PrintHead what={`Bench, ${items.length} ${items.length === 1 ? 'item' : 'items'}`} />
      <PrintTable
        label="Bench on paper"
        rows={items}
        idOf={({ itemId }) => itemId}
        columns={[
          { head: 'Item', cell: (item) => <b>{madeOtherwise(item) ?? item.text.join(' ')}</b> },
          {
            head: 'Blank',
            cell: ({ blankName, variantWords }) => `${blankName}${variantWords && `, ${variantWords}`}`,
          },
          { head: 'Film', cell: ({ pieces }) => materialsWords(pieces) },
          { head: 'Pass', cell: ({ pieces }) => passesWords(pieces) },
          { head: 'So far', cell: (item) => facetOf(item).label },
          { head: 'Cut', cell: box },
          { head: 'Weeded', cell: box },
          {
            head: 'On it',
            cell: (item) => (
              <>
                {box()} {bondedWord(item.pieces.map(({ process }) => process))}
              </>
            ),
          },
          { head: 'Checked', cell: box },
          { head: 'Packed', cell: box },
        ]}
      />
    </div>
  );
}
