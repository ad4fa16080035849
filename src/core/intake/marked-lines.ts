import { rolesOfHeader } from './column-roles';
import type { Mapping } from './guess-mapping';
import { readQuantity } from './map-table';
import type { Table } from './read-delimited';

/** A list of lines with marks of its own, as a table of what they say. */
export interface MarkedList {
  readonly table: Table;
  readonly guess: Mapping;
}

interface Row {
  /** In what was sent, from 1. */
  readonly no: number;
  readonly text: string;
  readonly number: string;
  readonly quantity: string;
  /** The heading that it stands under. */
  readonly group: string;
}

/**
 * Understands what people write around the names of a plain list: numbering and bullets, `x2` or `2 ×`, lines that head the ones
 * below (`Cornets:`), and a first line that says what the list is of (`Name`). Null for lines without any of them. Numbers count as
 * numbering where most lines have one or where they are the line's own: a club may begin with one.
 */
export function markedLines(lines: readonly string[]): MarkedList | null {
  const filled = lines.map((text, i) => ({ text: text.trim(), no: i + 1 })).filter(({ text }) => text !== '');
  const [first, ...below] = filled;
  if (!first) return null;
  const [role] = below.length > 0 ? rolesOfHeader(first.text.replace(/\s*:$/, '')) : [];
  const isHeader = role !== undefined && HEADING_ROLES.has(role);
  const rows = rowsUnder(isHeader ? below : filled);
  const hasNumbers = rows.some(({ number }) => number !== '');
  const hasQuantities = rows.some(({ quantity }) => quantity !== '');
  const hasGroups = rows.some(({ group }) => group !== '');
  if (!isHeader && !hasNumbers && !hasQuantities && !hasGroups) return null;
  const columns = [
    ...(hasNumbers ? [{ role: 'out' as const, name: 'No', of: ({ number }: Row) => number }] : []),
    { role: isHeader ? role : ('text' as const), name: isHeader ? first.text : 'text', of: ({ text }: Row) => text },
    ...(hasQuantities ? [{ role: 'quantity' as const, name: 'quantity', of: (row: Row) => row.quantity || '1' }] : []),
    ...(hasGroups ? [{ role: 'own' as const, name: 'group', of: ({ group }: Row) => group }] : []),
  ];
  const head = isHeader ? [{ no: first.no, cells: columns.map(({ name }) => name) }] : [];
  const body = rows.map((row) => ({ no: row.no, cells: columns.map(({ of }) => of(row)) }));
  const all = [...head, ...body];
  return {
    table: { rows: all.map(({ cells }) => cells), rowNos: all.map(({ no }) => no) },
    guess: { hasHeader: isHeader, columns: columns.map(({ role: as, name }) => ({ role: as, name })), keyAt: null },
  };
}

const HEADING_ROLES: ReadonlySet<string> = new Set(['text', 'given', 'family', 'pet', 'monogram']);

interface Line {
  readonly text: string;
  readonly no: number;
}

function rowsUnder(lines: readonly Line[]): readonly Row[] {
  const isHeading = lines.map(({ text }, i) => headingOf(text) !== null && i < lines.length - 1);
  const names = lines.filter((_, i) => !isHeading[i]);
  const numbers = new Map(names.map((line, i) => [line, numberingOf(names, i)]));
  const areBulleted = names.filter(({ text }) => BULLET.test(text)).length * 2 > names.length;
  let group = '';
  return lines.flatMap((line, i): Row[] => {
    if (isHeading[i]) {
      group = headingOf(line.text)!;
      return [];
    }
    const number = numbers.get(line) ?? '';
    const named =
      number !== '' ? line.text.replace(NUMBERED, '') : areBulleted ? line.text.replace(BULLET, '') : line.text;
    return [{ no: line.no, number, group, ...counted(named) }];
  });
}

const BULLET = /^[-–—•*·▪◦]\s+(?=\S)/u;
const NUMBERED = /^(\d{1,5})\s?[.)]\s*(?=\p{L}|\d{1,5}\s?[x×]\s)/u;

/** The number that a line begins with, where it is one of a row of numbers. */
function numberingOf(names: readonly Line[], at: number): string {
  const numbers = [at - 1, at, at + 1].map((i) => Number(NUMBERED.exec(names[i]?.text ?? '')?.[1] ?? NaN));
  const [before = NaN, own = NaN, after = NaN] = numbers;
  if (Number.isNaN(own)) return '';
  const numNumbered = names.filter(({ text }) => NUMBERED.test(text)).length;
  const isOfRow = own === before + 1 || own + 1 === after || (own > 1 && own === at + 1);
  return isOfRow || numNumbered * 2 > names.length ? String(own) : '';
}

/** `Cornets:`, `# Cornets`, `== Cornets ==`; null for what heads nothing. */
function headingOf(text: string): string | null {
  const found = /^(?:#+\s+(.+)|=+\s*(.+?)\s*=+|-{2,}\s*(.+?)\s*-{2,}|(.{1,60}?)\s*:)$/u.exec(text);
  const said = found?.slice(1).find((one) => one !== undefined);
  return said !== undefined && /\p{L}/u.test(said) && !said.includes(':') ? said : null;
}

/** How many are wanted stands before the name or after it. A capital X apart from its figure is part of a name. */
const COUNTED = [
  /^(?<count>\d{1,5})\s?[x×]\s+(?<text>\p{L}.*)$/u,
  /^(?<text>.*\p{L}.*?)[\s,:–-]+\(?(?:[x×]\s?|X)(?<count>\d{1,5})\)?$/u,
  /^(?<text>.*\p{L}.*?)[\s,:–-]+\(?(?<count>\d{1,5})\s?[x×]\)?$/u,
] as const;

function counted(line: string): Pick<Row, 'text' | 'quantity'> {
  for (const pattern of COUNTED) {
    const { text, count } = pattern.exec(line)?.groups ?? {};
    if (text !== undefined && count !== undefined && (readQuantity(count) ?? 0) > 0) return { text, quantity: count };
  }
  return { text: line, quantity: '' };
}
