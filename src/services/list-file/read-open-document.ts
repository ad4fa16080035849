import { strFromU8, unzipSync } from 'fflate';
import { SaxesParser, type SaxesTagPlain } from 'saxes';
import { tableOf } from '@/core/intake';
import { type Outcome, fail, ok } from '@/core/outcome';
import { messageOf } from './inspect-package';
import { type FileNote, type FileProblem, type ListSheet, MOST_COLUMNS, MOST_ROWS, columnLetters } from './list-file';
import { numberText } from './cell-text';

/**
 * The sheets of an OpenDocument spreadsheet (ODS, ISO 26300) as tables of text: values of formulas, days as ISO dates, merged cells
 * filled. Its package was inspected before.
 */
export function readOpenDocument(
  bytes: Uint8Array,
  paths: readonly string[],
): Outcome<readonly ListSheet[], FileProblem> {
  const parts = unzipSync(bytes, { filter: ({ name }) => name === 'content.xml' || name === 'META-INF/manifest.xml' });
  if (/<(?:\w+:)?encryption-data\b/.test(textOf(parts['META-INF/manifest.xml']))) {
    return fail({ kind: 'brokenFile', row: null, column: null, detail: 'it is locked by a password' });
  }
  const reader = new SheetReader();
  try {
    reader.read(textOf(parts['content.xml']));
  } catch (error) {
    if (error instanceof TooLarge) return fail(error.problem);
    return fail({ kind: 'brokenFile', row: reader.rowNo, column: reader.columnNo, detail: messageOf(error) });
  }
  if (!reader.isSpreadsheet) return fail({ kind: 'otherFile', what: 'openText' });
  const shared: readonly FileNote[] = paths.some((path) => /^(Basic|Scripts)\/.+/.test(path))
    ? [{ kind: 'macros' }]
    : [];
  return ok(
    reader.sheets
      .map((sheet) => ({ name: sheet.name, table: tableOf(sheet.rows), notes: [...shared, ...sheet.notes()] }))
      .filter(({ table }) => table.rows.length > 0),
  );
}

function textOf(part: Uint8Array | undefined): string {
  return part ? strFromU8(part) : '';
}

class TooLarge extends Error {
  constructor(readonly problem: FileProblem) {
    super(problem.kind);
  }
}

/** One sheet as it is read. */
class Sheet {
  readonly rows: string[][] = [];
  readonly merged: string[] = [];
  readonly errors: string[] = [];
  numFormulas = 0;
  /** Cells that a merged one above reaches into, by row and column from 0, with what stands in it. */
  readonly covered = new Map<string, string>();

  constructor(readonly name: string) {}

  notes(): FileNote[] {
    return [
      ...(this.numFormulas > 0 ? [{ kind: 'formulas', count: this.numFormulas } as const] : []),
      ...(this.merged.length > 0 ? [{ kind: 'merged', ranges: this.merged } as const] : []),
      ...(this.errors.length > 0 ? [{ kind: 'cellErrors', cells: this.errors } as const] : []),
    ];
  }
}

interface Cell {
  readonly attributes: Readonly<Record<string, string>>;
  readonly isCovered: boolean;
  text: string;
}

const MOST_TOLD = 5000;
const MOST_FILLED = 100_000;

/** Walks the document once; only cells with something in them are kept, however often empty ones are repeated. */
class SheetReader {
  readonly sheets: Sheet[] = [];
  isSpreadsheet = false;
  #sheet: Sheet | null = null;
  #row: string[] = [];
  /** Where the next row and cell go, from 0. */
  #rowAt = 0;
  #columnAt = 0;
  #rowRepeats = 1;
  #cell: Cell | null = null;
  /** Within a note that somebody put to a cell, which is not what the cell says. */
  #asideDepth = 0;
  #isInText = false;

  /** Where reading is now, from 1; null before the first cell. */
  get rowNo(): number | null {
    return this.#sheet ? this.#rowAt + 1 : null;
  }
  get columnNo(): number | null {
    return this.#sheet ? this.#columnAt + 1 : null;
  }

  read(xml: string): void {
    const parser = new SaxesParser();
    parser.on('error', (error) => {
      throw error;
    });
    parser.on('opentag', (tag) => this.#open(tag));
    parser.on('closetag', (tag) => this.#close(tag.name));
    parser.on('text', (text) => this.#say(text));
    parser.on('cdata', (text) => this.#say(text));
    parser.write(xml).close();
  }

  #say(text: string): void {
    if (this.#cell && this.#isInText && this.#asideDepth === 0) this.#cell.text += text.replace(/\s+/g, ' ');
  }

  #open({ name, attributes }: SaxesTagPlain): void {
    switch (name) {
      case 'office:spreadsheet':
        this.isSpreadsheet = true;
        break;
      case 'table:table':
        this.#sheet = new Sheet(attributes['table:name'] ?? `Sheet ${this.sheets.length + 1}`);
        this.#rowAt = 0;
        break;
      case 'table:table-row':
        this.#row = [];
        this.#columnAt = 0;
        this.#rowRepeats = repeats(attributes['table:number-rows-repeated']);
        break;
      case 'table:table-cell':
      case 'table:covered-table-cell':
        this.#cell = { attributes, isCovered: name !== 'table:table-cell', text: '' };
        break;
      case 'office:annotation':
      case 'text:note':
        this.#asideDepth++;
        break;
      case 'text:p':
        this.#isInText = true;
        if (this.#cell && this.#asideDepth === 0 && this.#cell.text !== '') this.#cell.text += ' ';
        break;
      case 'text:s':
        this.#say(' '.repeat(Math.min(100, repeats(attributes['text:c']))));
        break;
      case 'text:tab':
      case 'text:line-break':
        this.#say(' ');
        break;
    }
  }

  #close(name: string): void {
    switch (name) {
      case 'table:table':
        if (this.#sheet) this.sheets.push(this.#sheet);
        this.#sheet = null;
        break;
      case 'table:table-row':
        this.#endRow();
        break;
      case 'table:table-cell':
      case 'table:covered-table-cell':
        this.#endCell();
        break;
      case 'office:annotation':
      case 'text:note':
        this.#asideDepth--;
        break;
      case 'text:p':
        this.#isInText = false;
        break;
    }
  }

  #endCell(): void {
    const [cell, sheet] = [this.#cell, this.#sheet];
    this.#cell = null;
    if (!cell || !sheet) return;
    const { attributes } = cell;
    const times = repeats(attributes['table:number-columns-repeated']);
    const address = columnLetters(this.#columnAt + 1) + (this.#rowAt + 1);
    if (attributes['table:formula'] !== undefined) sheet.numFormulas++;
    const isError = attributes['calcext:value-type'] === 'error' || /^(#[A-Z/0]+[!?]|Err:\d+)$/.test(cell.text);
    if (isError && sheet.errors.length < MOST_TOLD) sheet.errors.push(address);
    const value = isError ? '' : valueOf(cell);
    this.#noteMerged(sheet, cell, value, address);
    const isFilled = value !== '' || cell.isCovered;
    if (value !== '' && this.#columnAt + times > MOST_COLUMNS) {
      const far = columnLetters(Math.max(this.#columnAt, MOST_COLUMNS) + 1) + (this.#rowAt + 1);
      throw new TooLarge({ kind: 'tooManyColumns', sheet: sheet.name, cell: far, most: MOST_COLUMNS });
    }
    for (let i = 0; isFilled && i < times && this.#columnAt + i < MOST_COLUMNS; i++) {
      const at = this.#columnAt + i;
      const said = value || (sheet.covered.get(`${this.#rowAt}:${at}`) ?? '');
      if (said === '') continue;
      while (this.#row.length < at) this.#row.push('');
      this.#row[at] = said;
    }
    this.#columnAt += times;
  }

  /** What stands in the first cell of a merged range counts for the whole of it, as it looks. */
  #noteMerged(sheet: Sheet, { attributes }: Cell, value: string, address: string): void {
    const columns = Math.min(MOST_COLUMNS, repeats(attributes['table:number-columns-spanned']));
    const rows = Math.min(MOST_ROWS, repeats(attributes['table:number-rows-spanned']));
    if (value === '' || columns * rows === 1 || sheet.covered.size + columns * rows > MOST_FILLED) return;
    if (sheet.merged.length < MOST_TOLD)
      sheet.merged.push(`${address}:${columnLetters(this.#columnAt + columns)}${this.#rowAt + rows}`);
    for (let r = 0; r < rows; r++)
      for (let c = 0; c < columns; c++) sheet.covered.set(`${this.#rowAt + r}:${this.#columnAt + c}`, value);
  }

  #endRow(): void {
    const sheet = this.#sheet;
    if (!sheet) return;
    if (this.#row.length > 0) {
      const row = this.#rowAt + this.#rowRepeats;
      if (row > MOST_ROWS) throw new TooLarge({ kind: 'tooManyRows', sheet: sheet.name, row, most: MOST_ROWS });
      while (sheet.rows.length < this.#rowAt) sheet.rows.push([]);
      for (let i = 0; i < this.#rowRepeats; i++) sheet.rows.push([...this.#row]);
    }
    this.#rowAt += this.#rowRepeats;
  }
}

/** Numbers as they are, days as ISO dates, and everything else as it looks. */
function valueOf({ attributes, text }: Cell): string {
  switch (attributes['office:value-type'] ?? attributes['calcext:value-type']) {
    case 'float':
      return numberText(Number(attributes['office:value'] ?? text));
    case 'date':
      return dayOf(attributes['office:date-value'] ?? text);
    case 'boolean':
      return attributes['office:boolean-value'] === 'true' ? 'yes' : 'no';
    case 'string':
      return text === '' ? (attributes['office:string-value'] ?? '') : text;
    default:
      return text;
  }
}

function dayOf(said: string): string {
  const [, day, time] = /^(-?\d{4,}-\d\d-\d\d)(?:T(\d\d:\d\d))?/.exec(said) ?? [];
  if (day === undefined) return said;
  return time === undefined || time === '00:00' ? day : `${day} ${time}`;
}

function repeats(said: string | undefined): number {
  const number = Number(said ?? 1);
  return Number.isInteger(number) && number > 0 ? number : 1;
}
