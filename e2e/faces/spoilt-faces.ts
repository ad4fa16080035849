import { tablesOf, withTables } from '@/core/test/font-files';
import { aFont, anOtf, asWoff, asWoff2 } from '@/services/test/own-fonts';

/** Font files as nobody should send them, by a seed: good ones of every kind with something in them broken, cut off or made to do harm. */

type Chance = (below: number) => number;

export interface GoodFace {
  readonly name: string;
  readonly bytes: Uint8Array;
}

export async function goodFaces(): Promise<readonly GoodFace[]> {
  const ttf = aFont();
  return [
    { name: 'a.ttf', bytes: ttf },
    { name: 'b.otf', bytes: anOtf() },
    { name: 'c.woff', bytes: asWoff(ttf) },
    { name: 'd.woff2', bytes: await asWoff2(ttf) },
  ];
}

export function spoiltFace(good: readonly GoodFace[], chance: Chance): GoodFace {
  const from = good[chance(good.length)]!;
  const way = WAYS[chance(WAYS.length)]!;
  return { name: from.name, bytes: way(Uint8Array.from(from.bytes), chance) };
}

const WAYS: readonly ((bytes: Uint8Array, chance: Chance) => Uint8Array)[] = [
  // Single bytes, anywhere or in the head.
  (bytes, chance) => somewhere(bytes, chance, bytes.length),
  (bytes, chance) => somewhere(bytes, chance, Math.min(300, bytes.length)),
  // Not all of it.
  (bytes, chance) => bytes.slice(0, chance(bytes.length)),
  // A stretch of nothing, or of one value.
  (bytes, chance) => {
    const from = chance(bytes.length);
    return bytes.fill(chance(2) === 0 ? 0 : 255, from, from + 1 + chance(4000));
  },
  // Parts swapped.
  (bytes, chance) => {
    const [a, b, length] = [chance(bytes.length), chance(bytes.length), 4 + chance(2000)];
    const kept = bytes.slice(a, a + length);
    bytes.copyWithin(a, b, b + length);
    bytes.set(kept.subarray(0, Math.max(0, bytes.length - b)), b);
    return bytes;
  },
  (bytes, chance) => (isPlain(bytes) ? without(bytes, chance) : bytes.slice(1)),
  (bytes, chance) => (isPlain(bytes) ? withWrongTable(bytes, chance) : bytes.slice(0, 44)),
  (bytes) => (isPlain(bytes) ? ofThemselves(bytes) : bytes.fill(65, 12, 80)),
];

function somewhere(bytes: Uint8Array, chance: Chance, below: number): Uint8Array {
  for (let left = 1 + chance(12); left > 0; left--) bytes[chance(below)] = chance(256);
  return bytes;
}

function isPlain(bytes: Uint8Array): boolean {
  const [first, second] = bytes;
  return (first === 0 && second === 1) || first === 0x4f;
}

function without(bytes: Uint8Array, chance: Chance): Uint8Array {
  const tags = [...tablesOf(bytes).keys()];
  return withTables(bytes, { [tags[chance(tags.length)]!]: null });
}

/** With right sums: only what is in it is wrong. */
function withWrongTable(bytes: Uint8Array, chance: Chance): Uint8Array {
  const tables = [...tablesOf(bytes)];
  const [tag, table] = tables[chance(tables.length)]!;
  return withTables(bytes, { [tag]: somewhere(Uint8Array.from(table), chance, table.length) });
}

/** Every letter is put together of letters that are put together of it. */
function ofThemselves(bytes: Uint8Array): Uint8Array {
  const tables = tablesOf(bytes);
  const [glyf, loca, maxp] = [tables.get('glyf'), tables.get('loca'), tables.get('maxp')];
  if (!glyf || !loca || !maxp) return bytes.slice(0, 200);
  const numGlyphs = new DataView(maxp.buffer).getUint16(4);
  const isLong = new DataView(tables.get('head')!.buffer).getInt16(50) === 1;
  const [size, part] = [26, 6];
  const composites = new Uint8Array(numGlyphs * size);
  const view = new DataView(composites.buffer);
  const offsets = new DataView(new ArrayBuffer((numGlyphs + 1) * (isLong ? 4 : 2)));
  for (let glyph = 0; glyph <= numGlyphs; glyph++) {
    if (isLong) offsets.setUint32(glyph * 4, glyph * size);
    else offsets.setUint16(glyph * 2, (glyph * size) / 2);
    if (glyph === numGlyphs) break;
    view.setInt16(glyph * size, -1);
    for (let i = 0; i < 2; i++) {
      const at = glyph * size + 10 + i * part;
      view.setUint16(at, i === 0 ? 0x22 : 0x02);
      view.setUint16(at + 2, (glyph + 1 + i) % numGlyphs);
    }
  }
  return withTables(bytes, { glyf: composites, loca: new Uint8Array(offsets.buffer) });
}
