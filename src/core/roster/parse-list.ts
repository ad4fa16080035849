import { type Outcome, fail, ok } from '../outcome';

export interface ListLine {
  /** The line as pasted. */
  readonly raw: string;
  /** What will be cut: composed, trimmed, runs of space made one. */
  readonly text: string;
}

export type ListProblem =
  | { readonly kind: 'emptyList' }
  | { readonly kind: 'tooManyEntries'; readonly numEntries: number; readonly most: number };

export const MAX_ENTRIES = 20_000;

/** One entry a line; blank lines say nothing. Any line ending is understood. */
export function parseList(pasted: string): Outcome<readonly ListLine[], ListProblem> {
  const lines = pasted
    .split(/\r\n|[\n\r\u2028\u2029]/)
    .map((raw) => ({ raw, text: raw.normalize('NFC').replace(/\s+/gu, ' ').trim() }))
    .filter(({ text }) => text !== '');
  if (lines.length === 0) return fail({ kind: 'emptyList' });
  if (lines.length > MAX_ENTRIES) {
    return fail({ kind: 'tooManyEntries', numEntries: lines.length, most: MAX_ENTRIES });
  }
  return ok(lines);
}
