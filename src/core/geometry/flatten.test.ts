import fc from 'fast-check';
import { flattenCubic, flattenQuadratic } from '.';

const coordinate = fc.integer({ min: -1000, max: 1000 });

/** Distance of a point from a polyline of `x, y, …`. */
function distanceTo(points: readonly number[], x: number, y: number): number {
  let least = Infinity;
  for (let i = 0; i + 3 < points.length; i += 2) {
    const [ax, ay, bx, by] = points.slice(i, i + 4) as [number, number, number, number];
    const length2 = (bx - ax) ** 2 + (by - ay) ** 2;
    const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length2));
    least = Math.min(least, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
  }
  return least;
}

test('a flattened quadratic stays within its tolerance and ends where the curve ends', () => {
  fc.assert(
    fc.property(fc.tuple(coordinate, coordinate, coordinate, coordinate, coordinate, coordinate), (curve) => {
      const [x0, y0, x1, y1, x2, y2] = curve;
      const points = [x0, y0];
      flattenQuadratic(points, curve, 0.5);
      expect(points.slice(-2)).toEqual([x2, y2]);
      let farthest = 0;
      for (let t = 0; t <= 1; t += 0.04) {
        const u = 1 - t;
        const x = u * u * x0 + 2 * u * t * x1 + t * t * x2;
        const y = u * u * y0 + 2 * u * t * y1 + t * t * y2;
        farthest = Math.max(farthest, distanceTo(points, x, y));
      }
      expect(farthest).toBeLessThanOrEqual(0.5 + 1e-9);
    }),
  );
});

test('a flattened cubic stays within its tolerance, and a straight one takes one chord', () => {
  const pair = fc.tuple(coordinate, coordinate);
  fc.assert(
    fc.property(pair, pair, pair, pair, ([x0, y0], [x1, y1], [x2, y2], [x3, y3]) => {
      const points = [x0, y0];
      flattenCubic(points, [x0, y0, x1, y1, x2, y2, x3, y3], 0.5);
      let farthest = 0;
      for (let t = 0; t <= 1; t += 0.04) {
        const u = 1 - t;
        const x = u ** 3 * x0 + 3 * u * u * t * x1 + 3 * u * t * t * x2 + t ** 3 * x3;
        const y = u ** 3 * y0 + 3 * u * u * t * y1 + 3 * u * t * t * y2 + t ** 3 * y3;
        farthest = Math.max(farthest, distanceTo(points, x, y));
      }
      expect(farthest).toBeLessThanOrEqual(0.5 + 1e-9);
    }),
  );
  const straight: number[] = [];
  flattenCubic(straight, [0, 0, 10, 0, 20, 0, 30, 0], 0.5);
  expect(straight).toEqual([30, 0]);
});
