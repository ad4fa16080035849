/** Font files for tests, made of one that ships by changing its tables. */

const HEAD = 12;
const ENTRY = 16;

function viewOf(bytes: Uint8Array): DataView {
  return new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
}

/** The tables of a font file by their tags. */
export function tablesOf(font: Uint8Array): Map<string, Uint8Array> {
  const view = viewOf(font);
  const tables = new Map<string, Uint8Array>();
  for (let i = 0; i < view.getUint16(4); i++) {
    const at = HEAD + i * ENTRY;
    const offset = view.getUint32(at + 8);
    tables.set(String.fromCharCode(...font.subarray(at, at + 4)), font.slice(offset, offset + view.getUint32(at + 12)));
  }
  return tables;
}

/** The same font with other tables, those that are null left out; with right sums. */
export function withTables(font: Uint8Array, others: Readonly<Record<string, Uint8Array | null>>): Uint8Array {
  const tables = tablesOf(font);
  for (const [tag, table] of Object.entries(others)) {
    if (table) tables.set(tag, table);
    else tables.delete(tag);
  }
  const all = [...tables].toSorted(([a], [b]) => (a < b ? -1 : 1));
  const padded = (length: number) => Math.ceil(length / 4) * 4;
  const start = HEAD + all.length * ENTRY;
  const made = new Uint8Array(all.reduce((sum, [, { byteLength }]) => sum + padded(byteLength), start));
  const view = viewOf(made);
  view.setUint32(0, viewOf(font).getUint32(0));
  view.setUint16(4, all.length);
  let at = start;
  all.forEach(([tag, table], i) => {
    const head = HEAD + i * ENTRY;
    made.set(
      [...tag].map((letter) => letter.charCodeAt(0)),
      head,
    );
    made.set(table, at);
    view.setUint32(head + 4, sumOf(table, tag === 'head'));
    view.setUint32(head + 8, at);
    view.setUint32(head + 12, table.byteLength);
    at += padded(table.byteLength);
  });
  return made;
}

function sumOf(table: Uint8Array, isHead: boolean): number {
  let sum = 0;
  for (let at = 0; at < table.byteLength; at += 4) {
    if (isHead && at === 8) continue;
    for (let i = 0; i < 4; i++) sum += (table[at + i] ?? 0) * 2 ** (24 - 8 * i);
  }
  return sum % 2 ** 32;
}

/** A table of bytes, sixteen-bit numbers (`[2, n]`) and thirty-two-bit ones (`[4, n]`), as they come. */
export function tableOf(...parts: readonly (readonly [size: 1 | 2 | 4, value: number])[]): Uint8Array {
  const table = new Uint8Array(parts.reduce((sum, [size]) => sum + size, 0));
  const view = viewOf(table);
  let at = 0;
  for (const [size, value] of parts) {
    if (size === 1) view.setUint8(at, value & 0xff);
    else if (size === 2) view.setUint16(at, value & 0xffff);
    else view.setUint32(at, value >>> 0);
    at += size;
  }
  return table;
}

/** An old table of kerning pairs. */
export function kernTable(pairs: readonly (readonly [first: number, second: number, by: number])[]): Uint8Array {
  const sorted = pairs.toSorted((a, b) => a[0] - b[0] || a[1] - b[1]);
  const head = [0, 1, 0, 14 + pairs.length * 6, 1, pairs.length, 0, 0, 0].map((value) => [2, value] as const);
  return tableOf(...head, ...sorted.flatMap((pair) => pair.map((value) => [2, value] as const)));
}

/** The same font with an axis `wght` from 100 over 400 to 900, along which one glyph is raised by up to 100 units. */
export function varying(font: Uint8Array, glyph: number, numPoints: number, numGlyphs: number): Uint8Array {
  const fixed = (value: number) => [4, value * 0x10000] as const;
  const fvar = tableOf(
    ...[1, 0, 16, 2, 1, 20, 0, 8].map((value) => [2, value] as const),
    [4, 0x77676874],
    ...[100, 400, 900].map(fixed),
    [2, 0],
    [2, 2],
  );
  // All points, those of its metrics among them: nought across, the same up.
  const numDeltas = numPoints + 4;
  const runs: (readonly [1, number])[] = [];
  for (let left = numDeltas; left > 0; left -= 64) runs.push([1, 0x80 | (Math.min(64, left) - 1)]);
  for (let left = numDeltas; left > 0; left -= 64) {
    const length = Math.min(64, left);
    runs.push([1, length - 1], ...Array.from({ length }, () => [1, 100] as const));
  }
  const deltas = [[1, 0] as const, ...runs];
  const data = tableOf([2, 1], [2, 10], [2, deltas.length], [2, 0xa000], [2, 0x4000], ...deltas);
  const even = new Uint8Array(data.byteLength + (data.byteLength % 2));
  even.set(data);
  const offsets = Array.from({ length: numGlyphs + 1 }, (_, i) => [4, i > glyph ? even.byteLength : 0] as const);
  const start = 20 + offsets.length * 4;
  const head = tableOf([2, 1], [2, 0], [2, 1], [2, 0], [4, start], [2, numGlyphs], [2, 1], [4, start], ...offsets);
  const gvar = new Uint8Array(head.byteLength + even.byteLength);
  gvar.set(head);
  gvar.set(even, head.byteLength);
  return withTables(font, { fvar, gvar });
}
