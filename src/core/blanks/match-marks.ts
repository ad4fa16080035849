/** A blank that carries a mark already. */
export interface MarkedBlank {
  readonly blankId: string;
  readonly variantId: string;
  readonly mark: string;
}

/** An item that could take it: what it says, and whose it is. */
export interface MarkTaker {
  readonly itemId: string;
  readonly blankId: string;
  readonly variantId: string | null;
  readonly texts: readonly string[];
  readonly names: readonly string[];
}

export interface MarkMatch {
  readonly blank: MarkedBlank;
  /** Null: nobody of this run fits, so the mark is covered or the blank is left. */
  readonly itemId: string | null;
  readonly why: 'sameText' | 'initials' | 'none';
}

/**
 * Gives each marked blank to an item of the same size and colour: first those whose text is the mark, then those whose initials
 * it is. Nobody gets two; who comes first in the roster comes first.
 */
export function matchMarks(blanks: readonly MarkedBlank[], takers: readonly MarkTaker[]): MarkMatch[] {
  const taken = new Set<string>();
  const matches = new Map<MarkedBlank, MarkMatch>();
  const give = (why: 'sameText' | 'initials', fits: (mark: string, taker: MarkTaker) => boolean) => {
    for (const blank of blanks) {
      if (matches.has(blank)) continue;
      const mark = plain(blank.mark);
      const taker = takers.find(
        (one) =>
          !taken.has(one.itemId) &&
          one.blankId === blank.blankId &&
          one.variantId === blank.variantId &&
          fits(mark, one),
      );
      if (!taker) continue;
      taken.add(taker.itemId);
      matches.set(blank, { blank, itemId: taker.itemId, why });
    }
  };
  give('sameText', (mark, { texts }) => texts.some((text) => plain(text) === mark));
  give('initials', (mark, { names }) => names.some((name) => initials(name) === mark || plain(name).startsWith(mark)));
  return blanks.map((blank) => matches.get(blank) ?? { blank, itemId: null, why: 'none' });
}

function initials(name: string): string {
  return plain(
    name
      .split(/[\s-]+/u)
      .map((word) => [...word][0] ?? '')
      .join(''),
  );
}

function plain(text: string): string {
  return text.normalize('NFC').toLocaleUpperCase('en').replace(/[\s.]/gu, '');
}
