import { type PlaceUse, isMonogramLine } from '../spec';

/** The monograms among texts of a place, as they are set; none where no line of its wording is one. */
export function monogramsOf(
  wording: PlaceUse['wording'],
  texts: readonly { readonly text: readonly string[] }[],
): readonly string[] {
  const line = wording?.lines.findIndex(({ runs }) => isMonogramLine(runs)) ?? -1;
  return line < 0 ? [] : texts.flatMap(({ text }) => text[line] ?? []);
}
