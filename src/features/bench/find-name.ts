import { plainName } from '@/core/names';
import type { BenchItem } from '@/services';

/**
 * Items whose words or name in the list have a word that begins so, then those that have it anywhere; in roster order. A
 * monogram is looked for by the name it was made of.
 */
export function itemsNamed(items: readonly BenchItem[], typed: string): BenchItem[] {
  const sought = plainName(typed.trim());
  if (sought === '') return [];
  const named = items.map((item) => ({ item, plain: plainName([...item.text, item.fields.text ?? ''].join(' ')) }));
  const begins = named.filter(({ plain }) => plain.startsWith(sought) || plain.includes(` ${sought}`));
  const within = named.filter((one) => !begins.includes(one) && one.plain.includes(sought));
  return [...begins, ...within].map(({ item }) => item);
}
