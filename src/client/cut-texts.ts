import { textKeyOf } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';

/** What is cut at one place for one entry, on all of its items. */
export interface CutText {
  /** One fit; a letter to each blank gives several. */
  readonly fits: readonly ScreenFit[];
  readonly words: string;
}

/** The texts exactly as they are cut, by `entry-use-place`: capitals set, letters on blanks of their own put together. */
export function cutTexts(fits: readonly ScreenFit[]): ReadonlyMap<string, CutText> {
  const byKey = new Map<string, ScreenFit[]>();
  for (const fit of fits) {
    const key = textKeyOf(fit);
    const group = byKey.get(key);
    if (group) group.push(fit);
    else byKey.set(key, [fit]);
  }
  return new Map([...byKey].map(([key, group]) => [key, cutText(group)]));
}

function cutText(group: readonly ScreenFit[]): CutText {
  const [first] = group;
  const words = first?.text.join(' / ') ?? '';
  // Copies say the same; letters on blanks of their own differ.
  const isSpread = group.some(({ text }) => text.join(' / ') !== words);
  if (!isSpread) return { fits: group.slice(0, 1), words };
  return { fits: group, words: group.map(({ text }) => text.join('')).join('') };
}
