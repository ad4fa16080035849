'use client';

import { variantWords } from '@/client';
import { useState } from 'react';
import type { Blank, Variant } from '@/core/shop';

interface StockTableProps {
  readonly blank: Blank;
  readonly onStock: (variantId: string, part: Partial<Variant['stock']>) => void;
}

/** How many there are of each size and colour, how many of them are seconds, and which marks some carry already. */
export function StockTable({ blank, onStock }: StockTableProps) {
  const total = blank.variants.reduce((sum, { stock }) => sum + stock.onHand, 0);
  return (
    <section className="min-w-0 p-5">
      <h2 className="heading-small mb-2">
        {total} on hand, in {blank.variants.length}{' '}
        {blank.variants.length === 1 ? 'size and colour' : 'sizes and colours'}
      </h2>
      <table className="w-full bg-paper">
        <thead>
          <tr className="border-b border-ink text-left">
            {['Size, colour', 'On hand, pcs', 'of them seconds', 'Marks already on some, with commas between'].map(
              (name) => (
                <th key={name} scope="col" className="heading-small px-2 py-1 font-normal">
                  {name}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {blank.variants.map((variant) => (
            <tr key={variant.id} className="border-b border-rule">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <span className="flex items-center gap-2">
                  <span
                    className="size-4 rounded-sm border border-rule-strong"
                    style={{ background: variant.colour.hex }}
                    aria-hidden
                  />
                  {variantWords(variant)}
                </span>
              </th>
              <Count
                label={`${variantWords(variant)}: on hand`}
                value={variant.stock.onHand}
                onChange={(onHand) => onStock(variant.id, { onHand })}
              />
              <Count
                label={`${variantWords(variant)}: seconds`}
                value={variant.stock.seconds}
                onChange={(seconds) => onStock(variant.id, { seconds })}
              />
              <td className="px-2 py-1">
                <Marks
                  label={`${variantWords(variant)}: marks`}
                  marks={variant.stock.marked}
                  onChange={(marked) => onStock(variant.id, { marked })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-soft">
        A blank that carries an initial already is given to an entry that it fits, on the run’s step Prepare.
      </p>
    </section>
  );
}

interface CountProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function Count({ label, value, onChange }: CountProps) {
  return (
    <td className="px-2 py-1">
      <input
        className="measure w-24 text-right"
        type="number"
        min={0}
        max={1_000_000}
        aria-label={label}
        value={value}
        onChange={(event) => onChange(Math.min(1_000_000, Math.max(0, Math.round(event.target.valueAsNumber || 0))))}
      />
    </td>
  );
}

function Marks({
  label,
  marks,
  onChange,
}: {
  label: string;
  marks: readonly string[];
  onChange: (marks: string[]) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string) =>
    text
      .split(',')
      .map((mark) => mark.trim().slice(0, 20))
      .filter((mark) => mark !== '')
      .slice(0, 500);
  return (
    <input
      className="w-full"
      aria-label={label}
      value={typed ?? marks.join(', ')}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange(read(event.target.value));
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
