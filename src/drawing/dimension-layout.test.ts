import fc from 'fast-check';
import { type Bounds, type Dimension, layoutDimensions } from './dimension-layout';

const VIEW = { left: -50, top: -50, right: 450, bottom: 350 };
const meets = (a: Bounds, b: Bounds) =>
  Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1e-9 &&
  Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 1e-9;

const level = (from: number, to: number, at: readonly number[], label = '120 mm'): Dimension => ({
  axis: 'level',
  from,
  to,
  label,
  at,
});

test('a figure is set into its line where that has room, else above it', () => {
  const [roomy, tight] = layoutDimensions([level(0, 200, [10]), level(0, 20, [200])], 10, VIEW);
  expect([roomy!.labelAt, roomy!.isTurned]).toEqual([[100, 10], false]);
  expect(tight!.labelAt[0]).toBe(10);
  expect(tight!.labelAt[1]).toBeLessThan(200 - 5);
  // It covers its characters and no more: six of 0.62 of the size.
  expect(roomy!.box.right - roomy!.box.left).toBeCloseTo(37.2, 9);
  expect([roomy!.from, roomy!.to]).toEqual([
    [0, 10],
    [200, 10],
  ]);
});

test('an upright figure runs upwards, and level where that is the only room', () => {
  const upright: Dimension = { axis: 'upright', from: 0, to: 200, label: '420 mm', at: [30] };
  const [one] = layoutDimensions([upright], 10, VIEW);
  expect([one!.labelAt, one!.isTurned]).toEqual([[30, 100], true]);
  expect(one!.box.right - one!.box.left).toBeCloseTo(10.5, 9);
  // Too short for its figure, in a view no higher than itself: beside it, level.
  const low = { left: -80, top: 0, right: 80, bottom: 16 };
  const [short] = layoutDimensions([{ ...upright, to: 16, at: [0] }], 10, low);
  expect(short!.isTurned).toBe(false);
  expect(short!.box.bottom).toBeLessThanOrEqual(16);
});

test('a second figure moves off the first, to another of its lines if it must', () => {
  const both = layoutDimensions([level(0, 200, [10]), level(0, 200, [10, 60])], 10, VIEW);
  expect(meets(both[0]!.box, both[1]!.box)).toBe(false);
  // A line runs through no figure either.
  const crossing: Dimension = { axis: 'upright', from: 0, to: 100, label: '1', at: [100, 150] };
  const crossed = layoutDimensions([level(0, 200, [50]), crossing], 10, VIEW);
  expect(crossed[1]!.from[0]).toBe(150);
});

test('nothing lies beyond what is shown as long as there is another way', () => {
  const [one] = layoutDimensions([level(0, 200, [-60, 40])], 10, VIEW);
  expect(one!.from[1]).toBe(40);
  // Without another way it is laid all the same.
  expect(layoutDimensions([level(0, 200, [-60])], 10, VIEW)).toHaveLength(1);
});

test('few dimensions with two lines each never meet', () => {
  const some = fc.record({ from: fc.integer({ min: 0, max: 200 }), length: fc.integer({ min: 5, max: 200 }) });
  fc.assert(
    fc.property(some, some, fc.constantFrom('3 mm', '120.5 mm', '7 15/16 in'), (a, b, label) => {
      const placed = layoutDimensions(
        [level(a.from, a.from + a.length, [20, 80], label), level(b.from, b.from + b.length, [20, 80], label)],
        10,
        VIEW,
      );
      expect(meets(placed[0]!.box, placed[1]!.box)).toBe(false);
    }),
  );
});
