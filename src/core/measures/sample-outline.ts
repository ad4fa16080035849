import type { Outline, Ring } from '../geometry';

/**
 * Points along every ring, with the unit normal into the material. In the outline's own units. Rings stand
 * one after another; `ringStarts` has one more number than there are rings.
 */
export interface OutlineSamples {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly normalX: Float64Array;
  readonly normalY: Float64Array;
  readonly ringStarts: readonly number[];
  readonly rings: readonly SampledRing[];
  /** No sample is farther from the next one along its ring. */
  readonly step: number;
  /** The sharp corner that lies between a sample and the next one, as `x, y`; not a number where there is none. */
  readonly corners: Float64Array;
}

interface SampledRing {
  readonly islandNo: number;
  readonly isHole: boolean;
  /** The way along the edge from one sample to the next, where it is not looked at more closely. */
  readonly step: number;
}

/** Enough for a dot to look round. */
const LEAST_SAMPLES = 12;

/**
 * `finer`: by sample of the same outline at the same step, 1 where so many samples stand in its stead as `FINER` says.
 */
export function sampleOutline({ islands }: Outline, step: number, finer?: Uint8Array): OutlineSamples {
  const points: number[] = [];
  const straight: number[] = [];
  const corners: number[] = [];
  const ringStarts = [0];
  const rings: SampledRing[] = [];
  let numEven = 0;
  islands.forEach(({ outer, holes }, islandNo) => {
    [outer, ...holes].forEach((ring, i) => {
      const even = sampleRing({ points, straight, corners }, ring, step, finer?.subarray(numEven));
      numEven += even.count;
      ringStarts.push(points.length / 2);
      rings.push({ islandNo, isHole: i > 0, step: even.step });
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
    step,
    corners: Float64Array.from(corners),
  };
  for (let i = 0; i < num; i++) {
    samples.x[i] = points[2 * i]!;
    samples.y[i] = points[2 * i + 1]!;
  }
  rings.forEach((_, ringNo) => setNormals(samples, straight, ringStarts[ringNo]!, ringStarts[ringNo + 1]!));
  return samples;
}

/** What is known of each sample, two numbers for each: where it is, its straight edge's direction, the corner after it. */
interface Sampling {
  readonly points: number[];
  /** Nought where the edge that it lies on is no longer than the step: such an edge is a part of a curve. */
  readonly straight: number[];
  readonly corners: number[];
}

/** How many samples stand where one stood, where it has to be looked at more closely. */
export const FINER = 4;

/** Gives how many even steps it has. */
function sampleRing(
  { points: into, straight, corners }: Sampling,
  ring: Ring,
  step: number,
  finer: Uint8Array | undefined,
): { readonly count: number; readonly step: number } {
  const num = ring.length / 2;
  const lengthOf = (i: number) => {
    const j = (i + 1) % num;
    const dx = ring[2 * j]! - ring[2 * i]!;
    const dy = ring[2 * j + 1]! - ring[2 * i + 1]!;
    // Not `Math.hypot`, which takes ten times as long: the numbers are far from where squares overflow.
    return Math.sqrt(dx * dx + dy * dy);
  };
  let perimeter = 0;
  for (let i = 0; i < num; i++) perimeter += lengthOf(i);
  const count = Math.max(LEAST_SAMPLES, Math.ceil(perimeter / step));
  const even = perimeter / count;
  let edge = 0;
  let edgeLength = lengthOf(0);
  let edgeStart = 0;
  let passedFirst = 0;
  const positions: number[] = [];
  for (let k = 0; k < count; k++) {
    const num = finer?.[k] === 1 ? FINER : 1;
    for (let j = 0; j < num; j++) positions.push((k + (j + 0.5) / num) * even);
  }
  for (let k = 0; k < positions.length; k++) {
    const at = positions[k]!;
    if (k > 0) corners.push(NaN, NaN);
    while (at > edgeStart + edgeLength && edge < num - 1) {
      edgeStart += edgeLength;
      edgeLength = lengthOf(++edge);
      if (!isCorner(ring, edge)) continue;
      if (k > 0) corners.splice(-2, 2, ring[2 * edge]!, ring[2 * edge + 1]!);
      else passedFirst = edge;
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
  // The ring's first vertex is passed on the way from its last sample to its first, and what comes before that one.
  corners.push(...(isCorner(ring, passedFirst) ? [ring[2 * passedFirst]!, ring[2 * passedFirst + 1]!] : [NaN, NaN]));
  return { count, step: even };
}

/** Cosine of the turn from which a vertex is a corner and not a part of a curve. */
const COS_OF_CORNER = 0.7;

function isCorner(ring: Ring, vertex: number): boolean {
  const num = ring.length / 2;
  const before = vertex === 0 ? num - 1 : vertex - 1;
  const after = vertex === num - 1 ? 0 : vertex + 1;
  const ax = ring[2 * vertex]! - ring[2 * before]!;
  const ay = ring[2 * vertex + 1]! - ring[2 * before + 1]!;
  const bx = ring[2 * after]! - ring[2 * vertex]!;
  const by = ring[2 * after + 1]! - ring[2 * vertex + 1]!;
  return ax * bx + ay * by < COS_OF_CORNER * Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by));
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
    const isCurve = straight[2 * i] === 0 && straight[2 * i + 1] === 0;
    const dx = isCurve ? x[after]! - x[before]! : straight[2 * i]!;
    const dy = isCurve ? y[after]! - y[before]! : straight[2 * i + 1]!;
    const length = Math.sqrt(dx * dx + dy * dy) || 1;
    normalX[i] = -dy / length;
    normalY[i] = dx / length;
  }
}
