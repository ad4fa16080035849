import fc from 'fast-check';
import { freeSpace } from '../place';
import { type Shape, BRASS_SCRIPT_SHA, STAND_BLOCK_SHA } from '../shop';
import { aPlace, aRect, aVariant, aZone, anArtwork } from '../test';
import { farthest } from './linear-programme';
import { inkShape, inkWalls, isFree, largestFit, heldFit, lieNear } from '.';

const blank = aVariant(2000, 2000);
const inkOf = (text: string, sha = STAND_BLOCK_SHA) => inkShape(anArtwork(sha, [text]))!;
const spaceOf = (outline: Shape, part: Parameters<typeof aPlace>[0] = {}) =>
  freeSpace(blank, aPlace({ outline, ...part }))!;

describe('small linear programmes', () => {
  const row = fc.tuple(
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: 0.1, max: 5, noNaN: true }),
  );

  test('the point keeps every row, and no corner of three rows lies farther', () => {
    fc.assert(
      fc.property(fc.array(row, { maxLength: 12 }), (rows) => {
        const best = farthest([0, 0, 1], rows, 100)!;
        const holds = (p: readonly number[]) =>
          rows.every(([a, b, c, d]) => a * p[0]! + b * p[1]! + c * p[2]! <= d + 1e-6) &&
          p.every((v) => Math.abs(v) <= 100 + 1e-6);
        expect(holds(best)).toBe(true);
        const all = [
          ...rows,
          ...[0, 1, 2].flatMap((k) =>
            [1, -1].map((s) => [k === 0 ? s : 0, k === 1 ? s : 0, k === 2 ? s : 0, 100] as const),
          ),
        ];
        for (let i = 0; i < all.length; i++) {
          for (let j = i + 1; j < all.length; j++) {
            for (let k = j + 1; k < all.length; k++) {
              const corner = cornerOf(all[i]!, all[j]!, all[k]!);
              if (corner && holds(corner)) expect(corner[2]!).toBeLessThanOrEqual(best[2]! + 1e-4);
            }
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  test('rows that leave nothing are told', () => {
    expect(
      farthest(
        [1, 0],
        [
          [1, 0, -1],
          [-1, 0, -1],
        ],
        10,
      ),
    ).toBeNull();
    expect(farthest([1], [[0, -1]], 10)).toBeNull();
  });
});

/** Where three planes meet, by Cramer's rule; null when they hardly do. */
function cornerOf(...[p, q, r]: (readonly [number, number, number, number])[]): number[] | null {
  const det = (a: readonly number[], b: readonly number[], c: readonly number[]) =>
    a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) -
    a[1]! * (b[0]! * c[2]! - b[2]! * c[0]!) +
    a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
  const whole = det(p!, q!, r!);
  if (Math.abs(whole) < 1e-3) return null;
  return [0, 1, 2].map((k) => {
    const swapped = [p!, q!, r!].map((row) => row.map((value, i) => (i === k ? row[3] : value)));
    return det(swapped[0]!, swapped[1]!, swapped[2]!) / whole;
  });
}

test('in a rectangle the ink touches two sides; the place turned with its reading gives the same', () => {
  const ink = inkOf('Ottoline');
  const flat = largestFit(ink, spaceOf(aRect(120, 40)));
  expect(Math.max((ink.widthEm * flat.emMm) / 120, (ink.heightEm * flat.emMm) / 40)).toBeGreaterThan(0.9999);
  expect(largestFit(ink, spaceOf(aRect(40, 120), { readingDeg: 90 })).emMm).toBeCloseTo(flat.emMm, 9);
  expect(largestFit(ink, spaceOf(aRect(40, 120), { readingDeg: 270 })).emMm).toBeCloseTo(flat.emMm, 9);
});

test('in a circle the hull of the ink touches three points, to 0.05 mm of a search of every size', () => {
  for (const text of ['Bo', 'Ottoline', 'Peggy']) {
    const ink = inkOf(text, BRASS_SCRIPT_SHA);
    const space = spaceOf({ kind: 'ellipse', widthMm: 90, heightMm: 90 });
    const { emMm } = largestFit(ink, space);
    const points = Array.from(
      { length: ink.hull.length / 2 },
      (_, i) => [ink.hull[2 * i]!, ink.hull[2 * i + 1]!] as const,
    );
    const radius = smallestCircle(points);
    expect(Math.abs(emMm * radius * 2 - 90)).toBeLessThan(0.05);
  }
});

/** Radius of the smallest circle round points: the largest of those through two or three of them that hold all. */
function smallestCircle(points: readonly (readonly [number, number])[]): number {
  const holds = (x: number, y: number, r: number) => points.every(([px, py]) => Math.hypot(px - x, py - y) <= r + 1e-9);
  let least = Infinity;
  for (let i = 0; i < points.length; i++) {
    for (let j = i + 1; j < points.length; j++) {
      const [[ax, ay], [bx, by]] = [points[i]!, points[j]!];
      const half = Math.hypot(bx - ax, by - ay) / 2;
      if (half < least && holds((ax + bx) / 2, (ay + by) / 2, half)) least = half;
      for (let k = j + 1; k < points.length; k++) {
        const [cx, cy] = points[k]!;
        const d = 2 * ((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));
        if (Math.abs(d) < 1e-12) continue;
        const [b2, c2] = [(bx - ax) ** 2 + (by - ay) ** 2, (cx - ax) ** 2 + (cy - ay) ** 2];
        const ux = ((cy - ay) * b2 - (by - ay) * c2) / d;
        const uy = ((bx - ax) * c2 - (cx - ax) * b2) / d;
        const r = Math.hypot(ux, uy);
        if (r < least && holds(ax + ux, ay + uy, r)) least = r;
      }
    }
  }
  return least;
}

test('an L holds more than its largest rectangle, where a name has a tall beginning', () => {
  const corner: Shape = {
    kind: 'polygon',
    corners: [
      [0, 0],
      [40, 0],
      [40, 45],
      [160, 45],
      [160, 90],
      [0, 90],
    ],
  };
  const ink = inkOf('Lom');
  const space = spaceOf(corner);
  const found = largestFit(ink, space);
  const inRect = Math.min(space.usable.widthMm / ink.widthEm, space.usable.heightMm / ink.heightEm);
  expect(found.emMm).toBeGreaterThan(inRect * 1.02);
  expect(isFree(ink, inkWalls(ink, space), space, found)).toBe(true);
});

test('two words straddle a seam where each alone would be smaller', () => {
  const seam = aZone('seam', aRect(5, 60), 97, 0);
  const space = spaceOf(aRect(200, 60), { clear: [seam] });
  const ink = inkOf('Anna Maria');
  const found = largestFit(ink, space);
  expect(ink.widthEm * found.emMm).toBeGreaterThan(110);
  expect(isFree(ink, inkWalls(ink, space), space, found)).toBe(true);
});

test('smaller ink lies at its aim where that is free, and as near as it comes where a button is in the way', () => {
  const button = aZone('button', { kind: 'ellipse', widthMm: 16, heightMm: 16 }, 52, 22);
  const space = spaceOf(aRect(120, 60), { clear: [button] });
  const ink = inkOf('Bo');
  const largest = largestFit(ink, space);
  const walls = inkWalls(ink, space);
  const emMm = 18;
  const free = lieNear(ink, space, emMm, { aim: [5, 5], largest });
  expect([free.xMm, free.yMm]).toEqual([5, 5]);
  const aim = [60 - (ink.widthEm * emMm) / 2, 30 - (ink.heightEm * emMm) / 2] as const;
  const pushed = lieNear(ink, space, emMm, { aim, largest });
  expect(isFree(ink, walls, space, pushed)).toBe(true);
  const way = Math.hypot(pushed.xMm - aim[0], pushed.yMm - aim[1]);
  expect(way).toBeGreaterThan(5);
  // No free spot lies nearer by more than a little: rings of spots round the aim are tried.
  for (let radius = 0; radius < way - 1; radius += 0.5) {
    for (let angle = 0; angle < 2 * Math.PI; angle += 0.1) {
      const spot = { xMm: aim[0] + radius * Math.cos(angle), yMm: aim[1] + radius * Math.sin(angle), emMm };
      expect(isFree(ink, walls, space, spot)).toBe(false);
    }
  }
});

test('ink never leaves its place nor touches a clear zone, whatever the place', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 60, max: 200 }),
      fc.integer({ min: 30, max: 90 }),
      fc.integer({ min: 4, max: 20 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.stringMatching(/^[A-Z][a-z]{1,9}$/),
      (width, height, across, right, down, text) => {
        const zone = aZone(
          'button',
          { kind: 'ellipse', widthMm: across, heightMm: across },
          (width - across) * right,
          (height - across) * down,
        );
        const space = freeSpace(blank, aPlace({ outline: aRect(width, height), clear: [zone] }));
        fc.pre(space !== null);
        const ink = inkOf(text);
        const found = largestFit(ink, space!);
        expect(isFree(ink, inkWalls(ink, space!), space!, found)).toBe(true);
        const least = Math.min(space!.usable.widthMm / ink.widthEm, space!.usable.heightMm / ink.heightEm);
        expect(found.emMm).toBeGreaterThanOrEqual(least * 0.9999);
      },
    ),
    { numRuns: 25 },
  );
});

test('a text lies in the middle while that costs at most a tenth of its size, each axis for itself', () => {
  const ink = inkOf('Dorothea');
  const slight = spaceOf({ kind: 'taper', topWidthMm: 78.4, bottomWidthMm: 80.6, heightMm: 60 });
  const held = heldFit(ink, slight);
  expect(held.emMm).toBeGreaterThanOrEqual(largestFit(ink, slight).emMm * 0.98);
  expect(held.yMm + (ink.heightEm * held.emMm) / 2).toBeCloseTo(30, 5);
  expect(held.isHeld).toEqual([true, true]);
  const steep = spaceOf({ kind: 'taper', topWidthMm: 30, bottomWidthMm: 120, heightMm: 90 });
  const moved = heldFit(ink, steep);
  // Across it costs nothing to keep the middle; down it would cost more than a tenth.
  expect([moved.isHeld, moved.heldEmMm < moved.most.emMm * 0.9]).toEqual([[true, false], true]);
  expect(moved.emMm).toBeGreaterThanOrEqual(largestFit(ink, steep).emMm * 0.9);
  expect(isFree(ink, inkWalls(ink, slight), slight, held)).toBe(true);
});

test('ink of every smaller size lies free, wherever it is aimed', () => {
  const zones = [
    aZone('button', { kind: 'ellipse', widthMm: 14, heightMm: 14 }, 50, 20),
    aZone('seam', aRect(5, 50), 110, 0),
  ];
  const space = spaceOf(aRect(160, 70), { clear: zones });
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,7}( [A-Z][a-z]{1,4})?$/),
      fc.double({ min: 0.2, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (text, share, right, down) => {
        const ink = inkOf(text);
        const largest = largestFit(ink, space);
        const emMm = largest.emMm * share;
        const aim = [(160 - ink.widthEm * emMm) * right, (70 - ink.heightEm * emMm) * down] as const;
        const lie = lieNear(ink, space, emMm, { aim, largest });
        // Between straddling the seam and lying beside it there may be sizes without a spot.
        expect(lie.emMm).toBeLessThanOrEqual(emMm);
        const inRect = Math.min(space.usable.widthMm / ink.widthEm, space.usable.heightMm / ink.heightEm);
        expect(lie.emMm).toBeGreaterThanOrEqual(Math.min(emMm, inRect) * 0.999);
        expect(isFree(ink, inkWalls(ink, space), space, lie)).toBe(true);
      },
    ),
    { numRuns: 40 },
  );
});
