import { artCache } from '../artwork';
import { EM_UNITS } from '../faces';
import type { Outline, Ring } from '../geometry';
import { kindFacts } from '../shop';
import { aRun, fitRun, shippedFaces } from '../test';
import { measureLayer, measurings } from '.';
import { holdsLarger } from './measure-layer';

/** Two plates with a gap between them and a hole in the lower one; in millimetres at this em. */
const EM_MM = 30;
const units = (mm: number) => Math.round((mm * EM_UNITS) / EM_MM);
const ring = (points: readonly (readonly [number, number])[]): Ring =>
  Int32Array.from(points.flatMap(([x, y]) => [units(x), units(y)]));
const rect = (x: number, y: number, w: number, h: number): Ring =>
  ring([
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]);
const hole = (x: number, y: number, side: number): Ring =>
  ring([
    [x, y],
    [x, y + side],
    [x + side, y + side],
    [x + side, y],
  ]);

const [LEFT, TOP] = [7, 11];
const outline: Outline = {
  islands: [
    { outer: rect(LEFT, TOP, 24, 6), holes: [] },
    { outer: rect(LEFT, TOP + 6.8, 24, 9), holes: [hole(LEFT + 15, TOP + 10, 1.2)] },
  ],
};
const inkBox = { minX: units(LEFT), minY: units(TOP), maxX: units(LEFT + 24), maxY: units(TOP + 15.8) };
const art = () => ({ layers: [{ outline, inkBox }], inkBox });
const { finest } = kindFacts('standardFilm');
const asked = { ...finest, strokeMm: 1, gapMm: 1, holeMm: 2 };

test('widths and their spots are millimetres at the size that is asked for, from the corner of the whole ink', () => {
  for (const scale of [0.5, 1, 2]) {
    const limits = { ...asked, gapMm: asked.gapMm * scale, holeMm: asked.holeMm * scale };
    const { stroke, gap, notch, hole: smallest } = measureLayer(art(), 0, EM_MM * scale, limits);
    expect([stroke, notch]).toEqual([null, null]);
    expect(gap!.widthMm / scale).toBeCloseTo(0.8, 1);
    expect(gap!.yMm / scale).toBeGreaterThan(5.9);
    expect(gap!.yMm / scale).toBeLessThan(6.9);
    expect(gap!.xMm / scale).toBeGreaterThanOrEqual(0);
    expect(gap!.xMm / scale).toBeLessThanOrEqual(24);
    expect(Math.abs(smallest!.widthMm / scale - 1.2)).toBeLessThan(0.08);
    expect(Math.abs(smallest!.xMm / scale - 15.6)).toBeLessThanOrEqual(0.61);
    expect(Math.abs(smallest!.yMm / scale - 10.6)).toBeLessThanOrEqual(0.61);
  }
});

test('small letters are looked at as closely as large ones', () => {
  // The same plates at a fifth of the size: a gap of 0.16 mm, which a sample every quarter of a millimetre would not show.
  const small = measureLayer(art(), 0, EM_MM / 5, { ...asked, gapMm: 0.3, holeMm: 0.4 });
  expect(Math.abs(small.gap!.widthMm - 0.16)).toBeLessThan(0.01);
  expect(Math.abs(small.hole!.widthMm - 0.24)).toBeLessThan(0.02);
});

test('one measure holds in larger letters where it does by all of them at that size, of letters as of plates', () => {
  const cache = artCache(shippedFaces());
  const { fits } = fitRun(aRun(['Ottilie', 'Willa Hall', 'Ægir 1927', 'Brook']), cache);
  const limits = { ...finest, strokeMm: 2, gapMm: 1.4, holeMm: 2 };
  const found = { true: 0, false: 0 };
  for (const { artwork } of fits) {
    // From a size at which samples stand as close as they may, and from one at which they stand closer in larger letters.
    for (const emMm of [16, 33]) {
      for (const at of [emMm, emMm * 1.31, emMm * 2]) {
        const all = measureLayer(artwork, 0, at, limits);
        for (const part of ['stroke', 'gap', 'hole'] as const) {
          const holds = holdsLarger(part, artwork, 0, { emMm: at, lookedMm: emMm, finest: limits });
          expect(holds).toBe((all[part]?.widthMm ?? Infinity) >= limits[`${part}Mm`]);
          found[`${holds}`]++;
        }
      }
    }
  }
  expect(Math.min(found.true, found.false)).toBeGreaterThan(12);
});

test('in larger letters nothing is looked at again while samples would stand as they stood', () => {
  const one = art();
  /** Against a limit that is a share of the width that the gap or the hole has at that size. */
  const holds = (part: 'gap' | 'hole', emMm: number, share: number, lookedMm = 16) => {
    const widthMm = ((part === 'gap' ? 0.8 : 1.2) * emMm) / EM_MM;
    return holdsLarger(part, one, 0, { emMm, lookedMm, finest: { ...asked, [`${part}Mm`]: share * widthMm } });
  };
  // Samples stand as they stood at 16 mm, whose look is the last one while the limits are the same.
  measureLayer(one, 0, 16, asked);
  const numBefore = measurings.count;
  const asBefore = (emMm: number) => holdsLarger('gap', one, 0, { emMm, lookedMm: 16, finest: { ...asked } });
  expect([asBefore(22), asBefore(22), asBefore(24)]).toEqual([false, false, false]);
  expect(measurings.count).toBe(numBefore);
  expect(asBefore(32)).toBe(false);
  expect(measurings.count).toBe(numBefore + 1);
  // Another layer in between takes nothing but time.
  measureLayer(art(), 0, 16, asked);
  expect(asBefore(20)).toBe(false);
  expect(measurings.count).toBe(numBefore + 3);
  for (const emMm of [20, 24, 60]) {
    for (const part of ['gap', 'hole'] as const)
      expect([holds(part, emMm, 0.96), holds(part, emMm, 1.04)]).toEqual([true, false]);
  }
  expect(holdsLarger('stroke', one, 0, { emMm: 24, lookedMm: 16, finest: { ...asked } })).toBe(true);
});

test('what has no ink, or was looked at at no size, holds', () => {
  expect(holdsLarger('gap', art(), 1, { emMm: EM_MM, lookedMm: EM_MM, finest: asked })).toBe(true);
  expect(holdsLarger('gap', art(), 0, { emMm: EM_MM, lookedMm: 0, finest: asked })).toBe(true);
});

test('what was measured is not measured again; another size or limit is', () => {
  const one = art();
  const numBefore = measurings.count;
  const first = measureLayer(one, 0, EM_MM, asked);
  expect(measureLayer(one, 0, EM_MM, { ...asked })).toBe(first);
  expect(measurings.count).toBe(numBefore + 1);
  measureLayer(one, 0, EM_MM + 1, asked);
  for (const limit of ['strokeMm', 'gapMm', 'holeMm'] as const)
    measureLayer(one, 0, EM_MM, { ...asked, [limit]: asked[limit] + 0.1 });
  expect(measurings.count).toBe(numBefore + 5);
  // Of many sizes the latest are kept.
  for (let k = 0; k < 8; k++) measureLayer(one, 0, EM_MM + 2 + k, asked);
  measureLayer(one, 0, EM_MM, asked);
  expect(measurings.count).toBe(numBefore + 14);
});

test('a layer without ink, or at no size, has no measures', () => {
  const nothing = { stroke: null, gap: null, notch: null, hole: null };
  expect(measureLayer(art(), 1, EM_MM, asked)).toEqual(nothing);
  expect(measureLayer(art(), 0, 0, asked)).toEqual(nothing);
  expect(measureLayer({ layers: [{ outline: { islands: [] }, inkBox: null }], inkBox }, 0, EM_MM, asked)).toEqual(
    nothing,
  );
});
