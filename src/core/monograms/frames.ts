import { type Ring, backwardRing } from '../geometry';
import type { Frame } from '../shop';
import { wreathRings } from './wreath';

const LINE_SHARE = 0.06;
const THIN_SHARE = 0.03;
const NUM_SCALLOPS = 16;
/** How deep they are, of the radius. */
const SCALLOP_SHARE = 0.05;
const NUM_POINTS = 360;

/** A curve around the middle: how far it is from there, in each direction, for a distance of 1 that it has to clear everywhere. */
type Contour = (radians: number) => number;

const circle: Contour = () => 1;
const scalloped: Contour = (at) => 1 + SCALLOP_SHARE * 2 * Math.abs(Math.sin((at * NUM_SCALLOPS) / 2));

/**
 * Rings of a frame around ink: clear of it by `gap`, its lines a share of `height`. Of ink that is round a round frame lies close; the
 * others are as large as they must be.
 */
export function frameRings(
  frame: Frame,
  ink: readonly Ring[],
  { gap, height }: { readonly gap: number; readonly height: number },
): Ring[] {
  const around = middleOf(ink);
  if (!around) return [];
  const { x, y } = around;
  const line = LINE_SHARE * height;
  switch (frame) {
    case 'ring':
    case 'scalloped': {
      const inner = farthest(ink, x, y) + gap;
      const contour = frame === 'ring' ? circle : scalloped;
      return [contourRing(around, (at) => contour(at) * inner + line), backwardRing(contourRing(around, () => inner))];
    }
    case 'doubleRing': {
      const inner = farthest(ink, x, y) + gap;
      const [first, second] = [inner + line, inner + line + gap];
      return [
        contourRing(around, () => second + THIN_SHARE * height),
        backwardRing(contourRing(around, () => second)),
        contourRing(around, () => first),
        backwardRing(contourRing(around, () => inner)),
      ];
    }
    case 'wreath':
      return wreathRings(around, farthest(ink, x, y) + gap);
    case 'lozenge':
    case 'shield': {
      const corners = frame === 'lozenge' ? lozengeAround(ink, around) : shieldAround(ink, around);
      return [offset(corners, gap + line), backwardRing(offset(corners, gap))];
    }
  }
}

interface Middle {
  readonly x: number;
  readonly y: number;
}

function middleOf(ink: readonly Ring[]): Middle | null {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of ink) {
    for (let i = 0; i < ring.length; i += 2) {
      left = Math.min(left, ring[i]!);
      right = Math.max(right, ring[i]!);
      top = Math.min(top, ring[i + 1]!);
      bottom = Math.max(bottom, ring[i + 1]!);
    }
  }
  return left > right ? null : { x: (left + right) / 2, y: (top + bottom) / 2 };
}

/** The circle about the middle of ink that holds all of it; null without ink. */
export function circleAbout(ink: readonly Ring[]): (Middle & { readonly radius: number }) | null {
  const middle = middleOf(ink);
  return middle && { ...middle, radius: farthest(ink, middle.x, middle.y) };
}

function farthest(ink: readonly Ring[], x: number, y: number): number {
  return most(ink, (px, py) => Math.hypot(px - x, py - y));
}

function most(ink: readonly Ring[], of: (x: number, y: number) => number): number {
  let found = 0;
  for (const ring of ink) for (let i = 0; i < ring.length; i += 2) found = Math.max(found, of(ring[i]!, ring[i + 1]!));
  return found;
}

function contourRing({ x, y }: Middle, contour: Contour): Int32Array {
  const ring = new Int32Array(2 * NUM_POINTS);
  for (let i = 0; i < NUM_POINTS; i++) {
    const at = (i / NUM_POINTS) * 2 * Math.PI;
    const distance = contour(at);
    ring[2 * i] = Math.round(x + distance * Math.cos(at));
    ring[2 * i + 1] = Math.round(y + distance * Math.sin(at));
  }
  return ring;
}

/** Its corners, clockwise as y goes down. */
type Corners = readonly (readonly [number, number])[];

/** A little wider than tall, as letters side by side are. */
const LOZENGE_WIDTH = 1.15;

function lozengeAround(ink: readonly Ring[], { x, y }: Middle): Corners {
  const tall = most(ink, (px, py) => Math.abs(px - x) / LOZENGE_WIDTH + Math.abs(py - y));
  const wide = tall * LOZENGE_WIDTH;
  return [
    [x + wide, y],
    [x, y + tall],
    [x - wide, y],
    [x, y - tall],
  ];
}

/** Where its sides begin to come together, of its width from the head. */
const SHIELD_SIDE = 0.42;
const SHIELD_STEPS = 24;
/** Half its width is tried in these shares of what the ink asks for: a narrow one is deep, since its foot closes early. */
const SHIELD_TRIES = [1.04, 1.1, 1.2, 1.3, 1.45, 1.6, 1.8, 2.1, 2.5, 3];

/** Of the room that a foot leaves beneath its letters, so much stands above them as well: otherwise wide ones hang under the head. */
const SHIELD_HEADROOM = 0.45;

/** Straight head and sides, and below them two arcs that meet in the middle: the least of those that hold all ink. */
function shieldAround(ink: readonly Ring[], { x, y }: Middle): Corners {
  const asked = most(ink, (px) => Math.abs(px - x));
  const head = -most(ink, (_, py) => Math.max(0, y - py));
  const shields = SHIELD_TRIES.map((share) => {
    const half = asked * share;
    const sideTo = head + 2 * half * SHIELD_SIDE;
    // Its half width at a depth is that of an ellipse; the deepest that any point asks for decides.
    const depth = most(ink, (px, py) => {
      const down = py - y - sideTo;
      return down <= 0 ? 0 : down / Math.sqrt(1 - (Math.abs(px - x) / half) ** 2);
    });
    return { half, sideTo, depth: Math.max(depth, half) };
  });
  const sizeOf = ({ half, sideTo, depth }: (typeof shields)[number]) => 2 * half + (sideTo + depth - head);
  const { half, sideTo, depth } = shields.reduce((least, one) => (sizeOf(one) < sizeOf(least) ? one : least));
  const arc = Array.from({ length: 2 * SHIELD_STEPS + 1 }, (_, i): readonly [number, number] => {
    const at = (i / (2 * SHIELD_STEPS)) * Math.PI;
    return [x + half * Math.cos(at), y + sideTo + depth * Math.sin(at)];
  });
  const room = sideTo + depth - most(ink, (_, py) => Math.max(0, py - y));
  const top = y + head - SHIELD_HEADROOM * room;
  return [[x - half, top], [x + half, top], ...arc];
}

/** Each edge moved outwards, corners where the moved edges meet. */
function offset(corners: Corners, by: number): Int32Array {
  const n = corners.length;
  const ring = new Int32Array(2 * n);
  corners.forEach(([bx, by_], i) => {
    const [ax, ay] = corners[(i + n - 1) % n]!;
    const [cx, cy] = corners[(i + 1) % n]!;
    const before = normal(bx - ax, by_ - ay);
    const after = normal(cx - bx, cy - by_);
    const [mx, my] = [before[0] + after[0], before[1] + after[1]];
    const reach = (2 * by) / Math.max(0.2, mx * mx + my * my);
    ring[2 * i] = Math.round(bx + mx * reach);
    ring[2 * i + 1] = Math.round(by_ + my * reach);
  });
  return ring;
}

/** To the outside of a contour that runs clockwise as y goes down. */
function normal(dx: number, dy: number): readonly [number, number] {
  const length = Math.hypot(dx, dy) || 1;
  return [dy / length, -dx / length];
}
