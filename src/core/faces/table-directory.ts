import { type Outcome, fail, ok } from '../outcome';

/** Where a table of a font file lies in it, in bytes. */
export interface TableAt {
  readonly tag: string;
  readonly offset: number;
  readonly length: number;
  /** As its file says; wrong sums are found in damaged files. */
  readonly sum: number;
}

export type DirectoryProblem =
  | { readonly kind: 'notAFont' }
  /** Several faces in one file. */
  | { readonly kind: 'collection' }
  | { readonly kind: 'tableOutside'; readonly tag: string }
  | { readonly kind: 'tableMissing'; readonly tag: string };

const TRUETYPE = 0x00010000;
const TRUETYPE_OF_OLD = 0x74727565;
const OPENTYPE = 0x4f54544f;
const COLLECTION = 0x74746366;

const MOST_TABLES = 120;

/** Without these there is nothing to set or to draw; one of the last three holds the outlines. */
const NEEDED = ['head', 'hhea', 'hmtx', 'maxp', 'cmap'];
const OUTLINES = ['glyf', 'CFF ', 'CFF2'];

/** The tables of a TTF or OTF, each of which lies within the file. */
export function tableDirectory(bytes: Uint8Array): Outcome<ReadonlyMap<string, TableAt>, DirectoryProblem> {
  if (bytes.byteLength < 12) return fail({ kind: 'notAFont' });
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const signature = view.getUint32(0);
  if (signature === COLLECTION) return fail({ kind: 'collection' });
  if (![TRUETYPE, TRUETYPE_OF_OLD, OPENTYPE].includes(signature)) return fail({ kind: 'notAFont' });
  const numTables = view.getUint16(4);
  if (numTables === 0 || numTables > MOST_TABLES || 12 + numTables * 16 > bytes.byteLength)
    return fail({ kind: 'notAFont' });
  const tables = new Map<string, TableAt>();
  for (let at = 12; at < 12 + numTables * 16; at += 16) {
    const tag = String.fromCharCode(...bytes.subarray(at, at + 4));
    const table = { tag, offset: view.getUint32(at + 8), length: view.getUint32(at + 12), sum: view.getUint32(at + 4) };
    if (table.offset + table.length > bytes.byteLength) return fail({ kind: 'tableOutside', tag });
    tables.set(tag, table);
  }
  const missing = NEEDED.find((tag) => !tables.has(tag)) ?? (OUTLINES.some((tag) => tables.has(tag)) ? null : 'glyf');
  return missing === null ? ok(tables) : fail({ kind: 'tableMissing', tag: missing });
}

/** Tables that are not what their file says they are, by their sums. The table `head` holds a sum of the whole, which counts as nought. */
export function damagedTables(bytes: Uint8Array, tables: ReadonlyMap<string, TableAt>): string[] {
  return [...tables.values()].flatMap((table) => (sumOf(bytes, table) === table.sum ? [] : [table.tag]));
}

const SUM_IN_HEAD = 8;

function sumOf(bytes: Uint8Array, { tag, offset, length }: TableAt): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let sum = 0;
  for (let at = 0; at < length; at += 4) {
    if (tag === 'head' && at === SUM_IN_HEAD) continue;
    let word = 0;
    for (let i = 0; i < 4; i++) word = word * 256 + (at + i < length ? view.getUint8(offset + at + i) : 0);
    sum = (sum + word) >>> 0;
  }
  return sum;
}
