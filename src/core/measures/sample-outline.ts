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
  /** By sample, which ring it belongs to. */
  readonly ringNos: Int32Array;
  readonly rings: readonly SampledRing[];
  /** No sample is farther from the next one along its ring. */
  readonly step: number;
  /** The sharp corner that lies between a sample and the next one, as `x, y`; not a number where there is none. */
  readonly corners: Float64Array;
}

interface SampledRing {
  readonly ring: Ring;
  readonly islandNo: number;
  readonly isHole: boolean;
  /** The way along the edge from one sample to the next, where it is not looked at more closely. */
  readonly step: number;
}

/** Enough for a dot to look round. */
const LEAST_SAMPLES = 24;

/**
 * `finer`: by sample of the same outline at the same step, 1 where so many samples stand in its stead as `FINER` says.
 */
export function sampleOutline({ islands }: Outline, step: number, finer?: Uint8Array): OutlineSamples {
  const ringStarts = [0];
  const rings: SampledRing[] = [];
  const plans: RingPlan[] = [];
  let numEven = 0;
  islands.forEach(({ outer, holes }, islandNo) => {
    [outer, ...holes].forEach((ring, i) => {
      const plan = planRing(ring, step, finer?.subarray(numEven));
      numEven += plan.count;
      plans.push(plan);
      ringStarts.push(ringStarts.at(-1)! + plan.positions.length);
      rings.push({ ring, islandNo, isHole: i > 0, step: plan.even });
    });
  });
  const num = ringStarts.at(-1)!;
  const samples = {
    x: new Float64Array(num),
    y: new Float64Array(num),
    normalX: new Float64Array(num),
    normalY: new Float64Array(num),
    ringStarts,
    ringNos: new Int32Array(num),
    rings,
    step,
    corners: new Float64Array(2 * num).fill(NaN),
  };
  plans.forEach((plan, ringNo) => {
    sampleRing(samples, plan, ringStarts[ringNo]!);
    setNormals(samples, ringStarts[ringNo]!, ringStarts[ringNo + 1]!);
    samples.ringNos.fill(ringNo, ringStarts[ringNo], ringStarts[ringNo + 1]);
  });
  return samples;
}

/** How many samples stand where one stood, where it has to be looked at more closely. */
export const FINER = 4;

/** Where along a ring its samples stand. */
interface RingPlan {
  readonly ring: Ring;
  readonly lengths: Float64Array;
  /** How many even steps it has, and how long each is. */
  readonly count: number;
  readonly even: number;
  readonly positions: Float64Array;
}

function planRing(ring: Ring, step: number, finer: Uint8Array | undefined): RingPlan {
  const num = ring.length / 2;
  const lengths = new Float64Array(num);
  let perimeter = 0;
  for (let i = 0; i < num; i++) {
    const j = i + 1 === num ? 0 : i + 1;
    const dx = ring[2 * j]! - ring[2 * i]!;
    const dy = ring[2 * j + 1]! - ring[2 * i + 1]!;
    // Not `Math.hypot`, which takes ten times as long: the numbers are far from where squares overflow.
    lengths[i] = Math.sqrt(dx * dx + dy * dy);
    perimeter += lengths[i]!;
  }
  const count = Math.max(LEAST_SAMPLES, Math.ceil(perimeter / step));
  const even = perimeter / count;
  let numFiner = 0;
  for (let k = 0; k < count; k++) if (finer?.[k] === 1) numFiner++;
  const positions = new Float64Array(count + (FINER - 1) * numFiner);
  for (let k = 0, at = 0; k < count; k++) {
    const parts = finer?.[k] === 1 ? FINER : 1;
    for (let j = 0; j < parts; j++) positions[at++] = (k + (j + 0.5) / parts) * even;
  }
  return { ring, lengths, count, even, positions };
}

/**
 * Writes where each sample is, the corner after it, and its straight edge's direction: nought where the edge that it lies on is no
 * longer than the step, since such an edge is a part of a curve.
 */
function sampleRing(
  { x, y, normalX, normalY, corners }: OutlineSamples,
  { ring, lengths, even, positions }: RingPlan,
  start: number,
): void {
  const num = ring.length / 2;
  let edge = 0;
  let edgeStart = 0;
  let passedFirst = 0;
  const setCorner = (sample: number, vertex: number) => {
    corners[2 * sample] = ring[2 * vertex]!;
    corners[2 * sample + 1] = ring[2 * vertex + 1]!;
  };
  for (let k = 0; k < positions.length; k++) {
    const at = positions[k]!;
    while (at > edgeStart + lengths[edge]! && edge < num - 1) {
      edgeStart += lengths[edge]!;
      edge++;
      if (!isCorner(ring, edge)) continue;
      if (k > 0) setCorner(start + k - 1, edge);
      else passedFirst = edge;
    }
    const length = lengths[edge]!;
    const share = length > 0 ? Math.min(1, (at - edgeStart) / length) : 0;
    const next = edge + 1 === num ? 0 : edge + 1;
    const dx = ring[2 * next]! - ring[2 * edge]!;
    const dy = ring[2 * next + 1]! - ring[2 * edge + 1]!;
    if (length > even) {
      normalX[start + k] = -dy / length;
      normalY[start + k] = dx / length;
    }
    x[start + k] = ring[2 * edge]! + share * dx;
    y[start + k] = ring[2 * edge + 1]! + share * dy;
  }
  // The ring's first vertex is passed on the way from its last sample to its first, and what comes before that one.
  if (isCorner(ring, passedFirst)) setCorner(start + positions.length - 1, passedFirst);
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
 * Across the line through its neighbours, for a sample that does not lie on a straight edge: near a corner that line would lean to the
 * other side. Material lies to the left of the way round, of holes as of outer rings.
 */
function setNormals({ x, y, normalX, normalY }: OutlineSamples, start: number, end: number): void {
  for (let i = start; i < end; i++) {
    if (normalX[i] !== 0 || normalY[i] !== 0) continue;
    const before = i === start ? end - 1 : i - 1;
    const after = i === end - 1 ? start : i + 1;
    const [dx, dy] = [x[after]! - x[before]!, y[after]! - y[before]!];
    const length = Math.sqrt(dx * dx + dy * dy) || 1;
    normalX[i] = -dy / length;
    normalY[i] = dx / length;
  }
}
