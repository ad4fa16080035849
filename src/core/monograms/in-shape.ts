import { type Ring, boxOfRings } from '../geometry';
import { besideEachOther } from './beside';
import type { FormedMonogram, MonogramForm } from './form';
import { type MapPoint, mappedRing } from './mapped';

/** A square from -1 to 1 both ways, y down, to a shape within it. */
export type ToShape = MapPoint;

/**
 * Letters are drawn at most so much wider than they are tall, or narrower: a slim I stays a stem, an M keeps its inside, and with what
 * the shapes do to heights no stroke is more than 1.6 times as thick against another as it was drawn.
 */
const WIDEST = 1.1;
const NARROWEST = 0.625;
/** What reaches beyond head or foot, as a mark or a tail, keeps this share of its reach. */
const BEYOND_SHARE = 0.35;
/** Edges are split to this share of the height. */
const LONGEST_SHARE = 1 / 60;

/**
 * A form that letters fill side by side: they stand in cells as wide as they are by nature, and all of them together are brought into
 * the shape, which is as wide as it is tall by itself, and narrower where its letters are slim.
 */
export function inShape(toShape: ToShape, fewest: number, most: number): MonogramForm {
  return ({ letters, capHeight, gap }) => {
    if (letters.length < fewest || letters.length > most) return null;
    const natural = rowOf(letters, capHeight, gap, 1);
    if (!natural) return null;
    const numGaps = letters.length - 1;
    const across = (capHeight - numGaps * gap) / (natural.width - numGaps * gap);
    // One by itself has nothing to make up for.
    const stretch = Math.min(letters.length > 1 ? WIDEST : 1, Math.max(NARROWEST, across));
    const row = rowOf(letters, capHeight, gap, stretch);
    return row && shaped(row, capHeight, toShape);
  };
}

interface Row {
  readonly letters: readonly (readonly Ring[])[];
  readonly width: number;
}

function rowOf(letters: readonly (readonly Ring[])[], height: number, gap: number, stretch: number): Row | null {
  const across = letters.map((rings) =>
    rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? Math.round(value * stretch) : held(value, height)))),
  );
  const placed = besideEachOther(across, gap, height);
  const box = placed && boxOfRings(placed.flat());
  return placed && box && { letters: placed, width: box.maxX - box.minX };
}

/** Heights between head and foot; what is beyond stays near them. */
function held(y: number, height: number): number {
  const beyond = y > 0 ? y : y < -height ? y + height : 0;
  return Math.round(y - beyond + beyond * BEYOND_SHARE);
}

/** From the row to the square, from there to the shape, and back to the height of the row. */
function shaped({ letters, width }: Row, height: number, toShape: ToShape): FormedMonogram {
  // As wide as it is tall. Of slim letters less of the shape is filled; for wide ones it is as wide as they are.
  const half = height / 2;
  const across = Math.max(half, width / 2);
  const map: MapPoint = (x, y) => {
    const [u, v] = toShape((x - width / 2) / across, (y + half) / half);
    return [u * across + width / 2, v * half - half];
  };
  const formed = letters.map((rings) => rings.map((ring) => mappedRing(ring, height * LONGEST_SHARE, map)));
  // What the form leaves of a capital's height where a letter stands, be it a dot.
  const heightAt = (x: number) => map(x, 0)[1] - map(x, -height)[1];
  const heights = letters.map((rings) => {
    const { minX, maxX } = boxOfRings(rings)!;
    return Math.max(heightAt(minX), heightAt((minX + maxX) / 2), heightAt(maxX));
  });
  const left = boxOfRings(formed.flat())!.minX;
  return {
    letters: formed.map((rings) => rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? value - left : value)))),
    between: [],
    lowestShare: Math.min(...heights) / height,
  };
}
