import { EM_UNITS } from '@/core/faces';
import { outlineRings } from '@/core/geometry';
import { inkShape, largestFit } from '@/core/largest';
import { presentOrThrow } from '@/core/outcome';
import { freeSpace } from '@/core/place';
import { seededRandom } from '@/core/random';
import { SHIPPED_FACES } from '@/core/shop';
import { aVariant, anArtwork } from '@/core/test';
import { randomNames } from '../cut-file-checker/random-names';
import { DenseSearch } from './dense-search';
import { PLACE_KINDS, type PlaceKind, randomPlace } from './random-places';

export interface FitCheck {
  readonly kind: PlaceKind;
  readonly told: string;
  /** Found size over the size of the dense search. */
  readonly share: number;
  /** What the shorter way across a pixel is in the size: the dense search knows no better. */
  readonly blur: number;
  /** How far ink reaches over an edge of its place, in mm; up to 0 when it lies inside. */
  readonly overMm: number;
  readonly ms: number;
}

/** A dense search that finds this much more is asked again. */
const CLAIM = 0.985;

/** Sizes found for random names in random places, against a search by brute force. */
export function checkFits(count: number, seed: number, pixelsAcross: number): FitCheck[] {
  const random = seededRandom(seed);
  const names = randomNames(count, seed);
  return names.map((name, i) => {
    const kind = PLACE_KINDS[i % PLACE_KINDS.length]!;
    const place = randomPlace(kind, random);
    const face = SHIPPED_FACES[Math.floor(random() * SHIPPED_FACES.length)]!;
    const artwork = anArtwork(face.sha, [name]);
    const space = presentOrThrow(freeSpace(aVariant(2000, 2000), place), `room in ${JSON.stringify(place)}`);
    const ink = presentOrThrow(inkShape(artwork), name);
    const before = performance.now();
    const found = largestFit(ink, space);
    const ms = performance.now() - before;
    const search = (pixels: number) => {
      const dense = new DenseSearch(space.outline, space.clear, Math.min(space.widthMm, space.heightMm) / pixels);
      const [low, high] = [(found.emMm * 0.9) / EM_UNITS, (found.emMm * 1.25) / EM_UNITS];
      return dense.largest(artwork.outline, low, high) * EM_UNITS;
    };
    // Where it claims to find much more, finer pixels are asked again: a seam may fit a gap by half a pixel.
    const coarse = search(pixelsAcross);
    const best = found.emMm / coarse < CLAIM ? search(3 * pixelsAcross) : coarse;
    const pixelMm = Math.min(space.widthMm, space.heightMm) / pixelsAcross;
    const sizeMm = Math.min(ink.widthEm, ink.heightEm) * found.emMm;
    return {
      kind,
      told: `${name} in ${face.name}, ${JSON.stringify(place.outline)} ${JSON.stringify(place.clear)}`,
      share: found.emMm / best,
      blur: (2 * pixelMm) / sizeMm,
      overMm: overEdges(found, [...outlineRings(artwork.outline)], artwork.inkBox!, space.outline, space.clear),
      ms,
    };
  });
}

/** How far any drawn point lies outside the outline or inside a clear zone. */
function overEdges(
  { xMm, yMm, emMm }: { xMm: number; yMm: number; emMm: number },
  rings: readonly Int32Array[],
  box: { minX: number; minY: number },
  outline: readonly (readonly [number, number])[],
  clear: readonly (readonly (readonly [number, number])[])[],
): number {
  let over = -Infinity;
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i += 2) {
      const x = xMm + ((ring[i]! - box.minX) * emMm) / EM_UNITS;
      const y = yMm + ((ring[i + 1]! - box.minY) * emMm) / EM_UNITS;
      over = Math.max(over, -depthIn(outline, x, y), ...clear.map((zone) => depthIn(zone, x, y)));
    }
  }
  return over;
}

/** Distance from the ring, positive inside. */
function depthIn(ring: readonly (readonly [number, number])[], x: number, y: number): number {
  let least = Infinity;
  let isInside = false;
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) isInside = !isInside;
    const length2 = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
    const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length2));
    least = Math.min(least, Math.hypot(ax + t * (bx - ax) - x, ay + t * (by - ay) - y));
  });
  return isInside ? least : -least;
}
