import fc from 'fast-check';
import { PointGrid } from './point-grid';

const values = fc.array(fc.integer({ min: -500, max: 500 }), { maxLength: 60 });

test('every point stands in its cell, whatever the grid held before', () => {
  const grid = new PointGrid();
  fc.assert(
    fc.property(values, values, fc.integer({ min: 3, max: 90 }), (xs, ys, cell) => {
      const num = Math.min(xs.length, ys.length);
      const [x, y] = [Float64Array.from(xs.slice(0, num)), Float64Array.from(ys.slice(0, num))];
      const { minX, minY, columns, rows, starts, order, sortedX, sortedY } = grid.fill(x, y, cell);
      expect([starts[0], starts[columns * rows]]).toEqual([0, num]);
      expect([...order.slice(0, num)].sort((a, b) => a - b)).toEqual([...x.keys()]);
      const cells = Array.from({ length: columns * rows }, (_, at) => [...order.slice(starts[at], starts[at + 1])]);
      const found = cells.flatMap((points, at) => points.map((i) => [i, at % columns, Math.floor(at / columns)]));
      expect(found).toEqual(
        [...order.slice(0, num)].map((i) => [i, Math.floor((x[i]! - minX) / cell), Math.floor((y[i]! - minY) / cell)]),
      );
      expect([...sortedX.slice(0, num)]).toEqual([...order.slice(0, num)].map((i) => x[i]));
      expect([...sortedY.slice(0, num)]).toEqual([...order.slice(0, num)].map((i) => y[i]));
    }),
  );
});
