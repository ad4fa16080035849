import fc from 'fast-check';
import { type Ring, joinRings } from '../geometry';
import { FRAMES, STAND_BLOCK_SHA } from '../shop';
import { box, capOf, formed, initials, pointsOf } from '../test/formed-monograms';
import { frameRings } from '.';

test.each(FRAMES.filter((frame) => frame !== 'wreath'))(
  'a frame, %s, keeps clear of all ink by its gap, and comes as near as its shape allows',
  (frame) => {
    fc.assert(
      fc.property(initials, (text) => {
        const cap = capOf(STAND_BLOCK_SHA);
        const ink = formed('circle', text)!.letters.flat();
        const gap = 0.14 * cap;
        const rings = frameRings(frame, ink, { gap, height: cap });
        const points = ink.flatMap(pointsOf).filter((_, i) => i % 4 === 0);
        const distances = rings.map((ring) => Math.min(...points.map(([x, y]) => toRing(ring, x, y))));
        const nearest = Math.min(...distances);
        expect(nearest).toBeGreaterThan(0.97 * gap);
        expect(nearest).toBeLessThan(1.6 * gap);
        expect(rings).toHaveLength(frame === 'doubleRing' ? 4 : 2);
      }),
      { numRuns: 6, seed: 4 },
    );
  },
);

test('a ring is as thick as its line, and a second one, thinner, stands around it by the same gap', () => {
  const square = [Int32Array.from([-50, -50, 50, -50, 50, 50, -50, 50].map((at) => at * 100))];
  const corner = Math.hypot(5000, 5000);
  const radii = (frame: 'ring' | 'doubleRing') =>
    frameRings(frame, square, { gap: 1000, height: 10_000 }).map((ring) => {
      const { minX, maxX, minY, maxY } = box([ring]);
      expect(Math.abs(maxX + minX) + Math.abs(maxY + minY)).toBeLessThan(4);
      return Math.round((maxX - minX) / 20 - corner / 10) * 10;
    });
  expect(radii('ring')).toEqual([1600, 1000]);
  expect(radii('doubleRing')).toEqual([2900, 2600, 1600, 1000]);
});

test('a lozenge and a shield have edges that run alongside: everywhere as thick as their line', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const ink = formed('circle', 'MFH')!.letters.flat();
  for (const frame of ['lozenge', 'shield'] as const) {
    const [outer, inner] = frameRings(frame, ink, { gap: 0.14 * cap, height: cap });
    const across = pointsOf(inner!).map(([x, y]) => toRing(outer!, x, y) / cap);
    expect(Math.min(...across)).toBeGreaterThan(0.055);
    expect(Math.max(...across)).toBeLessThan(0.075);
  }
});

test('letters do not hang under the head of a shield: nearly half of the room beneath them stands above as well', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  for (const text of ['MFH', 'SPM', 'JIL', 'AB', 'I']) {
    const ink = formed('shield', text)!.letters.flat();
    const inner = box(frameRings('shield', ink, { gap: 0, height: cap }).slice(1));
    const [above, below] = [box(ink).minY - inner.minY, inner.maxY - box(ink).maxY];
    expect(above / below).toBeGreaterThan(0.4);
    expect(above / below).toBeLessThan(0.5);
  }
});

test('a shield is the smallest that holds its letters: tall and narrow of a slim one, of others about as tall as wide', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const tallness = (text: string) => {
    const { minX, maxX, minY, maxY } = box(
      frameRings('shield', formed('shield', text)!.letters.flat(), { gap: 0, height: cap }),
    );
    return (maxY - minY) / (maxX - minX);
  };
  expect(tallness('I')).toBeGreaterThan(2);
  expect(tallness('I')).toBeLessThan(2.7);
  for (const text of ['A', 'AB', 'MFH']) expect(Math.abs(tallness(text) - 1)).toBeLessThan(0.15);
});

const WREATH_REACH = 1.37;

test('a wreath is one piece without a hole, the same on both sides, open at its head, and clear of all ink', () => {
  fc.assert(
    fc.property(initials, fc.constantFrom(0.05, 0.14, 0.4), (text, share) => {
      const cap = capOf(STAND_BLOCK_SHA);
      const ink = formed('circle', text)!.letters.flat();
      const gap = share * cap;
      const rings = frameRings('wreath', ink, { gap, height: cap });
      const { islands } = joinRings(rings, 0);
      expect(islands.map(({ holes }) => holes.length)).toEqual([0]);
      const { minX, maxX, minY, maxY } = box(ink);
      const [x, y] = [(minX + maxX) / 2, (minY + maxY) / 2];
      const reach = Math.max(...ink.flatMap(pointsOf).map(([px, py]) => Math.hypot(px - x, py - y)));
      const points = rings.flatMap(pointsOf);
      const distances = points.map(([px, py]) => Math.hypot(px - x, py - y));
      expect(Math.min(...distances)).toBeGreaterThan(0.99 * (reach + gap));
      expect(Math.min(...distances)).toBeLessThan(1.12 * (reach + gap));
      // As far out as its leaves are long.
      const far = Math.max(...distances) / Math.min(...distances);
      expect(far).toBeGreaterThan(WREATH_REACH - 0.02);
      expect(far).toBeLessThan(WREATH_REACH + 0.02);
      const around = box(rings);
      expect((around.minX + around.maxX) / 2).toBeCloseTo(x, -2);
      // Straight above the middle nothing stands, and straight below it the stems meet.
      const near = (py: number) =>
        points.filter((p) => Math.abs(p[0] - x) < 0.05 * reach && Math.sign(p[1] - y) === py);
      expect([near(-1).length, near(1).length > 0]).toEqual([0, true]);
    }),
    { numRuns: 12, seed: 4 },
  );
});

function toRing(ring: Ring, x: number, y: number): number {
  let least = Infinity;
  for (let k = 0, j = ring.length - 2; k < ring.length; j = k, k += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[k]!, ring[k + 1]!];
    const t = Math.max(
      0,
      Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2)),
    );
    least = Math.min(least, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
  }
  return least;
}

test('a ring is as thick all round; scallops swell from it by a tenth of its radius, sixteen times', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const ink = formed('circle', 'MFH')!.letters.flat();
  const { minX, maxX, minY, maxY } = box(ink);
  const thickness = (frame: 'ring' | 'scalloped') => {
    const [outer, inner] = frameRings(frame, ink, { gap: 0.14 * cap, height: cap });
    const far = ([x, y]: readonly [number, number]) => Math.hypot(x - (minX + maxX) / 2, y - (minY + maxY) / 2);
    const inside = far(pointsOf(inner!)[0]!);
    return pointsOf(outer!).map((point) => (far(point) - inside - 0.06 * cap) / inside);
  };
  for (const swell of thickness('ring')) expect(Math.abs(swell)).toBeLessThan(1e-4);
  const swells = thickness('scalloped');
  expect(Math.max(...swells)).toBeCloseTo(0.1, 2);
  const tops = swells.filter((swell, i) => swell > swells.at(i - 1)! && swell >= swells[(i + 1) % swells.length]!);
  expect(tops).toHaveLength(16);
});
