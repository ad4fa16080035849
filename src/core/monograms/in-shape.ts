import { type Ring, boxOfRings } from '../geometry';
import { besideEachOther } from './beside';
import type { FormedMonogram, MonogramForm } from './form';
import { type MapPoint, mappedRing } from './mapped';
import { type Across, type Width, lookAcross, narrowedRings } from './narrowed';

/** A square from -1 to 1 both ways, y down, to a shape within it. */
export type ToShape = MapPoint;

/**
 * Letters are drawn at most so much wider than they are tall, or narrower: a slim I stays a stem, an M keeps its inside, and with what
 * the shapes do to heights no stroke is more than 1.6 times as thick against another as it was drawn.
 */
const WIDEST = 1.1;
const NARROWEST = 0.625;
/** What stays open between the strokes of a letter, in strokes; and how narrow arms may be drawn that enclose nothing. */
const LEAST_OPEN = 0.5;
const LEAST_SHARE = 0.35;
/** What reaches beyond head or foot, as a mark or a tail, reaches beyond by this share of it. */
const BEYOND_SHARE = 0.35;
/** Round letters are drawn so much taller than straight ones, and look as tall. */
const OVERSHOOT = 0.03;
/** Edges are split to this share of the height. */
const LONGEST_SHARE = 1 / 60;

/**
 * A form that letters fill side by side: they stand in cells as wide as they are by nature, and all of them together are brought into
 * the shape, which is as wide as it is tall by itself, and narrower where its letters are slim.
 */
export function inShape(toShape: ToShape, fewest: number, most: number): MonogramForm {
  return ({ letters, capHeight, gap }) => {
    if (letters.length < fewest || letters.length > most) return null;
    const natural = rowOf(letters, capHeight, gap, AS_DRAWN);
    if (!natural) return null;
    const numGaps = letters.length - 1;
    const room = capHeight - numGaps * gap;
    const inked = natural.width - numGaps * gap;
    // One by itself has nothing to make up for.
    const share = Math.min(letters.length > 1 ? WIDEST : 1, room / inked);
    const width = share < NARROWEST ? narrowest(lookAcross(letters, capHeight), { room, inked }) : byShare(share);
    const row = rowOf(letters, capHeight, gap, width);
    return row && shaped(row, capHeight, toShape);
  };
}

const AS_DRAWN = byShare(1);

function byShare(share: number): Width {
  return { share, wider: 0 };
}

/**
 * Narrower than strokes may become, letters are drawn as a narrow face is: strokes stay as wide as they may be at least, and what is open
 * between them makes room, as long as half a stroke of it is left.
 */
function narrowest(across: Across | null, { room, inked }: { readonly room: number; readonly inked: number }): Width {
  if (!across) return byShare(NARROWEST);
  const { stem, open } = across;
  // Widths add up to the room when each letter is narrower by a share and wider again by what its strokes are.
  const wanted = (room - open.length * NARROWEST * stem) / (inked - open.length * stem);
  const least = Math.max(
    ...open.map((one) => (one === null ? LEAST_SHARE : (NARROWEST * (1 + LEAST_OPEN) * stem) / (one + stem))),
  );
  const share = Math.min(NARROWEST, Math.max(wanted, least));
  return { share, wider: stem * (NARROWEST - share) };
}

interface Row {
  readonly letters: readonly (readonly Ring[])[];
  /** Of each letter's height as it is drawn, what its marks leave. */
  readonly shares: readonly number[];
  readonly width: number;
}

function rowOf(letters: readonly (readonly Ring[])[], height: number, gap: number, width: Width): Row | null {
  const held = letters.map((rings) => heldBetween(rings, height));
  const across = letters.map((rings, no) => {
    const { foot, share } = held[no]!;
    return narrowedRings(rings, height, width).map((ring) =>
      ring.map((value, i) => (i % 2 === 0 ? value : Math.round(foot + value * share))),
    );
  });
  const placed = besideEachOther(across, gap, height);
  const box = placed && boxOfRings(placed.flat());
  return placed && box && { letters: placed, shares: held.map(({ share }) => share), width: box.maxX - box.minX };
}

/**
 * Where a letter's foot comes to stand, and the share of its height that is left, so that little of it reaches beyond head or foot: a
 * letter with a mark is lower than its neighbours, as when it is written. A mark that is pressed flat by itself has strokes of another
 * weight than its letter.
 */
function heldBetween(rings: readonly Ring[], height: number): { readonly foot: number; readonly share: number } {
  const box = boxOfRings(rings);
  const above = Math.max(0, -(box?.minY ?? 0) - height);
  const below = Math.max(0, box?.maxY ?? 0);
  const share = (height + (above + below) * BEYOND_SHARE) / (height + above + below);
  return { foot: below * (BEYOND_SHARE - share), share };
}

/** From the row to the square, from there to the shape, and back to the height of the row. */
function shaped({ letters, shares, width }: Row, height: number, toShape: ToShape): FormedMonogram {
  // As wide as it is tall. Of slim letters less of the shape is filled; for wide ones it is as wide as they are.
  const half = height / 2;
  const across = Math.max(half, width / 2);
  const map: MapPoint = (x, y) => {
    // What is beyond head or foot is moved with it: outside of the square the shapes go on bending.
    const beyond = y > 0 ? y : Math.min(0, y + height);
    const [u, v] = toShape((x - width / 2) / across, (y - beyond + half) / half);
    return [u * across + width / 2, v * half - half + beyond];
  };
  const formed = letters.map((rings) => rings.map((ring) => mappedRing(ring, height * LONGEST_SHARE, map)));
  // What the form leaves of a capital's height where a letter stands, be it a dot.
  const heightAt = (x: number) => map(x, 0)[1] - map(x, -height)[1];
  const heights = letters.map((rings, no) => {
    const { minX, maxX } = boxOfRings(rings)!;
    const kept = shares[no]! < 1 - OVERSHOOT ? shares[no]! : 1;
    return kept * Math.max(heightAt(minX), heightAt((minX + maxX) / 2), heightAt(maxX));
  });
  const left = boxOfRings(formed.flat())!.minX;
  return {
    letters: formed.map((rings) => rings.map((ring) => ring.map((value, i) => (i % 2 === 0 ? value - left : value)))),
    between: [],
    lowestShare: Math.min(...heights) / height,
  };
}
