import fc from 'fast-check';
import { type Outline, isSameOutline, mapOutline } from '.';

const ring = (...numbers: number[]) => Int32Array.from(numbers);
const square: Outline = {
  islands: [{ outer: ring(0, 0, 1000, 0, 1000, 1000, 0, 1000), holes: [ring(200, 200, 200, 800, 800, 800, 800, 200)] }],
};

test('moved by less than the limit it is the same, by more it is not, in any direction', () => {
  fc.assert(
    fc.property(fc.integer({ min: -60, max: 60 }), fc.integer({ min: -60, max: 60 }), (dx, dy) => {
      expect(isSameOutline(square, mapOutline(square, 1, 1, dx, dy), 50)).toBe(dx * dx + dy * dy <= 2500);
    }),
  );
  expect(isSameOutline(square, mapOutline(square, 1.04, 1, 0, 0), 41)).toBe(true);
  expect(isSameOutline(square, mapOutline(square, 1.04, 1, 0, 0), 39)).toBe(false);
});

test('another number of rings or points is another drawing', () => {
  const [island] = square.islands;
  expect(isSameOutline(square, { islands: [{ ...island!, holes: [] }] }, 5000)).toBe(false);
  expect(isSameOutline(square, { islands: [...square.islands, ...square.islands] }, 5000)).toBe(false);
  const cornered = { islands: [{ ...island!, outer: ring(0, 0, 500, 0, 1000, 0, 1000, 1000, 0, 1000) }] };
  expect([isSameOutline(square, cornered, 5000), isSameOutline(cornered, square, 5000)]).toEqual([false, false]);
});
