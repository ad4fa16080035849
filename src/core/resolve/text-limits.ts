import type { Finding } from '../finding';

/** What a name may be long; above it something else was pasted by mistake. */
export const MOST_CHARACTERS = 200;

const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

/**
 * Length as a reader counts it: an accented letter or a joined picture is one. Counting ends one above `most`, since a list
 * that was pasted into one line would take seconds.
 */
export function numCharacters(text: string, most = Infinity): number {
  let count = 0;
  for (const { segment } of graphemes.segment(text)) {
    if (segment.length > 0) count++;
    if (count > most) break;
  }
  return count;
}

/** Too long to be a name: such a text is not drawn. */
export function isTooLong(text: string): boolean {
  return text.length > MOST_CHARACTERS && numCharacters(text, MOST_CHARACTERS) > MOST_CHARACTERS;
}

/** Control characters, halves of characters (lone surrogates) and what stands for unreadable bytes. */
export const UNPRINTABLE = /[\p{Cc}\p{Cs}\ufffd]/gu;

/** What keeps a text from being drawn whatever face it is set in. */
export function textStops(text: string): Finding[] {
  if (isTooLong(text)) return [{ kind: 'textTooLong', severity: 'stop', most: MOST_CHARACTERS }];
  const codes = [...new Set(text.match(UNPRINTABLE))].map((character) => character.codePointAt(0)!);
  return codes.length > 0 ? [{ kind: 'unprintable', severity: 'stop', codes }] : [];
}
