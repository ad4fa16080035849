import { STARTER_BLANKS } from '@/core/blanks';
import { placeGeometry, seenItem } from '@/core/place';
import { isWholeBlank } from '@/core/shop';
import { blankShape } from './blank-shapes';

const body = (widthMm: number, heightMm: number) => ({ kind: 'rect' as const, widthMm, heightMm });

test('a bag has handles, and one that is much taller than wide a hook', () => {
  expect(blankShape('bag', body(380, 420)).lines).not.toBe(blankShape('bag', body(600, 1000)).lines);
  expect(blankShape('bag', body(600, 900))).toBe(blankShape('bag', body(380, 420)));
  expect(blankShape('towel', body(100, 1000))).toBe(blankShape('towel', body(1000, 100)));
});

test('every starter blank has a picture whose body is closed, with all of it within what is shown', () => {
  for (const { value } of STARTER_BLANKS) {
    for (const { body: flat } of value.variants) {
      const { outline, lines, around = '', beyond } = blankShape(value.kind, flat);
      expect([value.name, outline.endsWith('Z')]).toEqual([value.name, true]);
      expect([lines === '', Math.min(...Object.values(beyond)) >= 0]).toEqual([false, true]);
      // Straight and curved parts alike are given by points, but for arcs that go by steps.
      const points = [...`${outline}${around}`.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [
        Number(x),
        Number(y),
      ]);
      for (const [x, y] of points) {
        expect(x!).toBeGreaterThanOrEqual(-beyond.left - 0.05);
        expect(x!).toBeLessThanOrEqual(1.05 + beyond.right);
        expect(y!).toBeGreaterThanOrEqual(-beyond.top - 0.1);
        expect(y!).toBeLessThanOrEqual(1.05 + beyond.bottom);
      }
    }
  }
});

test('round goods narrow as they were measured, a cup that nobody measured as most do; what stands beyond goes along', () => {
  const cup = blankShape('cup', body(90, 100), { top: 1, bottom: 0.5 });
  expect(cup.outline.startsWith('M0 0L1 0L0.765 .94')).toBe(true);
  expect(blankShape('cup', body(90, 100)).outline).toBe(
    blankShape('cup', body(90, 100), { top: 1, bottom: 0.88 }).outline,
  );
  expect(cup.around).not.toBe(blankShape('cup', body(90, 100)).around);
  // Above the body it is as wide as at its rim: a neck of a third keeps a third of the rim.
  const bottle = blankShape('bottle', body(70, 200), { top: 0.5, bottom: 1 });
  expect(bottle.outline.startsWith('M0.42 -.16L0.58 -.16')).toBe(true);
  expect(blankShape('bottle', body(70, 200))).toBe(blankShape('bottle', body(60, 250)));
});

type Point = readonly [number, number];

/** The corners of an outline, curves in small steps; lines by `M L H V C Q Z`, as all outlines are written. */
function flattened(path: string): Point[] {
  const points: Point[] = [];
  for (const [, command = '', rest = ''] of path.matchAll(/([MLHVCQZ])([^MLHVCQZ]*)/g)) {
    const numbers = rest.match(/-?[\d.]+/g)?.map(Number) ?? [];
    const [x, y] = points.at(-1) ?? [0, 0];
    if (command === 'H') for (const to of numbers) points.push([to, y]);
    else if (command === 'V') for (const to of numbers) points.push([x, to]);
    else if (command === 'M' || command === 'L')
      for (let i = 0; i < numbers.length; i += 2) points.push([numbers[i]!, numbers[i + 1]!]);
    else points.push(...curve([x, y], numbers, command === 'C' ? 3 : 2));
  }
  return points;
}

function curve(start: Point, numbers: readonly number[], degree: number): Point[] {
  const points: Point[] = [];
  let from = start;
  for (let i = 0; i < numbers.length; i += 2 * degree) {
    const hull = [
      from,
      ...Array.from({ length: degree }, (_, k) => [numbers[i + 2 * k]!, numbers[i + 2 * k + 1]!] as const),
    ];
    for (let step = 1; step <= 12; step++) {
      let between: readonly Point[] = hull;
      while (between.length > 1)
        between = between
          .slice(1)
          .map(
            (to, k) =>
              [0, 1].map((axis) => between[k]![axis]! + (to[axis]! - between[k]![axis]!) * (step / 12)) as never,
          );
      points.push(between[0]!);
    }
    from = hull.at(-1)!;
  }
  return points;
}

function isInside(ring: readonly Point[], [x, y]: Point): boolean {
  let isIn = false;
  for (const [i, a] of ring.entries()) {
    const b = ring[(i + 1) % ring.length]!;
    if (a[1] > y !== b[1] > y && x < a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0])) isIn = !isIn;
  }
  return isIn;
}

test('what may be lettered lies on the thing as it is drawn, on every starter blank', () => {
  for (const { value } of STARTER_BLANKS) {
    for (const variant of value.variants) {
      for (const measured of Object.values(variant.places)) {
        // What is cut here as a whole has no blank below it.
        if (isWholeBlank(variant, measured)) continue;
        const { usable } = placeGeometry(variant, measured);
        const { body, taper, toItem } = seenItem(variant, measured);
        const ring = flattened(blankShape(value.kind, body, taper).outline);
        const { xMm, yMm, widthMm, heightMm } = usable!;
        // A hair in from its corners.
        for (const [across, down] of [
          [0.02, 0.02],
          [0.98, 0.02],
          [0.98, 0.98],
          [0.02, 0.98],
        ] as const) {
          const [x, y] = toItem(xMm + widthMm * across, yMm + heightMm * down);
          expect([
            value.name,
            variant.size,
            across,
            down,
            isInside(ring, [x / body.widthMm, y / body.heightMm]),
          ]).toEqual([value.name, variant.size, across, down, true]);
        }
      }
    }
  }
});
