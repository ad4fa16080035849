import fc from 'fast-check';
import type { Ring } from '../geometry';
import { FINER, sampleOutline } from './sample-outline';
import { STEP, island } from './test/shapes';

/** A ring of straight edges, some of them shorter than a step. */
const rings: fc.Arbitrary<Ring> = fc
  .array(fc.tuple(fc.integer({ min: 40, max: 900 }), fc.integer({ min: 1, max: 40 })), { minLength: 4, maxLength: 16 })
  .map((arms) => {
    const whole = arms.reduce((sum, [, turn]) => sum + turn, 0);
    let at = 0;
    return Int32Array.from(
      arms.flatMap(([reach, turn]) => {
        at += (turn / whole) * 2 * Math.PI;
        return [Math.round(reach * Math.cos(at)), Math.round(reach * Math.sin(at))];
      }),
    );
  })
  .filter((ring) => ring.every((_, k) => k % 2 === 1 || lengthFrom(ring, k / 2) > 0));

function lengthFrom(ring: Ring, vertex: number): number {
  const next = (vertex + 1) % (ring.length / 2);
  return Math.hypot(ring[2 * next]! - ring[2 * vertex]!, ring[2 * next + 1]! - ring[2 * vertex + 1]!);
}

/** Where one is after so long a way along a ring, and along which edge. */
function walked(ring: Ring, way: number) {
  let left = way;
  let vertex = 0;
  while (left > lengthFrom(ring, vertex)) left -= lengthFrom(ring, vertex++);
  const next = (vertex + 1) % (ring.length / 2);
  const length = lengthFrom(ring, vertex);
  const [dx, dy] = [ring[2 * next]! - ring[2 * vertex]!, ring[2 * next + 1]! - ring[2 * vertex + 1]!];
  return {
    x: ring[2 * vertex]! + (left / length) * dx,
    y: ring[2 * vertex + 1]! + (left / length) * dy,
    length,
    normal: [-dy / length, dx / length] as const,
  };
}

test('samples stand evenly along their ring, no farther apart than the step, looking into the material', () => {
  fc.assert(
    fc.property(rings, (ring) => {
      const samples = sampleOutline({ islands: [island(ring)] }, STEP);
      const num = samples.x.length;
      const perimeter = Array.from({ length: ring.length / 2 }, (_, vertex) => lengthFrom(ring, vertex)).reduce(
        (sum, length) => sum + length,
      );
      expect(num).toBe(Math.max(24, Math.ceil(perimeter / STEP)));
      expect(samples.rings[0]!.step).toBeCloseTo(perimeter / num, 9);
      for (let i = 0; i < num; i++) {
        const at = walked(ring, ((i + 0.5) * perimeter) / num);
        expect(Math.hypot(samples.x[i]! - at.x, samples.y[i]! - at.y)).toBeLessThan(1e-6);
        expect(Math.hypot(samples.normalX[i]!, samples.normalY[i]!)).toBeCloseTo(1, 9);
        // On an edge longer than the way from one sample to the next, straight from the edge.
        if (at.length <= perimeter / num + 1e-9) continue;
        expect(samples.normalX[i]! * at.normal[0] + samples.normalY[i]! * at.normal[1]).toBeCloseTo(1, 9);
      }
    }),
    { numRuns: 12 },
  );
});

test('where it is looked at more closely, several stand evenly where one stood, and the others as before', () => {
  fc.assert(
    fc.property(rings, fc.array(fc.boolean(), { minLength: 500, maxLength: 500 }), (ring, wanted) => {
      const outline = { islands: [island(ring), island(ring.map((at) => at + 2000))] };
      const even = sampleOutline(outline, STEP);
      const finer = Uint8Array.from(even.x, (_, i) => (wanted[i % wanted.length] ? 1 : 0));
      const closer = sampleOutline(outline, STEP, finer);
      let now = 0;
      finer.forEach((isFiner, before) => {
        if (isFiner === 0) {
          expect([closer.x[now], closer.y[now]]).toEqual([even.x[before], even.y[before]]);
          now++;
          return;
        }
        const ringNo = even.ringNos[before]!;
        const { step } = even.rings[ringNo]!;
        for (let k = 0; k < FINER; k++, now++) {
          expect(closer.ringNos[now]).toBe(ringNo);
          const way = (before - even.ringStarts[ringNo]! + (k + 0.5) / FINER) * step;
          const at = walked(even.rings[ringNo]!.ring, way);
          expect(Math.hypot(closer.x[now]! - at.x, closer.y[now]! - at.y)).toBeLessThan(1e-6);
        }
      });
      expect(now).toBe(closer.x.length);
      expect(closer.ringStarts.at(-1)).toBe(now);
    }),
    { numRuns: 4 },
  );
});
