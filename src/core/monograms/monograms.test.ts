import fc from 'fast-check';
import { type Ring, boxOfRings, joinRings } from '../geometry';
import { FRAMES, MONOGRAM_SHAPES, type MonogramShape } from '../shop';
import { placedLetters } from '../artwork';
import { HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, shippedFaces } from '../test';
import { EM_UNITS } from '../faces';
import { formMonogram, frameRings, mappedRing } from '.';

/** Letters as their face draws them. */
function lettersOf(text: string, face = STAND_BLOCK_SHA): readonly (readonly Ring[])[] {
  return placedLetters({ no: 0, runs: [aRunOfLetters(text, face)] }, shippedFaces()).map(({ rings }) => rings);
}

const capOf = (face: string) => shippedFaces()(face).capHeightEm * EM_UNITS;
const GAP = 0.07;

function formed(shape: MonogramShape, text: string, face = STAND_BLOCK_SHA) {
  const capHeight = capOf(face);
  return formMonogram(shape, { letters: lettersOf(text, face), capHeight, gap: GAP * capHeight });
}

const box = (rings: readonly Ring[]) => boxOfRings(rings)!;

/** Capitals that reach neither above the head nor below the foot, by more than a rounded letter does. */
const initials = fc.string({ unit: fc.constantFrom(...'ABCDEFGHIKLMNOPRSTUVWXYZ'), minLength: 3, maxLength: 3 });

test('three letters are as tall as the form, begin at its left end, and keep their order', () => {
  fc.assert(
    fc.property(initials, fc.constantFrom<MonogramShape>('circle', 'lozenge', 'square', 'shield'), (text, shape) => {
      const { letters } = formed(shape, text)!;
      const cap = capOf(STAND_BLOCK_SHA);
      const all = box(letters.flat());
      expect(all.minX).toBe(0);
      expect(all.maxY - all.minY).toBeGreaterThan(0.9 * cap);
      expect(all.maxY - all.minY).toBeLessThan(1.05 * cap);
      const middles = letters.map((rings) => box(rings).minX + box(rings).maxX);
      expect([...middles].sort((a, b) => a - b)).toEqual(middles);
    }),
    { numRuns: 60, seed: 1 },
  );
});

test('in a square the gaps are even: where two letters are nearest they are as far apart as was asked', () => {
  fc.assert(
    fc.property(initials, (text) => {
      const { letters } = formed('square', text)!;
      const gaps = [0, 1].map((i) => leastAcross(letters[i]!, letters[i + 1]!));
      const asked = GAP * capOf(STAND_BLOCK_SHA);
      for (const gap of gaps) {
        expect(gap).toBeGreaterThan(0.95 * asked);
        // A letter slips under its neighbour by no more than a fifth of itself: what is still open then stays so.
        expect(gap).toBeLessThan(asked * 4);
      }
    }),
    { numRuns: 60, seed: 2 },
  );
});

/** The least distance across between two letters, at heights where both have ink. */
function leastAcross(left: readonly Ring[], right: readonly Ring[]): number {
  const cap = capOf(STAND_BLOCK_SHA);
  let least = Infinity;
  for (let y = -cap + 500; y < 0; y += cap / 200) {
    const [to] = spanAt(left, y);
    const [, from] = spanAt(right, y);
    if (to !== -Infinity && from !== Infinity) least = Math.min(least, from - to);
  }
  return least;
}

/** The rightmost and the leftmost point at a height. */
function spanAt(rings: readonly Ring[], y: number): readonly [number, number] {
  const xs: number[] = [];
  for (const ring of rings) {
    for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
      const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
      if (ay > y !== by > y) xs.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
    }
  }
  return [Math.max(...xs), Math.min(...xs)];
}

test('round: everything lies within the circle or oval that the letters ask for, and the ends come near it', () => {
  fc.assert(
    fc.property(initials, (text) => {
      const { letters } = formed('circle', text)!;
      const cap = capOf(STAND_BLOCK_SHA);
      const { maxX } = box(letters.flat());
      const far = (x: number, y: number) => Math.hypot((x - maxX / 2) / (maxX / 2), (y + cap / 2) / (cap / 2));
      const all = letters.flat().flatMap((ring) => pointsOf(ring).map(([x, y]) => far(x, y)));
      // Round letters reach a little beyond head and foot.
      expect(Math.max(...all)).toBeLessThan(1.22);
    }),
    { numRuns: 60, seed: 3 },
  );
});

function pointsOf(ring: Ring): readonly (readonly [number, number])[] {
  return Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const);
}

test('letters are never stretched to blocks: an I stays as slim as it is drawn, an M keeps over half of its width', () => {
  const widthIn = (shape: MonogramShape, text: string, i: number) => {
    const { minX, maxX } = box(formed(shape, text)!.letters[i]!);
    return maxX - minX;
  };
  const natural = (text: string) => box(lettersOf(text).flat()).maxX - box(lettersOf(text).flat()).minX;
  for (const shape of ['lozenge', 'square', 'shield'] as const) {
    expect(widthIn(shape, 'JIL', 1)).toBeLessThan(1.11 * natural('I'));
    expect(widthIn(shape, 'I', 0)).toBeLessThan(1.01 * natural('I'));
    expect(widthIn(shape, 'WMW', 1)).toBeGreaterThan(0.62 * natural('M'));
  }
});

test('what stands out above the head, or hangs below the foot, keeps a third of its reach, outwards', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const reach = (text: string) => -box(lettersOf(text)[0]!).minY - cap;
  const above = -box(formed('square', 'ÅÅÅ')!.letters[1]!).minY - cap;
  expect(above / reach('Å')).toBeCloseTo(0.35, 2);
  const below = box(formed('square', 'ÇÇÇ')!.letters[1]!).maxY;
  expect(below / box(lettersOf('Ç')[0]!).maxY).toBeCloseTo(0.35, 2);
});

test('a letter with a mark is lower than its neighbours, and its mark keeps its shape and the room beneath it', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  // The letter first, then the ring of its mark.
  const parts = (rings: readonly Ring[]) =>
    [...rings].sort((a, b) => box([b]).maxY - box([a]).maxY).map((ring) => box([ring]));
  const heightOf = ({ minY, maxY }: { readonly minY: number; readonly maxY: number }) => maxY - minY;
  const [letter, , ring] = parts(lettersOf('Å')[0]!);
  const total = -ring!.minY;
  const share = (cap + 0.35 * (total - cap)) / total;
  for (const shape of ['circle', 'lozenge', 'square', 'shield'] as const) {
    const { letters, lowestShare } = formed(shape, 'HÅH')!;
    const [own, , mark] = parts(letters[1]!);
    expect(Math.abs(heightOf(mark!) / heightOf(ring!) - share)).toBeLessThan(0.03);
    expect(Math.abs((own!.minY - mark!.maxY) / (letter!.minY - ring!.maxY) - share)).toBeLessThan(0.2);
    if (shape === 'square') {
      expect(Math.abs(heightOf(own!) / heightOf(letter!) - share)).toBeLessThan(0.01);
      expect(lowestShare).toBeCloseTo(share, 2);
      expect(heightOf(box(letters[0]!)) / cap).toBeCloseTo(1, 2);
    }
  }
  // The same of what hangs below: its letter's foot stands as much higher.
  const [drawn] = lettersOf('Ç');
  const below = box(drawn!).maxY;
  const { letters } = formed('square', 'HÇH')!;
  const cedilla = box(letters[1]!);
  const over = -box(drawn!).minY - cap;
  expect(Math.abs((cedilla.maxY - cedilla.minY) / cap - (1 + 0.35 * (below / cap + over / cap)))).toBeLessThan(0.01);
  // A round letter is hardly taller than others, and no low one.
  expect(formed('square', 'HOH')!.lowestShare).toBe(1);
});

test('the lowest letter of a form is told by its share of the height', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  for (const shape of ['circle', 'lozenge', 'square', 'shield'] as const) {
    const { letters, lowestShare } = formed(shape, 'HHH')!;
    const heights = letters.map((rings) => (box(rings).maxY - box(rings).minY) / cap);
    expect(Math.abs(lowestShare - Math.min(...heights))).toBeLessThan(0.025);
    expect(lowestShare).toBeGreaterThan(0.68);
  }
  expect(formed('square', 'HHH')!.lowestShare).toBeGreaterThan(0.97);
  expect(formed('lozenge', 'HHH')!.lowestShare).toBeLessThan(0.95);
});

test('straight stems bend with the form: no edge that is left is longer than a thirtieth of the height', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  for (const ring of formed('circle', 'HIH')!.letters.flat()) {
    const points = pointsOf(ring);
    const edges = points.map(([x, y], i) => Math.hypot(x - points.at(i - 1)![0], y - points.at(i - 1)![1]));
    expect(Math.max(...edges)).toBeLessThan(cap / 30);
  }
});

test('a dot between two letters is no low letter', () => {
  expect(formed('circle', 'M·H')!.lowestShare).toBeGreaterThan(0.75);
  expect(formed('square', 'M·H')!.lowestShare).toBe(1);
});

test('a lozenge and a shield have edges that run alongside: everywhere as thick as their line', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const ink = formed('circle', 'MFH')!.letters.flat();
  for (const frame of ['lozenge', 'shield'] as const) {
    const [outer, inner] = frameRings(frame, ink, { gap: 0.14 * cap, height: cap });
    const across = pointsOf(inner!).map(([x, y]) => toRing(outer!, x, y) / cap);
    expect(Math.min(...across)).toBeGreaterThan(0.055);
    expect(Math.max(...across)).toBeLessThan(0.075);
  }
});

test('wide letters make a wider form instead of thin strokes', () => {
  const wide = box(formed('circle', 'WMW', HEAVY_SLAB_SHA)!.letters.flat());
  expect(wide.maxX).toBeGreaterThan(1.3 * capOf(HEAVY_SLAB_SHA));
});

test('two over one: both rows within 1.7 of each other, together as tall as the form, the lower one centred', () => {
  const { letters, lowestShare } = formed('twoOverOne', 'SPM')!;
  const [a, b, c] = letters.map(box);
  const cap = capOf(STAND_BLOCK_SHA);
  expect(a!.maxY).toBeLessThan(c!.minY);
  expect(b!.minX).toBeGreaterThan(a!.maxX);
  expect(c!.maxY - Math.min(a!.minY, b!.minY)).toBeCloseTo(cap, -5);
  expect((c!.minX + c!.maxX) / 2).toBeCloseTo((a!.minX + b!.maxX) / 2, -4);
  expect(lowestShare).toBeGreaterThan((1 - GAP) / 2.7 - 0.001);
  expect(lowestShare).toBeLessThanOrEqual(0.5);
});

test('a bar stands in the middle of the gap of two letters and reaches beyond both', () => {
  const { letters, between } = formed('bar', 'HE')!;
  const [left, right] = letters.map(box);
  const bar = box(between);
  expect(bar.minX - left!.maxX).toBeCloseTo(right!.minX - bar.maxX, -1);
  expect(bar.minX - left!.maxX).toBeCloseTo(GAP * capOf(STAND_BLOCK_SHA), -1);
  expect(bar.minY).toBeLessThan(left!.minY);
  expect(bar.maxY).toBeGreaterThan(left!.maxY);
});

test('so many letters as a form does not take make none; what has no ink neither', () => {
  const takes = (text: string) => MONOGRAM_SHAPES.filter((shape) => formed(shape, text) !== null);
  expect(takes('ABC')).toEqual(['circle', 'lozenge', 'square', 'shield', 'twoOverOne', 'interlaced']);
  expect(takes('AB')).toEqual(['circle', 'lozenge', 'square', 'shield', 'bar', 'interlaced']);
  expect(takes('A')).toEqual(['circle', 'lozenge', 'square', 'shield']);
  expect(takes('ABCD')).toEqual(['square']);
  expect(formMonogram('circle', { letters: [[], []], capHeight: 1000, gap: 10 })).toBeNull();
  const [drawn] = lettersOf('A');
  for (const letters of [
    [drawn!, drawn!, []],
    [[], drawn!, drawn!],
  ])
    expect(formMonogram('twoOverOne', { letters, capHeight: 1000, gap: 10 })).toBeNull();
  for (const letters of [
    [drawn!, []],
    [[], drawn!],
  ])
    expect(formMonogram('bar', { letters, capHeight: 1000, gap: 10 })).toBeNull();
});

test.each(FRAMES.filter((frame) => frame !== 'wreath'))(
  'a frame, %s, keeps clear of all ink by its gap, and comes as near as its shape allows',
  (frame) => {
    fc.assert(
      fc.property(initials, (text) => {
        const cap = capOf(STAND_BLOCK_SHA);
        const ink = formed('circle', text)!.letters.flat();
        const gap = 0.14 * cap;
        const rings = frameRings(frame, ink, { gap, height: cap });
        const points = ink.flatMap(pointsOf).filter((_, i) => i % 4 === 0);
        const distances = rings.map((ring) => Math.min(...points.map(([x, y]) => toRing(ring, x, y))));
        const nearest = Math.min(...distances);
        expect(nearest).toBeGreaterThan(0.97 * gap);
        expect(nearest).toBeLessThan(1.6 * gap);
        expect(rings).toHaveLength(frame === 'doubleRing' ? 4 : 2);
      }),
      { numRuns: 6, seed: 4 },
    );
  },
);

test('letters do not hang under the head of a shield: nearly half of the room beneath them stands above as well', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  for (const text of ['MFH', 'SPM', 'JIL', 'AB', 'I']) {
    const ink = formed('shield', text)!.letters.flat();
    const inner = box(frameRings('shield', ink, { gap: 0, height: cap }).slice(1));
    const [above, below] = [box(ink).minY - inner.minY, inner.maxY - box(ink).maxY];
    expect(above / below).toBeGreaterThan(0.4);
    expect(above / below).toBeLessThan(0.5);
  }
});

test('a shield is the smallest that holds its letters: tall and narrow of a slim one, of others about as tall as wide', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const tallness = (text: string) => {
    const { minX, maxX, minY, maxY } = box(
      frameRings('shield', formed('shield', text)!.letters.flat(), { gap: 0, height: cap }),
    );
    return (maxY - minY) / (maxX - minX);
  };
  expect(tallness('I')).toBeGreaterThan(2);
  expect(tallness('I')).toBeLessThan(2.7);
  for (const text of ['A', 'AB', 'MFH']) expect(Math.abs(tallness(text) - 1)).toBeLessThan(0.15);
});

const WREATH_REACH = 1.37;

test('a wreath is one piece without a hole, the same on both sides, open at its head, and clear of all ink', () => {
  fc.assert(
    fc.property(initials, fc.constantFrom(0.05, 0.14, 0.4), (text, share) => {
      const cap = capOf(STAND_BLOCK_SHA);
      const ink = formed('circle', text)!.letters.flat();
      const gap = share * cap;
      const rings = frameRings('wreath', ink, { gap, height: cap });
      const { islands } = joinRings(rings, 0);
      expect(islands.map(({ holes }) => holes.length)).toEqual([0]);
      const { minX, maxX, minY, maxY } = box(ink);
      const [x, y] = [(minX + maxX) / 2, (minY + maxY) / 2];
      const reach = Math.max(...ink.flatMap(pointsOf).map(([px, py]) => Math.hypot(px - x, py - y)));
      const points = rings.flatMap(pointsOf);
      const distances = points.map(([px, py]) => Math.hypot(px - x, py - y));
      expect(Math.min(...distances)).toBeGreaterThan(0.99 * (reach + gap));
      expect(Math.min(...distances)).toBeLessThan(1.12 * (reach + gap));
      // As far out as its leaves are long.
      const far = Math.max(...distances) / Math.min(...distances);
      expect(far).toBeGreaterThan(WREATH_REACH - 0.02);
      expect(far).toBeLessThan(WREATH_REACH + 0.02);
      const around = box(rings);
      expect((around.minX + around.maxX) / 2).toBeCloseTo(x, -2);
      // Straight above the middle nothing stands, and straight below it the stems meet.
      const near = (py: number) =>
        points.filter((p) => Math.abs(p[0] - x) < 0.05 * reach && Math.sign(p[1] - y) === py);
      expect([near(-1).length, near(1).length > 0]).toEqual([0, true]);
    }),
    { numRuns: 12, seed: 4 },
  );
});

function toRing(ring: Ring, x: number, y: number): number {
  let least = Infinity;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const t = Math.max(
      0,
      Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
    );
    least = Math.min(least, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
  }
  return least;
}

test('a ring is as thick all round; scallops swell from it by a tenth of its radius, sixteen times', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const ink = formed('circle', 'MFH')!.letters.flat();
  const { minX, maxX, minY, maxY } = box(ink);
  const thickness = (frame: 'ring' | 'scalloped') => {
    const [outer, inner] = frameRings(frame, ink, { gap: 0.14 * cap, height: cap });
    const far = ([x, y]: readonly [number, number]) => Math.hypot(x - (minX + maxX) / 2, y - (minY + maxY) / 2);
    const inside = far(pointsOf(inner!)[0]!);
    return pointsOf(outer!).map((point) => (far(point) - inside - 0.06 * cap) / inside);
  };
  for (const swell of thickness('ring')) expect(Math.abs(swell)).toBeLessThan(1e-4);
  const swells = thickness('scalloped');
  expect(Math.max(...swells)).toBeCloseTo(0.1, 2);
  const tops = swells.filter((swell, i) => swell > swells.at(i - 1)! && swell >= swells[(i + 1) % swells.length]!);
  expect(tops).toHaveLength(16);
});

test('a ring that is mapped keeps its corners, and no edge of it is longer than asked', () => {
  const square = Int32Array.of(0, 0, 1000, 0, 1000, 1000, 0, 1000);
  const mapped = mappedRing(square, 300, (x, y) => [x + 5, y]);
  const points = pointsOf(mapped);
  for (const corner of [
    [5, 0],
    [1005, 0],
    [1005, 1000],
    [5, 1000],
  ])
    expect(points).toContainEqual(corner);
  expect(points).toHaveLength(16);
});
