import { firstCopy, wordsAsCut } from '@/core/figures';
import { textKeyOf } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** What is cut at one place for one entry, on all of its items. */
export interface CutText<T> {
  /** One; a letter to each blank gives several. */
  readonly fits: readonly T[];
  readonly words: string;
  /** What the run says now where that is otherwise: what was cut or let through stays as it was. */
  readonly wordsNow: string | null;
}

/** The texts exactly as they are cut, by `entry-use-place`: capitals set, letters on blanks of their own put together. */
export function cutTexts<T extends { readonly text: readonly string[] }>(
  all: readonly T[],
  fitOf: (one: T) => ScreenFit,
): ReadonlyMap<string, CutText<T>> {
  const byKey = new Map<string, T[]>();
  for (const one of all) {
    const key = textKeyOf(fitOf(one));
    const group = byKey.get(key);
    if (group) group.push(one);
    else byKey.set(key, [one]);
  }
  return new Map(
    [...byKey].map(([key, group]) => {
      const fits = firstCopy(group, fitOf);
      const words = wordsAsCut(fits.map(({ text }) => text));
      const now = wordsAsCut(fits.map((one) => fitOf(one).text));
      return [key, { fits, words, wordsNow: now === words ? null : now }];
    }),
  );
}
