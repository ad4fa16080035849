import { type Encoding, MOST_FILE_BYTES, decodeText, readCards, readDelimitedFile, withoutTitle } from '@/core/intake';
import { type Outcome, fail, ok } from '@/core/outcome';
import {
  type FileNote,
  type FileProblem,
  type ListSheet,
  type ReadFile,
  MOST_COLUMNS,
  MOST_ROWS,
  columnLetters,
} from './list-file';
import { readSpreadsheet } from './read-spreadsheet';

/**
 * A file as a list, by what is in it and never by its name. Whole or not at all: a problem leaves nothing behind. Run it
 * where neither its memory nor its time can hurt anybody else.
 */
export async function readListFile(
  bytes: Uint8Array,
  fileName: string,
  encoding: Encoding | null = null,
): Promise<Outcome<ReadFile, FileProblem>> {
  if (bytes.length === 0) return fail({ kind: 'fileEmpty' });
  if (bytes.length > MOST_FILE_BYTES) {
    return fail({ kind: 'fileTooLarge', bytes: bytes.length, mostBytes: MOST_FILE_BYTES });
  }
  if (startsWith(bytes, 'PK\u0003\u0004')) {
    const sheets = await readSpreadsheet(bytes);
    if (!sheets.ok) return sheets;
    return sheets.value.length === 0
      ? fail({ kind: 'fileEmpty' })
      : ok({ kind: 'list', format: 'spreadsheet', sheets: sheets.value.map(untitled) });
  }
  const other = otherFile(bytes);
  if (other) return fail({ kind: 'otherFile', what: other });
  return readTextFile(bytes, fileName, encoding);
}

const SIGNATURES = [
  ['\u00d0\u00cf\u0011\u00e0', 'oldSpreadsheet'],
  ['%PDF', 'pdf'],
  ['\u0089PNG', 'picture'],
  ['\u00ff\u00d8\u00ff', 'picture'],
  ['GIF8', 'picture'],
  ['Rar!', 'archive'],
  ['7z\u00bc\u00af', 'archive'],
  ['\u001f\u008b', 'archive'],
] as const;

function otherFile(bytes: Uint8Array): Extract<FileProblem, { kind: 'otherFile' }>['what'] | null {
  return SIGNATURES.find(([signature]) => startsWith(bytes, signature))?.[1] ?? null;
}

function startsWith(bytes: Uint8Array, signature: string): boolean {
  return [...signature].every((character, i) => bytes[i] === character.charCodeAt(0));
}

function readTextFile(bytes: Uint8Array, fileName: string, told: Encoding | null): Outcome<ReadFile, FileProblem> {
  const { text, encoding, numBroken, readings } = decodeText(bytes, told);
  if (isBinary(text)) return fail({ kind: 'otherFile', what: 'unknown' });
  const begin = text.trimStart().slice(0, 20);
  if (begin.startsWith('{') || begin.startsWith('[')) {
    if (isBundle(text)) return ok({ kind: 'bundle' });
    // A list may begin with a bracket; a whole JSON document is none.
    if (isJson(text)) return fail({ kind: 'otherFile', what: 'json' });
  }
  const notes: FileNote[] = encoding === 'utf-8' && told === null ? [] : [{ kind: 'encoding', encoding, readings }];
  const cards = /^BEGIN:VCARD/im.test(text.slice(0, 2000)) ? readCards(text) : null;
  const table = cards?.table ?? readDelimitedFile(text);
  if (cards && cards.troubles.length > 0) notes.push({ kind: 'brokenCards', cards: cards.troubles });
  if (numBroken > 0) {
    const rows = table.rowNos.filter((_, i) => table.rows[i]!.some((cell) => cell.includes('\ufffd')));
    notes.push({ kind: 'brokenBytes', count: numBroken, rows });
  }
  if (table.rows.length === 0 || (cards && table.rows.length === 1)) return fail({ kind: 'fileEmpty' });
  const wide = table.rows.findIndex(({ length }) => length > MOST_COLUMNS);
  if (wide >= 0) {
    const cell = columnLetters(MOST_COLUMNS + 1) + table.rowNos[wide]!;
    return fail({ kind: 'tooManyColumns', sheet: fileName, cell, most: MOST_COLUMNS });
  }
  if (table.rows.length > MOST_ROWS) {
    return fail({ kind: 'tooManyRows', sheet: fileName, row: table.rows.length, most: MOST_ROWS });
  }
  return ok({ kind: 'list', format: cards ? 'cards' : 'text', sheets: [untitled({ name: fileName, table, notes })] });
}

/** The sheet without a title above its header, which is told. */
function untitled(sheet: ListSheet): ListSheet {
  const { table, titleRowNos } = withoutTitle(sheet.table);
  if (titleRowNos.length === 0) return sheet;
  return { ...sheet, table, notes: [{ kind: 'titleRows', rows: titleRowNos }, ...sheet.notes] };
}

const SAMPLE = 4000;

/** Text has hardly any control characters. */
function isBinary(text: string): boolean {
  const sample = text.slice(0, SAMPLE);
  const controls = sample.match(/[\u0000-\u0008\u000e-\u001a\u001c-\u001f]/g)?.length ?? 0;
  return controls > sample.length * 0.05;
}

/** Deeper than anything that Knurl writes: such a document is not even looked at. */
const MOST_DEPTH = 200;

/** A run that was taken along; what is in it is judged where runs are taken in. */
function isBundle(text: string): boolean {
  return /"format"\s*:\s*"knurl-bundle"/.test(text) && isJson(text);
}

function isJson(text: string): boolean {
  if (isDeep(text)) return true;
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}

function isDeep(text: string): boolean {
  let [depth, isInString] = [0, false];
  for (let i = 0; i < text.length; i++) {
    const c = text[i];
    if (isInString) {
      if (c === '\\') i++;
      else if (c === '"') isInString = false;
    } else if (c === '"') isInString = true;
    else if (c === '{' || c === '[') {
      if (++depth > MOST_DEPTH) return true;
    } else if (c === '}' || c === ']') depth--;
  }
  return false;
}
