import type { PathsD } from 'clipper2-wasm/dist/clipper2z';
import { ringArea } from './area';
import { boxOfRings, type Box } from './box';
import { clipper } from './clipper';
import { isPointInRing } from './containment';
import type { Island, Outline, Ring } from './outline';

/**
 * Hands rings to the engine, turned by a quarter, and takes back what it makes of them.
 *
 * The engine counts in doubles that hold integers; its paths are `x, y, z` triples, z unused. It sweeps down its y axis and
 * looks at every edge that the sweep crosses at each point: a line of lettering is crossed by far fewer edges from left to right
 * than from top to bottom.
 */
export function throughEngine(rings: Iterable<Ring>, work: (subject: PathsD) => PathsD): Ring[] {
  const subject = enginePaths(rings);
  const worked = work(subject);
  const result: Ring[] = [];
  for (let i = 0; i < worked.size(); i++) {
    const ringPath = worked.get(i);
    result.push(ringOfTriples(ringPath.view()));
    ringPath.delete();
  }
  worked.delete();
  subject.delete();
  return result;
}

/** Rings as the engine takes them, turned. Whoever asks for them gives them back by `delete`. */
export function enginePaths(rings: Iterable<Ring>): PathsD {
  const paths = new clipper.PathsD();
  const path = new clipper.PathD();
  for (const ring of rings) {
    const triples = new Float64Array((ring.length / 2) * 3);
    for (let i = 0, k = 0; i < ring.length; i += 2, k += 3) {
      triples[k] = ring[i + 1]!;
      triples[k + 1] = -ring[i]!;
    }
    path.assign(triples);
    paths.push_back(path);
  }
  path.delete();
  return paths;
}

/** Turned back. Copies at once: a view dies with the next allocation in the engine. */
function ringOfTriples(triples: Float64Array): Ring {
  const ring = new Int32Array((triples.length / 3) * 2);
  for (let i = 0, k = 0; k < triples.length; i += 2, k += 3) {
    ring[i] = -triples[k + 1]!;
    ring[i + 1] = triples[k]!;
  }
  return ring;
}

/** Rings that do not cross, outer ones of positive area, as islands with their holes. Those under `leastArea` are dropped. */
export function islandsOf(rings: readonly Ring[], leastArea: number): Outline {
  const outers: Ring[] = [];
  const holes: Ring[] = [];
  for (const ring of rings) {
    const area = ringArea(ring);
    if (Math.abs(area) < leastArea) continue;
    (area > 0 ? outers : holes).push(ring);
  }
  return { islands: nest(outers, holes) };
}

/** Gives each hole to the smallest outer ring around it. An island in a hole is an outer ring of its own. */
function nest(outers: readonly Ring[], holes: readonly Ring[]): Island[] {
  const homes = outers
    .map((outer) => ({ outer, area: ringArea(outer), box: boxOfRings([outer])!, holes: [] as Ring[] }))
    .sort((a, b) => a.area - b.area);
  for (const hole of holes) {
    const home = homes.find(({ outer, box }) => isRingInside(hole, outer, box));
    // Nonzero union leaves no hole without a ring round it; a crumb's hole is dropped with its crumb.
    home?.holes.push(hole);
  }
  return homes.map(({ outer, holes: own }) => ({ outer, holes: own }));
}

/** Rings of one union never cross, so one point decides; the middle of an edge is clear of shared corners. */
function isRingInside(ring: Ring, outer: Ring, box: Box): boolean {
  const x = (ring[0]! + ring[2]!) / 2;
  const y = (ring[1]! + ring[3]!) / 2;
  const isNear = x >= box.minX && x <= box.maxX && y >= box.minY && y <= box.maxY;
  return isNear && isPointInRing(x, y, outer);
}
