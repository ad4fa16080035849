import fc from 'fast-check';
import type { Ring } from '../geometry';
import { HEAVY_SLAB_SHA, MONOGRAM_SHAPES, type MonogramShape, STAND_BLOCK_SHA } from '../shop';
import { GAP, box, capOf, formed, initials, lettersOf, pointsOf } from '../test/formed-monograms';
import { formMonogram, mappedRing } from '.';

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

test('letters that may be as wide as they must are as wide as they are tall in a square, gaps and all', () => {
  for (const text of ['LE', 'EF', 'LJ', 'TI', 'IIE']) {
    const { minX, maxX } = box(formed('square', text)!.letters.flat());
    expect((maxX - minX) / capOf(STAND_BLOCK_SHA)).toBeCloseTo(1, 4);
  }
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

test('letters are never stretched to blocks: an I stays as slim as it is drawn, an M keeps over half of its width', () => {
  const widthIn = (shape: MonogramShape, text: string, i: number) => {
    const { minX, maxX } = box(formed(shape, text)!.letters[i]!);
    return maxX - minX;
  };
  const natural = (text: string) => box(lettersOf(text).flat()).maxX - box(lettersOf(text).flat()).minX;
  for (const shape of ['lozenge', 'square', 'shield'] as const) {
    expect(widthIn(shape, 'JIL', 1)).toBeLessThan(1.11 * natural('I'));
    expect(widthIn(shape, 'I', 0)).toBeLessThan(1.01 * natural('I'));
    expect(widthIn(shape, 'WMW', 1)).toBeGreaterThan(0.5 * natural('M'));
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
