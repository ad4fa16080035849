import fc from 'fast-check';
import { drawOutline, thinnedRing } from './pdf-outline';

const ringOf = (points: readonly (readonly [number, number])[]) => Int32Array.from(points.flat());

/** How far a point lies from the nearest edge of a ring. */
function offOf([px, py]: readonly [number, number], points: readonly number[]): number {
  let least = Infinity;
  for (let i = 0; i < points.length; i += 2) {
    const [x, y] = [points[i]!, points[i + 1]!];
    const [dx, dy] = [points[(i + 2) % points.length]! - x, points[(i + 3) % points.length]! - y];
    const square = dx * dx + dy * dy;
    const along = square === 0 ? 0 : Math.min(1, Math.max(0, ((px - x) * dx + (py - y) * dy) / square));
    least = Math.min(least, Math.hypot(px - x - along * dx, py - y - along * dy));
  }
  return least;
}

test('points on a straight line go, corners stay', () => {
  const square = ringOf([
    [0, 0],
    [500, 0],
    [1000, 0],
    [1000, 400],
    [1000, 1000],
    [0, 1000],
    [0, 300],
  ]);
  expect(thinnedRing(square, 0.5)).toEqual([0, 0, 1000, 0, 1000, 1000, 0, 1000]);
  expect(
    thinnedRing(
      ringOf([
        [0, 0],
        [9, 0],
        [0, 9],
      ]),
      100,
    ),
  ).toEqual([0, 0, 9, 0, 0, 9]);
});

test('whatever is left out lies no farther from what remains than is allowed, and only points of the ring remain', () => {
  const points = fc.array(fc.tuple(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 0, max: 3000 })), {
    minLength: 4,
    maxLength: 60,
  });
  let numLeftOut = 0;
  fc.assert(
    fc.property(points, fc.constantFrom(1, 20, 200), (ring, within) => {
      const thinned = thinnedRing(ringOf(ring), within);
      for (const point of ring) expect(offOf(point, thinned)).toBeLessThanOrEqual(within + 1e-6);
      const known = new Set(ring.map(String));
      for (let i = 0; i < thinned.length; i += 2) expect(known.has(`${thinned[i]},${thinned[i + 1]}`)).toBe(true);
      numLeftOut += ring.length - thinned.length / 2;
    }),
    { numRuns: 300, seed: 16 },
  );
  expect(numLeftOut).toBeGreaterThan(30);
});

const FILLED = { fill: '#000', edge: null };

test('a circle of many points is drawn by as many as it takes at its scale', () => {
  const circle = Int32Array.from(
    Array.from({ length: 720 }, (_, i) => [
      50_000 * Math.cos((i * Math.PI) / 360),
      50_000 * Math.sin((i * Math.PI) / 360),
    ]).flat(),
  );
  const drawn = (scale: number, look: Pick<Parameters<typeof drawOutline>[2], 'fill' | 'edge'> = FILLED) => {
    const said: string[] = [];
    const doc = {
      save: () => doc,
      restore: () => doc,
      scale: (unit: number) => (said.push(`by ${unit}`), doc),
      translate: (x: number, y: number) => (said.push(`at ${x.toFixed(2)} ${y.toFixed(2)}`), doc),
      lineWidth: () => doc,
      fillColor: () => doc,
      strokeColor: () => doc,
      addContent: (content: string) => (said.push(content), doc),
    };
    const outline = { islands: [{ outer: circle, holes: [] }] };
    drawOutline(doc as unknown as PDFKit.PDFDocument, outline, { xMm: 10, yMm: 20, scale, ...look });
    return said;
  };
  const [at, by, content] = drawn(1);
  expect(by).toBe('by 0.025');
  expect(at).toBe('at 28.35 56.69');
  const steps = content!.split('\n');
  expect(steps.slice(-2)).toEqual(['h', 'f*']);
  expect(steps[0]).toBe('567 0 m');
  // A chord that is off by at most a fiftieth of a millimetre of a radius of five takes about ten degrees.
  expect(steps.length).toBeGreaterThan(30);
  expect(steps.length).toBeLessThan(80);
  expect(drawn(0.2)[2]!.split('\n').length).toBeLessThan(steps.length / 1.5);
  const lastOf = (fill: string | null, edge: string | null) => drawn(1, { fill, edge })[2]!.split('\n').at(-1);
  expect([lastOf('#fff', '#000'), lastOf(null, '#000')]).toEqual(['B*', 'S']);
});
