import Papa from 'papaparse';
import { markedLines } from '../intake';
import { fieldOf, type Entry, UNREAD_QUANTITY } from '../spec';
import { ownColumns } from './edit-entries';

/** The roster as rows for a spreadsheet: a header, then the entries that are not withdrawn. */
export interface RosterSheet {
  readonly header: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Reads back as the same roster: the text, the quantity as it came where it could not be read, and every column. */
export function rosterSheet(entries: readonly Entry[]): RosterSheet {
  const present = entries.filter(({ withdrawn }) => !withdrawn);
  const columns = ownColumns(present);
  return {
    header: ['text', 'quantity', ...columns],
    rows: present.map(({ fields, quantity }) => [
      fields.text ?? '',
      fields[UNREAD_QUANTITY] ?? String(quantity),
      ...columns.map((name) => fieldOf(fields, name)),
    ]),
  };
}

/** The present list as text that `parseList` reads back: bare lines, or a table when it has quantities or columns. */
export function listText(entries: readonly Entry[]): string {
  const { header, rows } = rosterSheet(entries);
  const isPlain = markedLines(rows.map(([text = '']) => text)) === null;
  const isBare = header.length === 2 && isPlain && rows.every(([, quantity]) => quantity === '1');
  if (isBare) return rows.map(([text]) => text).join('\n');
  return Papa.unparse([[...header], ...rows.map((row) => [...row])], { delimiter: '\t', newline: '\n' });
}
