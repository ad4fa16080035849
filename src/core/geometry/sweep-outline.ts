import { ringArea } from './area';
import { backwardRing } from './backward-ring';
import { joinRings } from './join-rings';
import { type Outline, type Ring, mapOutline, outlineRings } from './outline';

/**
 * Everything that an outline passes over while it is moved by a vector, itself among it. Each run of edges that faces one way sweeps
 * one ring that does not cross itself, so that the engine joins a few rings instead of one for each edge.
 */
export function sweepOutline(outline: Outline, dx: number, dy: number, leastArea: number): Outline {
  const [byX, byY] = [Math.round(dx), Math.round(dy)];
  if ((byX === 0 && byY === 0) || outline.islands.length === 0) return outline;
  const rings: Ring[] = [...outlineRings(outline), ...outlineRings(mapOutline(outline, 1, 1, byX, byY))];
  for (const ring of outlineRings(outline)) {
    for (const run of runsFacingOneWay(ring, byX, byY)) rings.push(swept(run, byX, byY));
  }
  return joinRings(rings, leastArea);
}

/** Points of each stretch of a ring along which all edges turn to one side of the vector. */
function runsFacingOneWay(ring: Ring, byX: number, byY: number): number[][] {
  const count = ring.length / 2;
  const side = (i: number): number => {
    const [from, to] = [2 * (i % count), 2 * ((i + 1) % count)];
    return Math.sign((ring[to]! - ring[from]!) * byY - (ring[to + 1]! - ring[from + 1]!) * byX);
  };
  const sides = Array.from({ length: count }, (_, i) => side(i));
  // Begins where a side begins, so that no run is cut in two by where the ring happens to start.
  const first = sides.findIndex((one, i) => one !== 0 && one !== lastSide(sides, i));
  if (first < 0) return [];
  const runs: number[][] = [];
  let now = 0;
  for (let k = 0; k < count; k++) {
    const i = (first + k) % count;
    const one = sides[i]!;
    if (one !== 0 && one !== now) {
      now = one;
      runs.push([ring[2 * i]!, ring[2 * i + 1]!]);
    }
    const to = 2 * ((i + 1) % count);
    runs.at(-1)!.push(ring[to]!, ring[to + 1]!);
  }
  return runs;
}

/** Which side the edges before this one face, those along the vector left out. */
function lastSide(sides: readonly number[], before: number): number {
  for (let k = 1; k <= sides.length; k++) {
    const one = sides[(before - k + sides.length) % sides.length]!;
    if (one !== 0) return one;
  }
  return 0;
}

/** There along the run, and back along it moved; always an outer ring. */
function swept(run: readonly number[], byX: number, byY: number): Ring {
  const ring = new Int32Array(2 * run.length);
  const last = 2 * run.length - 2;
  for (let i = 0; i < run.length; i += 2) {
    ring[i] = run[i]!;
    ring[i + 1] = run[i + 1]!;
    ring[last - i] = run[i]! + byX;
    ring[last - i + 1] = run[i + 1]! + byY;
  }
  return ringArea(ring) < 0 ? backwardRing(ring) : ring;
}
