import clipping, { type MultiPolygon, type Ring } from 'polygon-clipping';
import { EM_UNITS } from '@/core/faces';
import { isPointInRing, outlineRings, ringArea } from '@/core/geometry';
import { placedLetters } from '@/core/artwork';
import { SHIPPED_FACES } from '@/core/shop';
import { aRunOfLetters, anArtwork, shippedFaces } from '@/core/test';
import { randomNames } from '../cut-file-checker/random-names';

export interface UnionCheck {
  readonly told: string;
  /** Our area over that of the reference library. */
  readonly share: number;
}

/** Areas of joined names against another library's union of the same letters. */
export function checkUnions(count: number, seed: number): UnionCheck[] {
  const faceOf = shippedFaces();
  return randomNames(count, seed).map((name, i) => {
    const { sha, name: faceName } = SHIPPED_FACES[i % SHIPPED_FACES.length]!;
    let ours = 0;
    for (const ring of outlineRings(anArtwork(sha, [name]).outline)) ours += ringArea(ring);
    const letters = placedLetters({ no: 0, runs: [aRunOfLetters(name, sha)] }, faceOf).flatMap(
      ({ rings }): MultiPolygon[] => {
        const outers = rings.filter((ring) => ringArea(ring) > 0).sort((a, b) => ringArea(a) - ringArea(b));
        const holes = rings.filter((ring) => ringArea(ring) < 0);
        // A hole belongs to the smallest ring round it: a tail that crosses the hole of a Q stays.
        const homes = holes.map((hole) => outers.find((outer) => isPointInRing(hole[0]!, hole[1]!, outer)));
        // One that runs the other way round and lies in nothing is drawn all the same: some faces have such marks.
        const alone = holes.filter((_, k) => !homes[k]).map((ring): MultiPolygon => [[pairs(ring)]]);
        const drawn = outers.map((outer) => {
          const own = holes.filter((_, k) => homes[k] === outer).map((hole) => [pairs(hole)]);
          return own.length > 0 ? clipping.difference([pairs(outer)], ...own) : [[pairs(outer)]];
        });
        return [...drawn, ...alone];
      },
    );
    const [first, ...rest] = letters;
    const theirs = first ? areaOf(clipping.union(first, ...rest)) : 0;
    return { told: `${name} in ${faceName}`, share: ours / EM_UNITS ** 2 / theirs };
  });
}

/** In em, since the library is more at ease near one. */
function pairs(ring: Int32Array): Ring {
  return Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]! / EM_UNITS, ring[2 * i + 1]! / EM_UNITS]);
}

function areaOf(polygons: MultiPolygon): number {
  const areaOfRing = (ring: Ring) =>
    Math.abs(
      ring.reduce((sum, [x, y], i) => {
        const [nextX, nextY] = ring[(i + 1) % ring.length]!;
        return sum + x * nextY - nextX * y;
      }, 0) / 2,
    );
  return polygons.reduce(
    (sum, [outer, ...holes]) => sum + areaOfRing(outer!) - holes.reduce((all, hole) => all + areaOfRing(hole), 0),
    0,
  );
}
