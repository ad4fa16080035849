import type { CardTrouble, Encoding, EncodingReading, Table } from '@/core/intake';

/** What was done to a file's contents so that they became a list; each is shown before the list is taken. */
export type FileNote =
  | { readonly kind: 'formulas'; readonly count: number }
  | { readonly kind: 'merged'; readonly ranges: readonly string[] }
  | { readonly kind: 'cellErrors'; readonly cells: readonly string[] }
  | { readonly kind: 'titleRows'; readonly rows: readonly number[] }
  | { readonly kind: 'macros' }
  | { readonly kind: 'externalLinks' }
  /** Guessed by its letters or told by a person; `readings` are the others that it may be, the chosen one first. */
  | { readonly kind: 'encoding'; readonly encoding: Encoding; readonly readings: readonly EncodingReading[] }
  | { readonly kind: 'brokenBytes'; readonly count: number; readonly rows: readonly number[] }
  | { readonly kind: 'brokenCards'; readonly cards: readonly CardTrouble[] };

export interface ListSheet {
  /** Name of the sheet; the file's own where it has none. */
  readonly name: string;
  readonly table: Table;
  readonly notes: readonly FileNote[];
}

/** A file as a list, not yet mapped; a bundle is told apart, since it is a run of its own. */
export type ReadFile =
  | {
      readonly kind: 'list';
      readonly format: 'text' | 'spreadsheet' | 'cards';
      /** Only sheets with something in them. */
      readonly sheets: readonly ListSheet[];
    }
  | { readonly kind: 'bundle' };

export type FileProblem =
  | { readonly kind: 'fileEmpty' }
  | { readonly kind: 'fileTooLarge'; readonly bytes: number; readonly mostBytes: number }
  /** `what` names the kind of file in a word. */
  | {
      readonly kind: 'otherFile';
      readonly what: 'oldSpreadsheet' | 'openText' | 'pdf' | 'picture' | 'archive' | 'json' | 'unknown';
    }
  | { readonly kind: 'tooMuchInside'; readonly mostBytes: number }
  | { readonly kind: 'tooManyColumns'; readonly sheet: string; readonly cell: string; readonly most: number }
  | { readonly kind: 'tooManyRows'; readonly sheet: string; readonly row: number; readonly most: number }
  | {
      readonly kind: 'brokenFile';
      readonly row: number | null;
      readonly column: number | null;
      readonly detail: string;
    }
  | { readonly kind: 'tookTooLong'; readonly seconds: number };

/** Of all parts of a file together, unpacked: honest lists of 20,000 rows stay far below. */
export const MOST_INSIDE_BYTES = 150_000_000;
export const MOST_COLUMNS = 256;
export const MOST_ROWS = 20_001;

/** `3` is `C`. */
export function columnLetters(column: number): string {
  const before = Math.floor((column - 1) / 26);
  return (before > 0 ? columnLetters(before) : '') + String.fromCharCode(65 + ((column - 1) % 26));
}
