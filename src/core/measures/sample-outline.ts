import type { Outline, Ring } from '../geometry';

/**
 * Points at even steps along every ring, with the unit normal into the material. In the outline's own units. Rings stand
 * one after another; `ringStarts` has one more number than there are rings.
 */
export interface OutlineSamples {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly normalX: Float64Array;
  readonly normalY: Float64Array;
  readonly ringStarts: readonly number[];
  readonly rings: readonly SampledRing[];
}

interface SampledRing {
  readonly islandNo: number;
  readonly isHole: boolean;
}

/** Enough for a dot to look round. */
const LEAST_SAMPLES = 12;

export function sampleOutline({ islands }: Outline, step: number): OutlineSamples {
  const points: number[] = [];
  const straight: number[] = [];
  const ringStarts = [0];
  const rings: SampledRing[] = [];
  islands.forEach(({ outer, holes }, islandNo) => {
    [outer, ...holes].forEach((ring, i) => {
      sampleRing(points, straight, ring, step);
      ringStarts.push(points.length / 2);
      rings.push({ islandNo, isHole: i > 0 });
    });
  });
  const num = points.length / 2;
  const samples = {
    x: new Float64Array(num),
    y: new Float64Array(num),
    normalX: new Float64Array(num),
    normalY: new Float64Array(num),
    ringStarts,
    rings,
  };
  for (let i = 0; i < num; i++) {
    samples.x[i] = points[2 * i]!;
    samples.y[i] = points[2 * i + 1]!;
  }
  rings.forEach((_, ringNo) => setNormals(samples, straight, ringStarts[ringNo]!, ringStarts[ringNo + 1]!));
  return samples;
}

/**
 * Puts the samples of a ring into `into`, and for each into `straight` the direction of the edge that it lies on where that
 * is longer than the step, otherwise nought: such an edge is straight, a shorter one is a part of a curve.
 */
function sampleRing(into: number[], straight: number[], ring: Ring, step: number): void {
  const num = ring.length / 2;
  const lengthOf = (i: number) => {
    const j = (i + 1) % num;
    return Math.hypot(ring[2 * j]! - ring[2 * i]!, ring[2 * j + 1]! - ring[2 * i + 1]!);
  };
  let perimeter = 0;
  for (let i = 0; i < num; i++) perimeter += lengthOf(i);
  const count = Math.max(LEAST_SAMPLES, Math.ceil(perimeter / step));
  const even = perimeter / count;
  let edge = 0;
  let edgeLength = lengthOf(0);
  let edgeStart = 0;
  for (let k = 0; k < count; k++) {
    const at = (k + 0.5) * even;
    while (at > edgeStart + edgeLength && edge < num - 1) {
      edgeStart += edgeLength;
      edgeLength = lengthOf(++edge);
    }
    const share = edgeLength > 0 ? Math.min(1, (at - edgeStart) / edgeLength) : 0;
    const next = (edge + 1) % num;
    const isStraight = edgeLength > even;
    straight.push(
      isStraight ? (ring[2 * next]! - ring[2 * edge]!) / edgeLength : 0,
      isStraight ? (ring[2 * next + 1]! - ring[2 * edge + 1]!) / edgeLength : 0,
    );
    into.push(
      ring[2 * edge]! + share * (ring[2 * next]! - ring[2 * edge]!),
      ring[2 * edge + 1]! + share * (ring[2 * next + 1]! - ring[2 * edge + 1]!),
    );
  }
}

/**
 * Across the straight edge that a sample lies on, else across the line through its neighbours: near a corner that line would
 * lean to the other side. Material lies to the left of the way round, of holes as of outer rings.
 */
function setNormals(
  { x, y, normalX, normalY }: OutlineSamples,
  straight: readonly number[],
  start: number,
  end: number,
): void {
  for (let i = start; i < end; i++) {
    const before = i === start ? end - 1 : i - 1;
    const after = i === end - 1 ? start : i + 1;
    let [dx, dy] = [straight[2 * i]!, straight[2 * i + 1]!];
    if (dx === 0 && dy === 0) [dx, dy] = [x[after]! - x[before]!, y[after]! - y[before]!];
    const length = Math.hypot(dx, dy) || 1;
    normalX[i] = -dy / length;
    normalY[i] = dx / length;
  }
}
