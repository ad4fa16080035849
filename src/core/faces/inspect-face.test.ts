import { readFileSync } from 'node:fs';
import * as hb from 'harfbuzzjs';
import { SHIPPED_FACES, STAND_BLOCK_SHA, faceFilePath } from '../shop';
import { kernTable, tableOf, tablesOf, varying, withTables } from '../test';
import { inspectFace, loadFace, permitBitsOf } from '.';

const fileOf = (sha: string) => new Uint8Array(readFileSync(`public${faceFilePath(sha)}`));
const block = fileOf(STAND_BLOCK_SHA);
const font = new hb.Font(new hb.Face(new hb.Blob(block)));
const glyphOf = (letter: string) => font.nominalGlyph(letter.codePointAt(0)!)!;

function faceOf(bytes: Uint8Array, axes = {}) {
  const loaded = loadFace(bytes, axes);
  if (!loaded.ok) throw new Error(loaded.problem.kind);
  return loaded.value;
}

function problemOf(bytes: Uint8Array) {
  const inspected = inspectFace(bytes);
  return inspected.ok ? null : inspected.problem;
}

test.each(SHIPPED_FACES)('$name is told by what its file says, and nothing of it is damaged', ({ sha, name }) => {
  const inspected = inspectFace(fileOf(sha));
  expect(inspected).toMatchObject({ ok: true, value: { varies: [], undrawn: [], damaged: [] } });
  expect(inspected.ok && inspected.value.name).toBe(name);
  expect(inspected.ok && inspected.value.permitBits).toBe(permitBitsOf(fileOf(sha)));
  expect(inspected.ok && inspected.value.licence).toContain('Open Font License');
});

test('what is no font, several or only a part of one is refused with the reason', () => {
  expect(problemOf(new Uint8Array(3))).toEqual({ kind: 'notAFont' });
  expect(problemOf(new TextEncoder().encode('a list of names that is no font'))).toEqual({ kind: 'notAFont' });
  expect(problemOf(tableOf([4, 0x74746366], [4, 0x10000], [4, 2], [4, 20], [4, 90]))).toEqual({ kind: 'collection' });
  expect(problemOf(tableOf([4, 0x10000], [2, 0], [2, 0], [4, 0]))).toEqual({ kind: 'notAFont' });
  expect(problemOf(tableOf([4, 0x10000], [2, 9], [2, 0], [4, 0]))).toEqual({ kind: 'notAFont' });
  expect(problemOf(block.slice(0, block.length - 2000))).toMatchObject({ kind: 'tableOutside' });
  for (const tag of ['head', 'hhea', 'hmtx', 'maxp', 'cmap', 'glyf'])
    expect(problemOf(withTables(block, { [tag]: null }))).toEqual({ kind: 'tableMissing', tag });
  expect(problemOf(new Uint8Array(16_000_001))).toEqual({ kind: 'tooLarge', mostBytes: 16_000_000 });
});

test('a table that is not what its sum says is told; what draws letters as nothing is refused', () => {
  for (const [tag, isGrave] of [
    ['glyf', true],
    ['cmap', true],
    ['hmtx', true],
    ['GPOS', true],
    ['OS/2', true],
    ['name', false],
    ['post', false],
  ] as const) {
    const otherwise = Uint8Array.from(block);
    otherwise[offsetOf(tag) + 20]! ^= 1;
    const inspected = inspectFace(otherwise);
    if (isGrave) expect(inspected).toEqual({ ok: false, problem: { kind: 'tablesDamaged', tags: [tag] } });
    else expect(inspected).toMatchObject({ ok: true, value: { damaged: [tag], undrawn: [] } });
  }

  const outlines = tablesOf(block).get('glyf')!;
  const empty = withTables(block, { glyf: new Uint8Array(outlines.length) });
  expect(problemOf(empty)).toEqual({ kind: 'letterWithoutOutline', letter: 'H' });
});

test('a letter that a file draws far beyond any sheet is one that it does not have', () => {
  expect(
    faceOf(block)
      .shape('AB', [], 0)
      .glyphs.map(({ glyphId }) => glyphId),
  ).toEqual([glyphOf('A'), glyphOf('B')]);
  const far = withGlyphMoved('A');
  expect(
    faceOf(far)
      .shape('AB', [], 0)
      .glyphs.map(({ glyphId }) => glyphId),
  ).toEqual([0, glyphOf('B')]);
  expect(faceOf(far).glyphRings(glyphOf('A'))).toEqual([]);
  expect(inspectFace(far)).toMatchObject({ ok: true, value: { undrawn: ['A'] } });
});

test('a letter that a file draws as nothing is missing; a space is not', () => {
  const without = Uint8Array.from(tablesOf(block).get('loca')!);
  const size = glyphsAt().isLong ? 4 : 2;
  // It ends where it begins.
  const q = glyphOf('q') * size;
  without.copyWithin(q + size, q, q + size);
  const face = faceOf(withTables(block, { loca: without }));
  expect(face.shape('q o', [], 0).glyphs.map(({ glyphId }) => glyphId)).toEqual([0, glyphOf(' '), glyphOf('o')]);
});

test('old kerning pairs move what follows, by what the face says; newer kerning alone counts where there is both', () => {
  const [t, o] = [glyphOf('T'), glyphOf('o')];
  const kern = kernTable([
    [t, o, -120],
    [o, t, 30],
  ]);
  const xOf = (face: ReturnType<typeof faceOf>, text: string, features: readonly string[] = []) =>
    face.shape(text, features, 0).glyphs.map(({ x }) => x);
  const bare = faceOf(withTables(block, { GPOS: null, kern: null }));
  const old = faceOf(withTables(block, { GPOS: null, kern }));
  const [, plainX] = xOf(bare, 'To') as [number, number];
  expect(xOf(old, 'To')).toEqual([0, plainX - 120]);
  expect(old.shape('ToT', [], 0).advance).toBe(bare.shape('ToT', [], 0).advance - 90);
  expect(xOf(old, 'To', ['-kern'])).toEqual([0, plainX]);
  expect(xOf(old, 'oo')).toEqual(xOf(bare, 'oo'));
  expect(xOf(faceOf(withTables(block, { kern })), 'To')).toEqual(xOf(faceOf(block), 'To'));
  // A mark stands between them and parts no pair.
  expect(old.shape('T\u0308o', [], 0).advance).toBe(bare.shape('T\u0308o', [], 0).advance - 120);
  // Lists add up, as many as the table says that there are.
  const list = kern.slice(4);
  const table = (numLists: number) => {
    const two = new Uint8Array(4 + 2 * list.length);
    two.set(list, 4);
    two.set(list, 4 + list.length);
    new DataView(two.buffer).setUint16(2, numLists);
    return faceOf(withTables(block, { GPOS: null, kern: two }));
  };
  expect([1, 2].map((numLists) => xOf(table(numLists), 'To')[1])).toEqual([plainX - 120, plainX - 240]);
  // A table that ends early, and one of another kind, move nothing.
  for (const other of [kern.slice(0, 20), tableOf([4, 0x10000], [4, 1]), tableOf([2, 0])])
    expect(xOf(faceOf(withTables(block, { GPOS: null, kern: other })), 'To')).toEqual([0, plainX]);
});

test('a face that varies tells its axes, and is drawn as they are set', () => {
  const { numPoints, numGlyphs } = glyphsAt();
  const face = varying(block, glyphOf('H'), numPoints(glyphOf('H')), numGlyphs);
  expect(inspectFace(face)).toMatchObject({
    ok: true,
    value: { varies: [{ tag: 'wght', min: 100, initial: 400, max: 900 }] },
  });
  const capOf = (axes?: Record<string, number>) => faceOf(face, axes).capHeightEm * faceOf(face).unitsPerEm;
  const plain = capOf();
  expect(capOf({ wght: 400 })).toBeCloseTo(plain, 6);
  expect(capOf({ wght: 900 })).toBeCloseTo(plain + 100, 6);
  expect(capOf({ wght: 650 })).toBeCloseTo(plain + 50, 0);
  // Beyond its ends it stays at them.
  expect(capOf({ wght: 5000 })).toBeCloseTo(plain + 100, 6);
});

test('what a maker permits stands in the file', () => {
  const os2 = tablesOf(block).get('OS/2')!;
  const permitting = (bits: number) => {
    const table = Uint8Array.from(os2);
    new DataView(table.buffer).setUint16(8, bits);
    return permitBitsOf(withTables(block, { 'OS/2': table }));
  };
  expect([0, 2, 4, 8].map(permitting)).toEqual([0, 2, 4, 8]);
  expect(permitBitsOf(withTables(block, { 'OS/2': null }))).toBeNull();
  expect(permitBitsOf(new Uint8Array(40))).toBeNull();
});

/** Where a table begins in the file of the block face. */
function offsetOf(tag: string): number {
  const view = new DataView(block.buffer);
  for (let at = 12; ; at += 16)
    if (String.fromCharCode(...block.subarray(at, at + 4)) === tag) return view.getUint32(at + 8);
}

/** Where glyphs lie in the file of the block face. */
function glyphsAt() {
  const tables = tablesOf(block);
  const [head, maxp, loca, glyf] = ['head', 'maxp', 'loca', 'glyf'].map((tag) => {
    const table = tables.get(tag)!;
    return new DataView(table.buffer, table.byteOffset, table.byteLength);
  }) as [DataView, DataView, DataView, DataView];
  const isLong = head.getInt16(50) === 1;
  const at = (glyph: number) => (isLong ? loca.getUint32(glyph * 4) : loca.getUint16(glyph * 2) * 2);
  return {
    numGlyphs: maxp.getUint16(4),
    isLong,
    at,
    numPoints: (glyph: number) => {
      const numRings = glyf.getInt16(at(glyph));
      return glyf.getUint16(at(glyph) + 10 + (numRings - 1) * 2) + 1;
    },
  };
}

/** The block face with one letter drawn as a triangle that leaves every bound. */
function withGlyphMoved(letter: string): Uint8Array {
  const { at } = glyphsAt();
  const glyf = Uint8Array.from(tablesOf(block).get('glyf')!);
  const far = 32_000;
  const points = [0, far, -far];
  const triangle = tableOf(
    ...[1, -far, 0, far, far, 2, 0].map((value) => [2, value] as const),
    ...[1, 1, 1].map((flag) => [1, flag] as const),
    ...points.map((value) => [2, value] as const),
    ...points.map((value) => [2, value] as const),
  );
  glyf.set(triangle, at(glyphOf(letter)));
  return withTables(block, { glyf });
}
