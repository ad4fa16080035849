/** A part of a long answer that is asked for. */
export interface PageAsked {
  /** Counted from 0. */
  readonly from: number;
  readonly most: number;
}

/** What is said of a part: of how many it is one, and where the next begins; null behind the last. */
export interface PageTold {
  readonly numAll: number;
  readonly next: number | null;
}

export const WHOLE: PageAsked = { from: 0, most: Number.MAX_SAFE_INTEGER };

export function pageOfList<T>(all: readonly T[], { from, most }: PageAsked): readonly T[] {
  return all.slice(from, from + most);
}

export function toldOf(numAll: number, { from, most }: PageAsked): PageTold {
  return { numAll, next: from + most < numAll ? from + most : null };
}
