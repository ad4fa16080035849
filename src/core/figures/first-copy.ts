interface Copied {
  readonly isSpread: boolean;
  readonly copy: number;
}

/** Of all fits of one text those of its first copy: one, or a letter to each blank. Further copies say the same. */
export function firstCopy<T>(group: readonly T[], of: (one: T) => Copied): readonly T[] {
  const first = group.at(0);
  if (!first || !of(first).isSpread) return group.slice(0, 1);
  return group.filter((one) => of(one).copy === of(first).copy);
}

/** The words of one copy: lines of a text apart, letters on blanks of their own put together. */
export function wordsAsCut(texts: readonly (readonly string[])[]): string {
  return texts.length === 1 ? texts.flat().join(' / ') : texts.map((text) => text.join('')).join('');
}
