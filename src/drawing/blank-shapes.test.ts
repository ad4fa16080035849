import { STARTER_BLANKS } from '@/core/blanks';
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
