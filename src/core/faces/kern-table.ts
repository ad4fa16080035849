import type { TableAt } from './table-directory';

/** How much nearer the second of two glyphs stands, in font units; nought for most. */
export type PairKerning = (first: number, second: number) => number;

const HORIZONTAL = 0x01;
/** Least values, or across the line. */
const OTHERWISE = 0x06;
const SUBTABLE_HEAD = 6;
const PAIRS_HEAD = 8;
const PAIR = 6;
const MOST_PAIRS = 200_000;

/**
 * The old table of kerning pairs, which the shaping engine leaves out: of version 0 with lists of pairs, as all but a few have it. Null
 * without a pair. Where a face also has the newer kerning, that alone counts.
 */
export function kerningPairs(bytes: Uint8Array, table: TableAt | undefined): PairKerning | null {
  if (!table || table.length < 4) return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset + table.offset, table.length);
  if (view.getUint16(0) !== 0) return null;
  const pairs = new Map<number, number>();
  let at = 4;
  for (let left = view.getUint16(2); left > 0 && at + SUBTABLE_HEAD + PAIRS_HEAD <= table.length; left--) {
    const length = view.getUint16(at + 2);
    const coverage = view.getUint16(at + 4);
    const isOfPairs = coverage >> 8 === 0 && (coverage & HORIZONTAL) !== 0 && (coverage & OTHERWISE) === 0;
    if (isOfPairs) readPairs(view, at + SUBTABLE_HEAD, pairs);
    if (length < SUBTABLE_HEAD) break;
    at += length;
  }
  return pairs.size === 0 ? null : (first, second) => pairs.get(first * 0x10000 + second) ?? 0;
}

/** The length of a list that is too long for its field is wrong: how many pairs there are counts. */
function readPairs(view: DataView, at: number, pairs: Map<number, number>): void {
  const numPairs = view.getUint16(at);
  for (let i = 0; i < numPairs && pairs.size < MOST_PAIRS; i++) {
    const pair = at + PAIRS_HEAD + i * PAIR;
    if (pair + PAIR > view.byteLength) return;
    const key = view.getUint32(pair);
    pairs.set(key, (pairs.get(key) ?? 0) + view.getInt16(pair + 4));
  }
}
