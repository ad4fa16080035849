import { readFileSync } from 'node:fs';
import { type Artwork, artCache } from '@/core/artwork';
import { changeRule } from '@/core/edit';
import { outlineRings } from '@/core/geometry';
import { aRun, fitRun, shippedFaces, withPlace } from '@/core/test';
import { packShapes } from './pack-shapes';
import { PATH_UNITS_PER_EM, ShapePaths } from './shape-paths';

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
    expect(Math.min(...xs, ...ys)).toBeGreaterThanOrEqual(0);
    expect(Math.min(...xs)).toBeLessThan(2);
    expect(Math.abs(Math.max(...xs) - widthUnits)).toBeLessThan(2);
  });
  expect(paths.pathOf(99)).toBe('');
});

test('a shape is packed into just its points, from the corner of the whole ink, and drawn in thousandths of an em', () => {
  const ring = Int32Array.from([10_000, 20_000, 40_000, 20_000, 40_000, 60_000]);
  const packed = packShapes(
    new Map([
      [4, { rings: [ring], inkBox: { minX: 10_000, minY: 15_000, maxX: 0, maxY: 0 } }],
      [7, { rings: [ring], inkBox: null }],
      [9, { rings: [], inkBox: null }],
    ]),
  );
  expect([...packed.points]).toEqual([0, 5_000, 30_000, 5_000, 30_000, 45_000, ...ring]);
  expect([[...packed.ringEnds], [...packed.shapeEnds], packed.shapeNos]).toEqual([
    [6, 12],
    [1, 2, 2],
    [4, 7, 9],
  ]);
  const paths = new ShapePaths();
  paths.add(packed);
  expect([4, 7, 9].map((no) => paths.pathOf(no))).toEqual([
    'M0.0 5.0L30.0 5.0L30.0 45.0Z',
    'M10.0 20.0L40.0 20.0L40.0 60.0Z',
    '',
  ]);
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
  const realFetch = globalThis.fetch;
  const fetched: string[] = [];
  beforeAll(() => {
    Object.assign(globalThis, { self: { location: { origin: 'http://127.0.0.1:1' } } });
    globalThis.fetch = (async (url: URL) => {
      fetched.push(url.pathname);
      return new Response(readFileSync(`public${url.pathname}`));
    }) as typeof fetch;
  });
  afterAll(() => {
    globalThis.fetch = realFetch;
  });

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
    expect(fetched).toHaveLength(1);
  });

  test('stop as soon as a newer request is there', async () => {
    const { fitForScreen } = await import('./fit-core');
    const many = aRun(Array.from({ length: 300 }, (_, i) => `Name number ${i}`));
    expect(await fitForScreen(many, () => false)).toBeNull();
  });
});
