'use client';

import { useRun, variantWords } from '@/client';
import type { MarkMatch } from '@/core/blanks';
import { findBlank } from '@/core/spec';

/** Blanks that carry a mark already, each for an entry that it fits. */
export function MarkedBlanks({ matches }: { readonly matches: readonly (MarkMatch & { readonly whose: string })[] }) {
  const { spec } = useRun();
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
                  'for nobody in this run, and not counted: cover the mark, or leave it'
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
