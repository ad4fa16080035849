import { numCrumbs } from './num-crumbs';
import { MM, circle, island, rect } from './test/shapes';

test('crumbs are islands that hold no disc of the width anywhere, each by itself', () => {
  const islands = [
    island(rect(0, 0, 20, 1.1)),
    island(rect(0, 5, 4, 4)),
    // A ring is as wide as its line, and what stands in its hole is an island of its own.
    island(circle(30, 0, 6), circle(30, 0, 4.6)),
    island(circle(30, 0, 2)),
  ];
  const crumbs = (widthMm: number) => numCrumbs({ islands }, widthMm * MM, 0.01 * MM);
  expect([1, 1.2, 1.5, 3.9, 4.1].map(crumbs)).toEqual([0, 1, 2, 2, 4]);
  expect(numCrumbs({ islands: [] }, MM, 1)).toBe(0);
});
