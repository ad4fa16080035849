import { type Artwork, artCache } from '@/core/artwork';
import { changeRule } from '@/core/edit';
import { outlineRings } from '@/core/geometry';
import { aRun, fitRun, shippedFaces, withPlace } from '@/core/test';
import { packShapes } from './pack-shapes';
import { PATH_UNITS_PER_EM, ShapePaths } from './shape-paths';
import { serveFaces } from './test/serve-faces';

const cache = artCache(shippedFaces());

const sent = ({ outline, inkBox }: Artwork) => ({ rings: [...outlineRings(outline)], inkBox });

/** Points of a path, ring by ring. */
const ringsOf = (path: string) =>
  path
    .split('Z')
    .filter(Boolean)
    .map((ring) =>
      ring
        .slice(1)
        .split('L')
        .map((pair) => pair.split(' ').map(Number) as [number, number]),
    );

test('outlines survive the trip through one buffer: every ring of every text, to the pixel', () => {
  const { fits } = fitRun(aRun(['Bo', 'Ægir', 'Ohm']), cache);
  const paths = new ShapePaths();
  paths.add(packShapes(new Map(fits.map(({ artwork }, i) => [i + 10, sent(artwork)]))));
  fits.forEach(({ artwork: { outline, inkBox } }, i) => {
    const rings = ringsOf(paths.pathOf(i + 10));
    expect(rings).toHaveLength(outline.islands.reduce((sum, { holes }) => sum + 1 + holes.length, 0));
    const xs = rings.flat().map(([x]) => x);
    const ys = rings.flat().map(([, y]) => y);
    const widthUnits = ((inkBox!.maxX - inkBox!.minX) * PATH_UNITS_PER_EM) / 1_000_000;
    // However fine it is drawn, it reaches as far as it does.
    expect([Math.min(...xs), Math.min(...ys)]).toEqual([0, 0]);
    expect(Math.abs(Math.max(...xs) - widthUnits)).toBeLessThanOrEqual(1);
  });
  expect(paths.pathOf(99)).toBe('');
});

test('a shape is packed as path data from the corner of the whole ink, in ten-thousandths of an em', () => {
  const ring = Int32Array.from([10_000, 20_000, 40_000, 20_000, 40_000, 60_049]);
  const packed = packShapes(
    new Map([
      [4, { rings: [ring], inkBox: { minX: 10_000, minY: 30_000, maxX: 0, maxY: 0 } }],
      [7, { rings: [ring, ring], inkBox: null }],
      [9, { rings: [], inkBox: null }],
    ]),
  );
  expect(packed.shapeNos).toEqual([4, 7, 9]);
  const paths = new ShapePaths();
  paths.add(packed);
  expect([4, 7, 9].map((no) => paths.pathOf(no))).toEqual([
    'M0 -100L300 -100L300 300Z',
    'M100 200L400 200L400 600ZM100 200L400 200L400 600Z',
    '',
  ]);
  expect(packed.shapeEnds.at(-1)).toBe(packed.text.length);
});

test('a screen is sent no point that lies within a three thousandth of the ink off what is left', () => {
  const jagged = (off: number) => Array.from({ length: 49 }, (_, i) => [i * 2000, i % 2 === 0 ? 0 : off]).flat();
  const numKept = (off: number, inkMax: number) => {
    const ring = Int32Array.from([...jagged(off), 100_000, 0, 100_000, 100_000, 0, 100_000]);
    const paths = new ShapePaths();
    paths.add(packShapes(new Map([[0, { rings: [ring], inkBox: { minX: 0, minY: 0, maxX: inkMax, maxY: 100_000 } }]])));
    const [kept] = ringsOf(paths.pathOf(0));
    expect(kept).toEqual(
      expect.arrayContaining([
        [1000, 1000],
        [0, 1000],
      ]),
    );
    return kept!.length;
  };
  expect(numKept(30, 100_000)).toBeLessThan(8);
  expect(numKept(900, 100_000)).toBeGreaterThan(45);
  // The longer the text, the smaller are its letters.
  expect(numKept(900, 3_000_000)).toBeLessThan(8);
});

test('texts that come later do not disturb those that came before', () => {
  const [first, second] = fitRun(aRun(['Bo', 'Ægir']), cache).fits;
  const paths = new ShapePaths();
  paths.add(packShapes(new Map([[0, sent(first!.artwork)]])));
  const before = paths.pathOf(0);
  paths.add(packShapes(new Map([[1, sent(second!.artwork)]])));
  expect(paths.pathOf(0)).toBe(before);
  expect(paths.pathOf(1)).not.toBe(before);
});

describe('the worker’s own fits', () => {
  const { asked } = serveFaces();

  test('are those of the core; each face is fetched once and each outline sent once', async () => {
    const { fitForScreen } = await import('./fit-core');
    const spec = withPlace(aRun(['Bo', 'Ægir', 'Bo']), 120, 40, 'stand-block');
    const first = await fitForScreen(spec, () => true);
    const { fits } = fitRun(spec, cache);
    expect(first!.fits.map(({ emMm, spot }) => [emMm, spot])).toEqual(fits.map(({ emMm, spot }) => [emMm, spot]));
    expect(first!.fits.map(({ layers }) => layers.map(({ shapeNo }) => shapeNo))).toEqual([[0], [1], [0]]);
    expect(first!.drawn.shapeNos).toEqual([0, 1]);
    const again = await fitForScreen(changeRule(spec, null, { kind: 'level', heightMm: 12 }), () => true);
    expect(again!.drawn.shapeNos).toEqual([]);
    expect(again!.fits.every(({ capHeightMm }) => Math.abs(capHeightMm - 12) < 1e-9)).toBe(true);
    expect(asked).toHaveLength(1);
  });

  test('stop as soon as a newer request is there', async () => {
    const { fitForScreen } = await import('./fit-core');
    const many = aRun(Array.from({ length: 300 }, (_, i) => `Name number ${i}`));
    expect(await fitForScreen(many, () => false)).toBeNull();
  });
});
