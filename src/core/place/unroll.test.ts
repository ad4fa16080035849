import fc from 'fast-check';
import { shapeBox } from '../shop';
import { aPlace, aRect, aVariant, aimedBox } from '../test';
import { type RoundGoods, diameterAt, inkOnBlank, placeGeometry, seenMap, shapeRing, slantMm, unrolled } from '.';
import { isInRing } from './shape-ring';

const goods = fc.record({
  topMm: fc.double({ min: 30, max: 140, noNaN: true }),
  bottomMm: fc.double({ min: 30, max: 140, noNaN: true }),
  heightMm: fc.double({ min: 40, max: 300, noNaN: true }),
});

type Point = readonly [number, number];
type Spot = readonly [number, number, number];

/**
 * The side rolled out without any formula of rings: the cone in `facets` flat strips, each laid down beside the one before by the
 * lengths of its edges in space alone, as one would with scissors and tape. Answers the rim's and the base's corners.
 */
function rolledOut({ topMm, bottomMm, heightMm }: RoundGoods, from: number, to: number, share: number, facets: number) {
  const slant = Math.hypot(heightMm, (topMm - bottomMm) / 2);
  const spot = (along: number, turn: number): Spot => {
    const radius = (topMm + ((bottomMm - topMm) * along) / slant) / 2;
    return [radius * Math.cos(turn), radius * Math.sin(turn), (heightMm * along) / slant];
  };
  const turnOf = (i: number) => (2 * Math.PI * share * i) / facets;
  let rim: Point = [0, 0];
  let base: Point = [0, to - from];
  const rims: Point[] = [rim];
  const bases: Point[] = [base];
  for (let i = 0; i < facets; i++) {
    const [p, q] = [spot(from, turnOf(i)), spot(to, turnOf(i))];
    const [nextP, nextQ] = [spot(from, turnOf(i + 1)), spot(to, turnOf(i + 1))];
    const nextRim = third(rim, base, distance(p, nextP), distance(q, nextP));
    base = third(nextRim, base, distance(nextP, nextQ), distance(q, nextQ));
    rim = nextRim;
    rims.push(rim);
    bases.push(base);
  }
  return { rims, bases };
}

function distance(a: readonly number[], b: readonly number[]): number {
  return Math.hypot(...a.map((value, i) => value - b[i]!));
}

/** The corner at these distances from two known ones, on the side towards which the strips grow. */
function third(a: Point, b: Point, fromA: number, fromB: number): Point {
  const length = distance(a, b);
  const along = (fromA ** 2 - fromB ** 2 + length ** 2) / (2 * length);
  const off = Math.sqrt(Math.max(0, fromA ** 2 - along ** 2));
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  return [a[0] + ux * along + uy * off, a[1] + uy * along - ux * off];
}

test('the ring part agrees with strips laid down one by one, to 0.05 mm', () => {
  let worst = 0;
  fc.assert(
    fc.property(goods, fc.double({ min: 0.1, max: 0.5, noNaN: true }), (round, share) => {
      const [from, to] = [slantMm(round) * 0.2, slantMm(round) * 0.75];
      const shape = unrolled(round, from, to, share);
      const { rims, bases } = rolledOut(round, from, to, share, 1500);
      // Corners of the ring part by its own measures.
      const corners = cornersOf(shape, to - from);
      const laid = [rims[0]!, rims.at(-1)!, bases[0]!, bases.at(-1)!, rims[750]!, bases[750]!];
      for (let i = 0; i < laid.length; i++) {
        for (let k = 0; k < i; k++) {
          worst = Math.max(worst, Math.abs(distance(laid[i]!, laid[k]!) - distance(corners[i]!, corners[k]!)));
        }
      }
      expect(worst).toBeLessThan(0.05);
    }),
    { numRuns: 80 },
  );
});

/** Rim left, rim right, base left, base right, middle of the rim, middle of the base. */
function cornersOf(shape: ReturnType<typeof unrolled>, height: number): Point[] {
  if (shape.kind !== 'ringPart') {
    const { widthMm: w } = shapeBox(shape);
    return [
      [0, 0],
      [w, 0],
      [0, height],
      [w, height],
      [w / 2, 0],
      [w / 2, height],
    ];
  }
  const half = (shape.sweepDeg * Math.PI) / 360;
  const [rim, base] =
    shape.outerAt === 'top' ? [shape.outerRadiusMm, shape.innerRadiusMm] : [shape.innerRadiusMm, shape.outerRadiusMm];
  const at = (radius: number, angle: number): Point => [radius * Math.sin(angle), radius * Math.cos(angle)];
  return [at(rim, -half), at(rim, half), at(base, -half), at(base, half), at(rim, 0), at(base, 0)];
}

test('straight goods roll out into a rectangle as wide as their share of the way round', () => {
  expect(unrolled({ topMm: 70, bottomMm: 70, heightMm: 250 }, 90, 160, 0.4)).toEqual({
    kind: 'rect',
    widthMm: Math.PI * 70 * 0.4,
    heightMm: 70,
  });
});

test('a cup that narrows to its base has the longer edge at its rim, one that widens below', () => {
  const cup = unrolled({ topMm: 92, bottomMm: 64, heightMm: 110 }, 25, 80, 0.4);
  expect(cup).toMatchObject({ kind: 'ringPart', outerAt: 'top' });
  expect(unrolled({ topMm: 60, bottomMm: 66, heightMm: 200 }, 25, 80, 0.4)).toMatchObject({ outerAt: 'bottom' });
  // The arc at the rim's height is as long as that share of the circumference there.
  if (cup.kind !== 'ringPart') throw new Error('a cup is no cone');
  const arcMm = (cup.outerRadiusMm * cup.sweepDeg * Math.PI) / 180;
  const around = Math.PI * diameterAt({ topMm: 92, bottomMm: 64, heightMm: 110 }, 25);
  expect(arcMm).toBeCloseTo(around * 0.4, 6);
});

test('the bounding box of a ring part is that of its outline, also beyond half a turn', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 359, noNaN: true }),
      fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      fc.constantFrom('top' as const, 'bottom' as const),
      (sweepDeg, share, outerAt) => {
        const shape = { kind: 'ringPart', outerRadiusMm: 80, innerRadiusMm: 80 * share, sweepDeg, outerAt } as const;
        const ring = shapeRing(shape);
        const [xs, ys] = [ring.map(([x]) => x), ring.map(([, y]) => y)];
        const { widthMm, heightMm } = shapeBox(shape);
        expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(widthMm, 1);
        expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(heightMm, 1);
        expect(Math.min(...xs, ...ys)).toBeCloseTo(0, 9);
      },
    ),
  );
});

test('seen from the front, the ends of a band stand where the share of the way round puts them', () => {
  fc.assert(
    fc.property(goods, fc.double({ min: 0.1, max: 0.5, noNaN: true }), (round, seenShare) => {
      const side = slantMm(round);
      const place = aPlace({
        outline: aRect(2000, side * 0.5),
        datum: { kind: 'rim', lineMm: 0, dropMm: side * 0.25, leftMm: 0 },
        wrap: { kind: 'round', ...round, seenShare },
      });
      const variant = aVariant(100, 100);
      const { outline } = placeGeometry(variant, place);
      const map = seenMap(variant, place);
      const seen = outline.map(([x, y]) => map(x, y));
      const most = Math.max(...seen.map(([x]) => x));
      const widest = Math.max(diameterAt(round, side * 0.25), diameterAt(round, side * 0.75)) / 2;
      expect(most).toBeCloseTo(widest * Math.sin(Math.PI * seenShare), 1);
      // Rolled up again, both edges are level, and as far apart as the upright goods have them.
      const ys = seen.map(([, y]) => y);
      expect(Math.min(...ys)).toBeCloseTo(0, 1);
      expect(Math.max(...ys)).toBeCloseTo((side * 0.5 * round.heightMm) / side, 1);
    }),
    { numRuns: 40 },
  );
});

test('the drop of ink on round goods is what a tape along the side reads at the ink’s middle, whichever end is wider', () => {
  fc.assert(
    fc.property(goods, fc.double({ min: 0.1, max: 0.5, noNaN: true }), (round, seenShare) => {
      const side = slantMm(round);
      const dropMm = side * 0.25;
      const place = aPlace({
        outline: aRect(2000, side * 0.5),
        datum: { kind: 'rim', lineMm: 0, dropMm, leftMm: 0 },
        anchor: 'centre',
        wrap: { kind: 'round', ...round, seenShare },
      });
      const variant = aVariant(100, 100);
      const [inkWidthMm, inkHeightMm] = [8, 6];
      const ink = aimedBox(variant, place, inkWidthMm, inkHeightMm);
      const found = inkOnBlank(variant, place, ink);
      // Rolled up again, the ink's upper middle stands so far below the rim, upright; along the slope it is as much longer.
      const [, uprightMm] = seenMap(variant, place)(ink.xMm + inkWidthMm / 2, ink.yMm);
      expect(found.dropMm).toBeCloseTo(dropMm + (uprightMm * side) / round.heightMm, 6);
      expect(found.leftMm).toBeCloseTo(found.rightMm, 6);
      // The distances across end just where the seen band ends at the ink's height.
      const { outline } = placeGeometry(variant, place);
      const [leftEnd, y] = [ink.xMm - found.leftMm, ink.yMm + inkHeightMm / 2];
      expect([isInRing(outline, leftEnd + 0.02, y), isInRing(outline, leftEnd - 0.02, y)]).toEqual([true, false]);
    }),
    { numRuns: 60 },
  );
});
