'use client';

import { useMemo } from 'react';
import { useFits, useRun, variantWords } from '@/client';
import { type MarkTaker, type MarkedBlank, matchMarks } from '@/core/blanks';
import type { Blank } from '@/core/shop';
import { type RunSpec, findBlank } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** Blanks that carry a mark already, each for an entry that it fits. */
export function MarkedBlanks({ shop }: { readonly shop: ReadonlyMap<string, Blank> | null }) {
  const { spec } = useRun();
  const all = useFits().last?.fits;
  const matches = useMemo(() => {
    const takers = takersOf(spec, all ?? []);
    const names = new Map(takers.map((taker) => [taker.itemId, taker.names[0] ?? taker.texts[0] ?? '']));
    return matchMarks(markedOf(spec, shop), takers).map((match) => ({
      ...match,
      whose: names.get(match.itemId ?? ''),
    }));
  }, [spec, all, shop]);
  if (matches.length === 0) return null;
  return (
    <section aria-label="Blanks that carry a mark already">
      <h2 className="mb-2 text-lg font-semibold">Blanks that carry a mark already</h2>
      <ul className="border-y border-rule bg-paper">
        {matches.map(({ blank: { blankId, variantId, mark }, whose, why }, i) => {
          const { name, variants } = findBlank(spec, blankId);
          const variant = variants.find(({ id }) => id === variantId);
          return (
            <li key={i} className="flex flex-wrap gap-x-3 border-b border-rule px-3 py-1.5 last:border-0">
              <b className="measure">{mark}</b>
              <span className="text-soft">
                {name}
                {variant && `, ${variantWords(variant)}`}
              </span>
              <span className="ml-auto">
                {why === 'none' ? (
                  'for nobody in this run: cover the mark, or leave it'
                ) : (
                  <>
                    for <b>{whose}</b>
                  </>
                )}
                {why === 'sameText' && ', who gets just that'}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function markedOf(spec: RunSpec, shop: ReadonlyMap<string, Blank> | null): MarkedBlank[] {
  return [...new Set(spec.uses.map(({ blankId }) => blankId))].flatMap((blankId) =>
    (shop?.get(blankId) ?? findBlank(spec, blankId)).variants.flatMap(({ id, stock }) =>
      stock.marked.map((mark) => ({ blankId, variantId: id, mark })),
    ),
  );
}

function takersOf(spec: RunSpec, fits: readonly ScreenFit[]): MarkTaker[] {
  const entries = new Map(spec.entries.map(({ id, fields }) => [id as string, fields]));
  const takers = new Map<string, { taker: MarkTaker; texts: string[] }>();
  for (const { itemId, useId, entryId, variantId, text } of fits) {
    const known = takers.get(itemId);
    if (known) {
      known.texts.push(text.join(' '));
      continue;
    }
    const fields = entries.get(entryId) ?? {};
    const full = [fields.given, fields.family].filter(Boolean).join(' ');
    const names = [full, fields.text ?? ''].filter((name) => name !== '');
    const texts = [text.join(' ')];
    const blankId = spec.uses.find(({ id }) => id === useId)?.blankId ?? '';
    takers.set(itemId, { texts, taker: { itemId, blankId, variantId, texts, names } });
  }
  return [...takers.values()].map(({ taker }) => taker);
}
