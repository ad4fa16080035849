import ICAL from 'ical.js';
import type { Table } from './read-delimited';

/** A card of an address book that could not be read, by its number from 1 and the line where it begins. */
export interface CardTrouble {
  readonly cardNo: number;
  readonly lineNo: number;
}

export interface CardTable {
  /** With a header row; rows are numbered by the line where their card begins. */
  readonly table: Table;
  readonly troubles: readonly CardTrouble[];
}

const HEADER = ['full name', 'title', 'given', 'further', 'family', 'suffix', 'nickname', 'birthday', 'note'];

/**
 * Cards of an address book (versions 3 and 4, and what older ones write of the same fields) as a table. Pictures and sounds
 * are skipped unread. A broken card is told and takes no other with it.
 */
export function readCards(text: string): CardTable {
  const lines = text.split(/\r\n|\n|\r/);
  const rows: string[][] = [];
  const rowNos: number[] = [];
  const troubles: CardTrouble[] = [];
  let start = -1;
  let cardNo = 0;
  lines.forEach((line, i) => {
    if (/^BEGIN:VCARD\s*$/i.test(line)) {
      // A card that never ended is broken; the next one begins all the same.
      if (start >= 0) troubles.push({ cardNo, lineNo: start + 1 });
      start = i;
      cardNo++;
    } else if (/^END:VCARD\s*$/i.test(line) && start >= 0) {
      const row = cardRow(lines.slice(start, i + 1));
      if (row) {
        rows.push(row);
        rowNos.push(start + 1);
      } else troubles.push({ cardNo, lineNo: start + 1 });
      start = -1;
    }
  });
  if (start >= 0) troubles.push({ cardNo, lineNo: start + 1 });
  return { table: { rows: [HEADER, ...rows], rowNos: [1, ...rowNos] }, troubles };
}

/** The fields of one card in the order of the header; null when it cannot be read or names nobody. */
function cardRow(lines: readonly string[]): string[] | null {
  try {
    const card = new ICAL.Component(
      ICAL.parse(unfolded(lines).join('\r\n')) as ConstructorParameters<typeof ICAL.Component>[0],
    );
    const values = (name: string): string[] =>
      (card.getFirstProperty(name)?.getValues() ?? []).flat().map((value: unknown) => unescaped(String(value ?? '')));
    const parts = (card.getFirstProperty('n')?.getFirstValue() ?? []) as unknown;
    const [family = '', given = '', further = '', title = '', suffix = ''] = (
      Array.isArray(parts) ? parts : [parts]
    ).map((part: unknown) =>
      (Array.isArray(part) ? part : [part])
        .map((value: unknown) => String(value ?? '').trim())
        .filter(Boolean)
        .join(' '),
    );
    const [full = ''] = values('fn');
    if (full === '' && given === '' && family === '') return null;
    return [
      full,
      title,
      given,
      further,
      family,
      suffix,
      values('nickname')[0] ?? '',
      birthday(values('bday')[0] ?? ''),
      values('note')[0] ?? '',
    ];
  } catch {
    return null;
  }
}

/** A semicolon needs no mark where it parts nothing, and is written with one all the same. */
function unescaped(value: string): string {
  return value.replace(/\\([;,:])/g, '$1').trim();
}

/** Fields that are read; the others may hold anything and are left away before the rest is parsed. */
const READ = /^(?:[\w-]+\.)?(BEGIN|END|VERSION|FN|N|NICKNAME|BDAY|NOTE)(?=[;:])/i;

/** Folded lines put together, quoted-printable ones decoded, and only the fields that are read. */
function unfolded(lines: readonly string[]): string[] {
  const whole: string[] = [];
  for (const line of lines) {
    const before = whole.at(-1) ?? '';
    if (/^[ \t]/.test(line)) whole[whole.length - 1] = before + line.slice(1);
    else if (/ENCODING=QUOTED-PRINTABLE|;QUOTED-PRINTABLE/i.test(before) && before.endsWith('='))
      whole[whole.length - 1] = before.slice(0, -1) + line;
    else whole.push(line);
  }
  return whole.filter((line) => READ.test(line)).map((line) => plainLine(line.replace(/^[\w-]+\.(?=\w+[;:])/, '')));
}

function plainLine(line: string): string {
  const isQuoted = /^[^:]*;(?:ENCODING=)?QUOTED-PRINTABLE/i.test(line);
  const colon = line.indexOf(':');
  const name = line.slice(0, colon).split(';')[0]!.toUpperCase();
  const value = line.slice(colon + 1);
  const charset = /CHARSET=([\w-]+)/i.exec(line.slice(0, colon))?.[1] ?? 'utf-8';
  const plain = isQuoted ? escaped(fromQuotedPrintable(value, charset)) : value;
  // Parameters say nothing else that is needed, and older versions have some that the newer do not allow.
  if (name !== 'BDAY') return `${name}:${plain}`;
  // A birthday may be anything from a day without its year to words: it is taken as it is written.
  const noYear = /OMIT-YEAR=(\d{4})/i.exec(line.slice(0, colon))?.[1];
  const said =
    noYear !== undefined && plain.startsWith(noYear) ? plain.replace(noYear, '--').replace('---', '--') : plain;
  return `BDAY;VALUE=TEXT:${said}`;
}

/** A decoded line end would end the field. */
function escaped(text: string): string {
  return text.replace(/\r\n|\n|\r/g, '\\n');
}

function fromQuotedPrintable(text: string, charset: string): string {
  const bytes: number[] = [];
  for (let i = 0; i < text.length; i++) {
    const code = /^=([0-9A-F]{2})/i.exec(text.slice(i, i + 3));
    if (code) {
      bytes.push(parseInt(code[1]!, 16));
      i += 2;
    } else bytes.push(...new TextEncoder().encode(text[i]));
  }
  try {
    return new TextDecoder(charset).decode(new Uint8Array(bytes));
  } catch {
    return new TextDecoder('utf-8').decode(new Uint8Array(bytes));
  }
}

/** `19760614`, `1976-06-14T00:00:00Z` and `--0614` as dates that the list reads; anything else as it is. */
function birthday(text: string): string {
  const whole = /^(\d{4})-?(\d\d)-?(\d\d)/.exec(text);
  if (whole) return `${whole[1]}-${whole[2]}-${whole[3]}`;
  const yearless = /^--(\d\d)-?(\d\d)/.exec(text);
  return yearless ? `--${yearless[1]}-${yearless[2]}` : text;
}
