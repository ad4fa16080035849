'use client';

import Link from 'next/link';
import { useRun, variantWords } from '@/client';
import type { BlankCount } from '@/core/blanks';
import { findBlank } from '@/core/spec';
import { formatMoney } from '@/core/units';
import { BlankPicture } from '@/drawing';
import { packsWords } from './packs-words';

const HEADS = ['Blank', 'Size, colour', 'Needed', 'Spares', 'On hand', 'Missing', 'Packs to buy', 'Costs'];

/** Blanks by size and colour, all in pieces but the packs. */
export function CountTable({ counts }: { readonly counts: readonly BlankCount[] }) {
  const total = (part: 'needed' | 'spares' | 'missing') => counts.reduce((sum, one) => sum + one[part], 0);
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-y border-rule-strong bg-paper">
        <thead>
          <tr className="border-b border-ink">
            {HEADS.map((name, i) => (
              <th
                key={name}
                scope="col"
                className={`heading-small px-2 py-2 font-normal ${i < 2 ? 'text-left' : 'text-right'}`}
              >
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {counts.map((count) => (
            <CountRow key={`${count.blankId}-${count.variantId}`} count={count} />
          ))}
          <tr className="font-semibold">
            <th scope="row" colSpan={2} className="px-2 py-1.5 text-left">
              All, pieces
            </th>
            <td className="measure px-2 py-1.5 text-right">{total('needed')}</td>
            <td className="measure px-2 py-1.5 text-right">{total('spares')}</td>
            <td />
            <td className="measure px-2 py-1.5 text-right">{total('missing')}</td>
            <td colSpan={2} />
          </tr>
        </tbody>
      </table>
    </div>
  );
}

function CountRow({ count }: { readonly count: BlankCount }) {
  const { spec } = useRun();
  const blank = findBlank(spec, count.blankId);
  const variant = blank.variants.find(({ id }) => id === count.variantId);
  const { packs, packCount, priceCents, currency, lost } = count;
  const beside = [
    count.seconds > 0 && `${count.seconds} seconds`,
    count.unusable > 0 && `${count.unusable} marked for nobody`,
  ].filter(Boolean);
  const size = variantWords({ size: count.size, colour: { name: count.colour, hex: '' } });
  return (
    <tr className="border-b border-rule">
      <th scope="row" className="px-2 py-1.5 text-left font-normal">
        <span className="flex items-center gap-3">
          {variant && <BlankPicture kind={blank.kind} variant={variant} className="h-9 w-10 shrink-0" />}
          <Link href={`/shop/blanks/${count.blankId}`} className="text-link">
            {count.blankName}
          </Link>
        </span>
      </th>
      <td className="px-2 py-1.5">{size}</td>
      <td className="measure px-2 py-1.5 text-right">
        {count.needed}
        {lost > 0 && <span className="text-soft"> ({lost} for lost ones)</span>}
      </td>
      <td className="measure px-2 py-1.5 text-right">{count.spares}</td>
      <td className="measure px-2 py-1.5 text-right">
        {count.onHand}
        {beside.length > 0 && <span className="text-soft"> ({beside.join(', ')})</span>}
      </td>
      <td className={`measure px-2 py-1.5 text-right ${count.missing > 0 ? 'font-semibold text-madder' : ''}`}>
        {count.missing}
      </td>
      <td className="measure px-2 py-1.5 text-right">{packsWords(packs, packCount)}</td>
      <td className="measure px-2 py-1.5 text-right">
        {packs === 0 ? '' : priceCents === null ? 'no price' : formatMoney(priceCents, currency)}
      </td>
    </tr>
  );
}
