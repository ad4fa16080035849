import { boxRing, crossingsAt, movedRing } from '.';

const bar = (minX: number, maxX: number) => boxRing({ minX, maxX, minY: 0, maxY: 100 });

test('rings are crossed from left to right, whatever their order; beside them nothing is', () => {
  expect(crossingsAt([bar(300, 400), bar(0, 200)], 50)).toEqual([0, 200, 300, 400]);
  expect(crossingsAt([Int32Array.from([0, 0, 100, 100, 0, 100])], 25)).toEqual([0, 25]);
  expect(crossingsAt([bar(0, 200)], 150)).toEqual([]);
  // A corner on the height is met once, not twice.
  expect(crossingsAt([Int32Array.from([0, 0, 100, 50, 0, 100, -100, 50])], 50)).toEqual([-100, 100]);
});

test('a ring is moved across and down', () => {
  expect([...movedRing(Int32Array.from([1, 2, 3, 4]), 10, -1)]).toEqual([11, 1, 13, 3]);
});
