/**
 * The texts of a set by which a lettering is chosen: its longest, its shortest, and the one with most marks on its letters, each once.
 * Lengths are those that a reader counts.
 */
export function tellingTexts(texts: readonly string[]): readonly string[] {
  const all = [...new Set(texts)].filter((text) => text.trim() !== '');
  const longest = most(all, numLetters);
  const shortest = most(all, (text) => -numLetters(text));
  const accented = most(all, numMarks);
  const told = [longest, shortest, accented !== null && numMarks(accented) > 0 ? accented : null];
  return [...new Set(told.filter((text) => text !== null))];
}

/** The first of those with most of it. */
function most(texts: readonly string[], of: (text: string) => number): string | null {
  return texts.reduce<string | null>((best, text) => (best === null || of(text) > of(best) ? text : best), null);
}

function numLetters(text: string): number {
  return text.normalize('NFD').replace(/\p{M}/gu, '').length;
}

function numMarks(text: string): number {
  return text.normalize('NFD').match(/\p{M}/gu)?.length ?? 0;
}

const YEAR = /\d{4}/;

/** The same with one that says a year, where there is one: figures look otherwise from face to face. */
export function tellingWithYear(texts: readonly string[]): readonly string[] {
  const told = tellingTexts(texts);
  const dated = told.some((text) => YEAR.test(text)) ? undefined : texts.find((text) => YEAR.test(text));
  return dated === undefined ? told : [...told, dated];
}
