import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { type Ring, boxOfRings, outlineRings } from '../geometry';
import {
  type Bend,
  BEND_WAYS,
  BRASS_SCRIPT_SHA,
  FRAMES,
  HEAVY_SLAB_SHA,
  MONOGRAM_SHAPES,
  STAND_BLOCK_SHA,
} from '../shop';
import { aRunOfLetters, anArtwork, shippedFaces } from '../test';
import { bendAt, bentRing } from './bend';
import type { Artwork } from './draw-artwork';

const block = STAND_BLOCK_SHA;
const cap = shippedFaces()(block).capHeightEm * EM_UNITS;

const line = (text: string, no: number, sizeShare?: number, face = block) => ({
  no,
  runs: [aRunOfLetters(text, face)],
  ...(sizeShare === undefined ? {} : { sizeShare }),
});

/** Boxes of the islands, from the top down. */
const boxesOf = (art: Artwork) =>
  art.outline.islands.map(({ outer }) => boxOfRings([outer])!).sort((a, b) => a.minY - b.minY || a.minX - b.minX);

test('without a stack lines stand as they always did: the same points', () => {
  const before = anArtwork(block, ['Ada', 'Lind']);
  const after = anArtwork(block, [], 1, { lines: [line('Ada', 0), line('Lind', 1)], form: {} });
  expect(after.outline).toEqual(before.outline);
  expect(after.lastBaselineEm).toBe(1.2);
});

const monogram = { shape: 'circle', gapShare: 0.07, frame: 'ring' } as const;
const initials = (text: string) => ({ no: 0, runs: [aRunOfLetters(text, block, { isMonogram: true })] });

test('a monogram takes its form and its frame; words on the same lettering do not', () => {
  const formed = anArtwork(block, [], 1, { lines: [initials('MFH')], form: { monogram } });
  const { minX, maxX, minY, maxY } = formed.inkBox!;
  // The frame is round, and nothing is drawn apart from it and three letters.
  expect((maxX - minX) / (maxY - minY)).toBeCloseTo(1, 2);
  expect(formed.outline.islands).toHaveLength(4);
  expect(formed.unformed).toEqual([]);
  const words = anArtwork(block, [], 1, { lines: [line('MFH', 0)], form: { monogram } });
  expect(words.outline).toEqual(anArtwork(block, ['MFH']).outline);
});

test('letters that do not make the form stand in a row, and that is told', () => {
  const art = anArtwork(block, [], 1, {
    lines: [initials('AB')],
    form: { monogram: { ...monogram, shape: 'twoOverOne' } },
  });
  expect(art.unformed).toEqual([{ line: 0, numLetters: 2 }]);
  expect(art.outline.islands).toHaveLength(3);
});

test('drawn narrower, a monogram is still in a round frame', () => {
  const art = anArtwork(block, [], 0.7, { lines: [initials('MFH')], form: { monogram } });
  const { minX, maxX, minY, maxY } = art.inkBox!;
  expect((maxX - minX) / (maxY - minY)).toBeCloseTo(1, 2);
});

test('drawn narrower, a line that is bent is as much shorter along its circle', () => {
  const angle = (widthShare: number) => {
    const bend = { way: 'arch', curve: { by: 'radius', capitals: 8 }, letters: 'bent' } as const;
    const art = anArtwork(block, [], widthShare, { lines: [line('Wilhelmina', 0)], form: { bend } });
    const { minX, maxX } = art.inkBox!;
    return Math.asin((maxX - minX) / 2 / (art.bent!.radiusEm * EM_UNITS));
  };
  expect(angle(0.7) / angle(1)).toBeCloseTo(0.7, 1);
});

const BENDS: readonly Bend[] = (['arch', 'dip'] as const).flatMap((way) => [
  { way, curve: { by: 'radius', capitals: 4 }, letters: 'bent' } as const,
  { way, curve: { by: 'rise', share: 0.2 }, letters: 'bent' } as const,
]);

function bent(text: string, bend: Bend, face = block): Artwork {
  return anArtwork(face, [], 1, { lines: [line(text, 0, undefined, face)], form: { bend } });
}

test('bent outlines are within 0.02 mm of an independent mapping at capitals of 25 mm', () => {
  const mmPerUnit = 25 / cap;
  let worst = 0;
  for (const bend of BENDS) {
    for (const text of ['Wilhelmina', 'HAMBURG']) {
      const straight = anArtwork(block, [text]);
      const { minX, maxX } = straight.inkBox!;
      const radius = bend.curve.by === 'radius' ? 4 * cap : ((maxX - minX) * (0.25 / 0.2 + 0.2)) / 2;
      const sign = bend.way === 'arch' ? -1 : 1;
      // Polar, by turning a point about the circle's middle, in steps that are fine everywhere.
      const centre = [(minX + maxX) / 2, -cap / 2 - sign * radius] as const;
      const wanted = [...outlineRings(straight.outline)].flatMap((ring) =>
        fine(ring, 20_000).map(([x, y]) => {
          const turn = (-sign * (x - centre[0])) / radius;
          const dy = y - centre[1];
          return [centre[0] - dy * Math.sin(turn), centre[1] + dy * Math.cos(turn)] as const;
        }),
      );
      const rings = [...outlineRings(bent(text, bend).outline)];
      for (const [x, y] of wanted.filter((_, i) => i % 15 === 0))
        worst = Math.max(worst, Math.min(...rings.map((ring) => distanceTo(ring, x, y))) * mmPerUnit);
    }
  }
  expect(worst).toBeLessThan(0.02);
});

/** Points along a ring, no farther from each other than that. */
function fine(ring: Ring, step: number): readonly (readonly [number, number])[] {
  const points: (readonly [number, number])[] = [];
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / step));
    for (let i = 0; i < steps; i++) points.push([ax + ((bx - ax) * i) / steps, ay + ((by - ay) * i) / steps]);
  }
  return points;
}

function distanceTo(ring: Ring, x: number, y: number): number {
  let least = Infinity;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const length2 = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
    const t = Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length2));
    least = Math.min(least, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
  }
  return least;
}

test('bent text has the islands and holes of the straight one, in joined and in other faces', () => {
  const parts = (art: Artwork) => [
    art.outline.islands.length,
    art.outline.islands.flatMap(({ holes }) => holes).length,
  ];
  for (const face of [block, BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA]) {
    for (const text of ['Wilhelmina', 'Bo', 'Åse Krug', 'Quirin']) {
      const straight = parts(anArtwork(face, [text]));
      for (const bend of BENDS)
        expect([text, bend.way, ...parts(bent(text, bend, face))]).toEqual([text, bend.way, ...straight]);
    }
  }
});

test('an arch is highest in the middle, a dip lowest, by the rise that was asked for', () => {
  const straight = anArtwork(block, ['HHHHHHHHHHH']).inkBox!;
  const width = straight.maxX - straight.minX;
  for (const way of ['arch', 'dip'] as const) {
    const art = bent('HHHHHHHHHHH', { way, curve: { by: 'rise', share: 0.2 }, letters: 'bent' });
    const boxes = [...boxesOf(art)].sort((a, b) => a.minX - b.minX);
    const middle = boxes[5]!;
    expect((middle.minX + middle.maxX) / 2).toBeCloseTo((straight.minX + straight.maxX) / 2, -3);
    const fall = (boxes[0]!.minY + boxes[0]!.maxY - middle.minY - middle.maxY) / 2;
    expect(Math.sign(fall)).toBe(way === 'arch' ? 1 : -1);
    expect(Math.abs(fall) / width).toBeGreaterThan(0.13);
    expect(Math.abs(fall) / width).toBeLessThan(0.2);
  }
});

test('turned letters keep their shape, and those that join are bent all the same', () => {
  const turned = { way: 'arch', curve: { by: 'radius', capitals: 4 }, letters: 'turned' } as const;
  const lengths = (art: Artwork) =>
    art.outline.islands.map(({ outer }) => Math.round(lengthOf(outer) / 1e4)).sort((a, b) => a - b);
  expect(lengths(bent('HIT', turned))).toEqual(lengths(anArtwork(block, ['HIT'])));
  expect(lengths(bent('HIT', { ...turned, letters: 'bent' }))).not.toEqual(lengths(anArtwork(block, ['HIT'])));
  const joined = bent('amelia', turned, BRASS_SCRIPT_SHA);
  expect(joined.outline).toEqual(bent('amelia', { ...turned, letters: 'bent' }, BRASS_SCRIPT_SHA).outline);
});

function lengthOf(ring: Ring): number {
  return fine(ring, Infinity).reduce((sum, [x, y], i, all) => {
    const [px, py] = all.at(i - 1)!;
    return sum + Math.hypot(x - px, y - py);
  }, 0);
}

test('one radius bends a set alike; what is longer than the circle is never bent through itself', () => {
  const radius = { way: 'arch', curve: { by: 'radius', capitals: 6 }, letters: 'bent' } as const;
  expect(bent('Bo', radius).bent!.radiusEm).toBe(bent('Wilhelmina', radius).bent!.radiusEm);
  expect(bent('Bo', radius).bent!.radiusEm).toBeCloseTo((6 * cap) / EM_UNITS, 6);
  const tight = bent('Wilhelmina '.repeat(4), { ...radius, curve: { by: 'radius', capitals: 1.5 } });
  const { minX, maxX } = anArtwork(block, ['Wilhelmina '.repeat(4)]).inkBox!;
  expect(2 * Math.PI * tight.bent!.radiusEm * EM_UNITS).toBeGreaterThan(maxX - minX);
});

test('edges are split only as far as the curve asks', () => {
  const at = bendAt(
    { way: 'arch', curve: { by: 'radius', capitals: 8 }, letters: 'bent' },
    { minX: 0, maxX: 1e6 },
    { head: -cap, foot: 0, capHeight: cap },
  );
  const square = Int32Array.of(0, 0, 700_000, 0, 700_000, -700_000, 0, -700_000);
  const { length } = bentRing(square, at);
  expect(length / 2).toBeGreaterThan(16);
  expect(length / 2).toBeLessThan(80);
});

test('whatever form is asked for of whatever text, it is drawn or nothing is: never a crash, never a number that is none', () => {
  const text = fc.oneof(
    fc.string({ maxLength: 12 }),
    fc.constantFrom('', ' ', '·', '_', '°', "'", 'M·H', 'Å̊', 'ﬁ', 'נועה', '🎺', 'WWWWWWWW'),
  );
  const stack = fc.record({
    gapShare: fc.double({ min: 0, max: 3, noNaN: true }),
    widths: fc.constantFrom('own' as const, 'equal' as const),
    between: fc.constantFrom('nothing' as const, 'rule' as const, 'dot' as const, 'lozenge' as const),
  });
  const setting = fc.record({
    shape: fc.constantFrom(null, ...MONOGRAM_SHAPES),
    gapShare: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
    frame: fc.constantFrom(null, ...FRAMES),
  });
  const bend = fc.record({
    way: fc.constantFrom(...BEND_WAYS),
    curve: fc.oneof(
      fc.record({ by: fc.constant('rise' as const), share: fc.double({ min: 0.01, max: 0.5, noNaN: true }) }),
      fc.record({ by: fc.constant('radius' as const), capitals: fc.double({ min: 1.5, max: 200, noNaN: true }) }),
      fc.constant({ by: 'place' as const }),
    ),
    letters: fc.constantFrom('bent' as const, 'turned' as const),
  });
  const form = fc.record({ stack, monogram: setting, bend }, { requiredKeys: [] });
  const share = fc.double({ min: 0.1, max: 5, noNaN: true });
  fc.assert(
    fc.property(fc.array(fc.tuple(text, fc.boolean(), share), { minLength: 1, maxLength: 3 }), form, (lines, asked) => {
      const art = anArtwork(block, [], 1, {
        lines: lines.map(([words, isMonogram, sizeShare], no) => ({
          no,
          sizeShare,
          runs: words === '' ? [] : [aRunOfLetters(words, block, isMonogram ? { isMonogram: true } : {})],
        })),
        form: asked,
      });
      const { inkBox, lowest, bent: circle, lastBaselineEm } = art;
      const figures = [...Object.values(inkBox ?? {}), lowest.capHeightEm, lastBaselineEm, circle?.radiusEm ?? 0];
      expect(figures.filter((one) => !Number.isFinite(one) || Math.abs(one) > 2 ** 31)).toEqual([]);
      expect(lowest.capHeightEm).toBeGreaterThanOrEqual(0);
    }),
    { numRuns: 150, seed: 6 },
  );
});
