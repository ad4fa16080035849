import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { boxOfRings, outlineArea, outlineRings } from '../geometry';
import { HEAVY_SLAB_SHA, type MonogramSetting, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, shippedFaces } from '../test';
import { type Artwork, drawArtwork } from '.';

const faceOf = shippedFaces();
const CAP = faceOf(HEAVY_SLAB_SHA).capHeightEm * EM_UNITS;

/** Monogram and lines from films of their own, so that each can be looked at by itself. */
function drawn(
  monogram: string,
  others: readonly string[],
  setting: Partial<MonogramSetting>,
  sizeShare = 0.2,
): Artwork {
  const slots = ['main', ...others.map((_, i) => `line ${i}`)];
  const first = { ...aRunOfLetters(monogram, HEAVY_SLAB_SHA), isMonogram: true as const };
  return drawArtwork(
    {
      leadFace: HEAVY_SLAB_SHA,
      lines: [
        { no: 0, runs: [first] },
        ...others.map((text, i) => ({
          no: i + 1,
          sizeShare,
          runs: [aRunOfLetters(text, STAND_BLOCK_SHA, { colourSlot: slots[i + 1]! })],
        })),
      ],
      form: { monogram: { shape: null, gapShare: 0.07, frame: null, ...setting } },
      layers: slots.map((colourSlot) => ({ colourSlot, make: { kind: 'text' } })),
      widthShare: 1,
    },
    faceOf,
  );
}
const rings = (artwork: Artwork, i: number) => [...outlineRings(artwork.layers[i]!.outline)];
const box = (artwork: Artwork, i: number) => boxOfRings(rings(artwork, i))!;
const capital = fc.string({ unit: fc.constantFrom(...'ABCDEFGHIKLMNOPRSTUVWXYZ'), minLength: 1, maxLength: 2 });

test('a line stands in a gap across the letters, clear of both halves; no ink of theirs is lost', () => {
  fc.assert(
    fc.property(capital, fc.constantFrom('Solveig', 'BIRK', 'Anna & Bo'), (letters, name) => {
      const [whole, split] = [drawn(letters, [name], {}), drawn(letters, [name], { others: 'within' })];
      const [own, line] = [box(split, 0), box(split, 1)];
      expect(line.minY).toBeGreaterThan(own.minY);
      expect(line.maxY).toBeLessThan(own.maxY);
      const halves = rings(split, 0).map((ring) => boxOfRings([ring])!);
      const above = Math.max(...halves.filter(({ maxY }) => maxY <= line.minY).map(({ maxY }) => maxY));
      const below = Math.min(...halves.filter(({ minY }) => minY >= line.maxY).map(({ minY }) => minY));
      expect(halves.every(({ minY, maxY }) => maxY <= line.minY || minY >= line.maxY)).toBe(true);
      expect(line.minY - above).toBeGreaterThan(0.069 * CAP);
      expect(below - line.maxY).toBeGreaterThan(0.069 * CAP);
      // What stands without a split is as much.
      const area = (artwork: Artwork) => outlineArea(artwork.layers[0]!.outline);
      expect(area(split) / area(whole)).toBeCloseTo(1, 3);
      expect(line.maxX - line.minX).toBeLessThanOrEqual(1.31 * (own.maxX - own.minX));
      expect((line.minX + line.maxX) / 2).toBeCloseTo((own.minX + own.maxX) / 2, -2);
    }),
    { numRuns: 25, seed: 2 },
  );
});

test('a tail below the baseline does not pull the line aside', () => {
  const split = drawn('Q', ['Solveig'], { others: 'within' });
  const body = rings(split, 0)
    .flatMap((ring) => Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const))
    .filter(([, y]) => y < box(split, 1).minY)
    .map(([x]) => x);
  const line = box(split, 1);
  expect((line.minX + line.maxX) / 2).toBeCloseTo((Math.min(...body) + Math.max(...body)) / 2, -5);
});

test('two lines stand below one another in the gap', () => {
  const split = drawn('B', ['BIRK', '1998'], { others: 'within' });
  expect(box(split, 2).minY - box(split, 1).maxY).toBeGreaterThan(0.069 * CAP);
  expect(split.missing).toEqual([]);
});

test('the first line runs over the head of the monogram, the second under its foot, both on one circle round it', () => {
  const round = drawn('AB', ['MARLSTONE', '1898'], { others: 'round', shape: 'circle', frame: 'ring' }, 0.25);
  const own = box(round, 0);
  const [x, y] = [(own.minX + own.maxX) / 2, (own.minY + own.maxY) / 2];
  const ring = (own.maxX - own.minX) / 2;
  const [over, under] = [box(round, 1), box(round, 2)];
  expect(over.minY).toBeLessThan(own.minY);
  expect(under.maxY).toBeGreaterThan(own.maxY);
  expect((over.minX + over.maxX) / 2).toBeCloseTo(x, -4);
  const lineCap = 0.25 * faceOf(STAND_BLOCK_SHA).capHeightEm * EM_UNITS;
  for (const i of [1, 2]) {
    const distances = rings(round, i).flatMap((points) =>
      Array.from({ length: points.length / 2 }, (_, k) => Math.hypot(points[2 * k]! - x, points[2 * k + 1]! - y)),
    );
    const nearest = Math.min(...distances);
    // Turned letters: their corners reach a little farther than their middles.
    expect(nearest).toBeGreaterThan(ring + 0.12 * CAP);
    expect(nearest).toBeLessThan(ring + 0.15 * CAP);
    expect(Math.max(...distances)).toBeLessThan(ring + 0.14 * CAP + 1.15 * lineCap);
  }
});

test('a line that is too long for its part of the circle is drawn smaller; letters of a script are bent with it', () => {
  const long = 'Gwendolen Åse Marr and all who came along';
  const height = (others: readonly string[]) => {
    const round = drawn('AB', others, { others: 'round', shape: 'circle' }, 0.3);
    return round.lineScales[1]!;
  };
  expect(height(['Bo'])).toBeCloseTo(0.3, 6);
  expect(height([long])).toBeLessThan(0.3);
  // Alone it may take more of the circle than beside another.
  expect(height([long, '1898'])).toBeLessThan(height([long]));
});

test('without a monogram, or without another line, all stand as they are typed', () => {
  const alone = drawn('AB', [], { others: 'within' });
  expect(box(alone, 0).maxY - box(alone, 0).minY).toBeLessThan(1.1 * CAP);
  const plain = { no: 0, runs: [aRunOfLetters('Ann', HEAVY_SLAB_SHA)] };
  const second = { no: 1, runs: [aRunOfLetters('Bo', HEAVY_SLAB_SHA)] };
  const set = (monogram: MonogramSetting | undefined) =>
    drawArtwork(
      {
        leadFace: HEAVY_SLAB_SHA,
        lines: [plain, second],
        form: monogram ? { monogram } : {},
        layers: [{ colourSlot: 'main', make: { kind: 'text' } }],
        widthShare: 1,
      },
      faceOf,
    ).inkBox;
  expect(set({ shape: null, gapShare: 0.07, frame: null, others: 'round' })).toEqual(set(undefined));
});
