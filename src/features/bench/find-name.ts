import type { BenchItem } from '@/services';

/** Without accents and case: whoever looks for Sørbø types sorbo. */
export function plainOf(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ø/g, 'o')
    .replace(/ł/g, 'l')
    .replace(/ß/g, 'ss')
    .replace(/æ/g, 'ae')
    .replace(/đ/g, 'd');
}

/** Items whose name has a word that begins so, then those that have it anywhere; in roster order. */
export function itemsNamed(items: readonly BenchItem[], typed: string): BenchItem[] {
  const sought = plainOf(typed.trim());
  if (sought === '') return [];
  const named = items.map((item) => ({ item, plain: plainOf(item.text.join(' ')) }));
  const begins = named.filter(({ plain }) => plain.startsWith(sought) || plain.includes(` ${sought}`));
  const within = named.filter((one) => !begins.includes(one) && one.plain.includes(sought));
  return [...begins, ...within].map(({ item }) => item);
}
