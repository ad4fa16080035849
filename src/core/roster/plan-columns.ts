/** What each column of a pasted table is taken for. */
export interface ColumnPlan {
  readonly hasHeader: boolean;
  /** A name for every column, no two alike. */
  readonly names: readonly string[];
  readonly textAt: number;
  readonly quantityAt: number | null;
}

const TEXT_WORDS = ['text', 'name', 'names', 'wording', 'lettering', 'full name', 'monogram', 'initials'];
const QUANTITY_WORDS = ['quantity', 'qty', 'count', 'number', 'pieces', 'how many', 'no. of', 'amount', 'copies'];
/** Columns that lists often have: with one of them in it the first row is a header. */
const OTHER_WORDS = [
  'size',
  'colour',
  'color',
  'given',
  'given name',
  'first name',
  'family',
  'family name',
  'last name',
  'surname',
  'note',
  'notes',
  'date',
  'year',
  'item',
  'blank',
  'material',
  'group',
  'team',
  'section',
  'instrument',
  'class',
  'part',
];
const KNOWN_WORDS = new Set([...TEXT_WORDS, ...QUANTITY_WORDS, ...OTHER_WORDS]);
const MOST_NAME_LENGTH = 60;

/**
 * A first row with a word that heads columns is a header. Without one the first column is the text, and a later column of
 * nothing but whole numbers is the quantity.
 */
export function planColumns(rows: readonly (readonly string[])[]): ColumnPlan {
  const [first = [], ...others] = rows;
  const words = first.map((cell) =>
    cell
      .trim()
      .toLowerCase()
      .replace(/[:*]+$/, ''),
  );
  const hasHeader = others.length > 0 && words.some((word) => KNOWN_WORDS.has(word));
  const numColumns = rows.reduce((most, row) => Math.max(most, row.length), 0);
  const names = uniqueNames(Array.from({ length: numColumns }, (_, i) => (hasHeader ? (first[i] ?? '') : '')));
  const headed = (among: readonly string[]) => {
    const at = hasHeader ? words.findIndex((word) => among.includes(word)) : -1;
    return at < 0 ? null : at;
  };
  const textAt = headed(TEXT_WORDS) ?? (headed(QUANTITY_WORDS) === 0 ? 1 : 0);
  const quantityAt = headed(QUANTITY_WORDS) ?? (hasHeader ? null : numbersColumn(rows, textAt));
  return { hasHeader, names, textAt, quantityAt };
}

function numbersColumn(rows: readonly (readonly string[])[], textAt: number): number | null {
  const numColumns = rows[0]?.length ?? 0;
  for (let i = 0; i < numColumns; i++) {
    if (i !== textAt && rows.every((row) => /^\s*\d{1,4}\s*$/.test(row[i] ?? ''))) return i;
  }
  return null;
}

function uniqueNames(heads: readonly string[]): string[] {
  const taken = new Set<string>();
  return heads.map((head, i) => {
    const wanted = head
      .normalize('NFC')
      .replace(/\s+/gu, ' ')
      .trim()
      .slice(0, MOST_NAME_LENGTH - 4);
    const base = wanted === '' || RESERVED.has(wanted) ? `column ${i + 1}` : wanted;
    let name = base;
    for (let k = 2; taken.has(name); k++) name = `${base} ${k}`;
    taken.add(name);
    return name;
  });
}

/** Names that mean something to the program itself. */
const RESERVED = new Set(['text', 'quantity', '__proto__']);
