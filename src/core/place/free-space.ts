import type { ClearZone, MeasuredPlace, Variant } from '../shop';
import type { PlaceRect } from './inscribed-rect';
import { type PlaceGeometry, placeGeometry } from './place-geometry';
import { blocksOf, hullOf } from './convex-parts';
import { FLAT_MM, type Ring } from './shape-ring';
import { FRACTIONS, type ReadingDeg, type Share } from './anchor-shares';
import { middleOf } from './middle';

/** Everything on the inner side of a line: `nx·x + ny·y ≤ c`, with a unit normal that points outward. */
export interface HalfPlane {
  readonly nx: number;
  readonly ny: number;
  readonly c: number;
}

/** A convex part that ink keeps off: of a dent of the outline, or of a clear zone. */
export interface Block {
  readonly ring: Ring;
  /** Null for a dent. */
  readonly zone: ClearZone | null;
}

/** Where ink is wanted along one axis: this share of its own size lies at that spot. */
export interface AxisAim {
  /** 0: its left or upper edge, 0.5: its middle, 1: its right or lower edge. */
  readonly share: Share;
  readonly atMm: number;
}

/**
 * Where ink may lie, as its reader has it: turned so that the text reads from left to right. Origin top left of the turned
 * bounding box, y down, millimetres.
 */
export interface FreeSpace {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly outline: Ring;
  readonly clear: readonly Ring[];
  /** What ink stays behind wherever it lies: the hull of the outline, what is seen, and the gap at the anchor's sides. */
  readonly walls: readonly HalfPlane[];
  /** None: the walls say all. */
  readonly blocks: readonly Block[];
  /** The place is an upright rectangle and nothing else. */
  readonly isRect: boolean;
  /** The largest upright rectangle: what ink always fits into. */
  readonly usable: PlaceRect;
  /** Where ink is wanted: in the middle of the place as a ruler finds it, or at a side of the usable rectangle. */
  readonly aim: readonly [across: AxisAim, down: AxisAim];
  readonly turnDeg: ReadingDeg;
}

const known = new WeakMap<PlaceGeometry, FreeSpace>();

/** Computed once for the same measures. Null when the place has no room. */
export function freeSpace(variant: Variant, place: MeasuredPlace): FreeSpace | null {
  const geometry = placeGeometry(variant, place);
  if (!geometry.usable) return null;
  const found = known.get(geometry);
  if (found) return found;
  const space = computed(geometry, geometry.usable, place);
  known.set(geometry, space);
  return space;
}

function computed(geometry: PlaceGeometry, usable: PlaceRect, place: MeasuredPlace): FreeSpace {
  const { box, isInscribed } = geometry;
  const turn = turnerOf(place.readingDeg, box.widthMm, box.heightMm);
  const outline = geometry.outline.map(turn.point);
  const clear = geometry.clear.map((zone) => zone.map(turn.point));
  const hull = hullOf(outline);
  const [widthMm, heightMm] = turn.isAside ? [box.heightMm, box.widthMm] : [box.widthMm, box.heightMm];
  const blocks = [
    ...blocksOf(outline, hull).map((ring): Block => ({ ring, zone: null })),
    ...clear.flatMap((ring, i) => convexZone(ring).map((part): Block => ({ ring: part, zone: place.clear[i]! }))),
  ];
  const room = turn.rect(usable);
  const middle = turn.point(middleOf(geometry));
  const [right, down] = turn.aim(FRACTIONS[place.anchor]);
  return {
    widthMm,
    heightMm,
    outline,
    clear,
    walls: [...wallsOf(hull), ...limitsOf(geometry, place).map(turn.wall)],
    blocks,
    isRect: !isInscribed,
    usable: room,
    aim: [axisAim(right, room.xMm, room.widthMm, middle[0]), axisAim(down, room.yMm, room.heightMm, middle[1])],
    turnDeg: place.readingDeg,
  };
}

function axisAim(share: Share, fromMm: number, lengthMm: number, middleMm: number): AxisAim {
  return { share, atMm: share === 0.5 ? middleMm : fromMm + share * lengthMm };
}

/** The top left corner of ink of this size that lies where it is wanted. */
export function aimedAt(
  { aim: [across, down] }: Pick<FreeSpace, 'aim'>,
  widthMm: number,
  heightMm: number,
): readonly [number, number] {
  return [across.atMm - across.share * widthMm, down.atMm - down.share * heightMm];
}

/** A clear zone with dents is kept off edge by edge. */
function convexZone(zone: Ring): Ring[] {
  const hull = hullOf(zone);
  return hull.length === zone.length ? [zone] : zone.map((corner, i) => [corner, zone[(i + 1) % zone.length]!]);
}

function wallsOf(hull: Ring): HalfPlane[] {
  return hull.flatMap(([ax, ay], i) => {
    const [bx, by] = hull[(i + 1) % hull.length]!;
    const length = Math.hypot(bx - ax, by - ay);
    if (length < 1e-9) return [];
    // The hull runs clockwise to the eye (y down), so that outside lies to its left.
    const nx = (by - ay) / length;
    const ny = -(bx - ax) / length;
    return [{ nx, ny, c: nx * ax + ny * ay }];
  });
}

/** What is seen of a curved place, and the gap at the sides where lettering is anchored; in the frame of the place. */
function limitsOf({ window, box }: PlaceGeometry, { anchor, anchorGapMm: gap }: MeasuredPlace): HalfPlane[] {
  const walls: HalfPlane[] = [];
  if (window) {
    walls.push({ nx: -1, ny: 0, c: -window.fromMm - FLAT_MM }, { nx: 1, ny: 0, c: window.toMm - FLAT_MM });
  }
  const name = anchor.toLowerCase();
  const from = Math.max(0, window?.fromMm ?? 0);
  const to = Math.min(box.widthMm, window?.toMm ?? box.widthMm);
  if (gap > 0 && name.includes('left')) walls.push({ nx: -1, ny: 0, c: -from - gap });
  if (gap > 0 && name.includes('right')) walls.push({ nx: 1, ny: 0, c: to - gap });
  if (gap > 0 && name.includes('top')) walls.push({ nx: 0, ny: -1, c: -gap });
  if (gap > 0 && name.includes('bottom')) walls.push({ nx: 0, ny: 1, c: box.heightMm - gap });
  return walls;
}

/**
 * From the frame of a place to the reader's.
 * ```
 *   place, reading 90°      reader
 *   ┌───┐  W × H            ┌─────────┐  H × W
 *   │ A │                   │ A n n   │   u = y, v = W − x
 *   │ n │
 *   │ n │
 *   └───┘
 * ```
 */
function turnerOf(deg: ReadingDeg, width: number, height: number) {
  const point = ([x, y]: readonly [number, number]): readonly [number, number] => {
    switch (deg) {
      case 90:
        return [y, width - x];
      case 180:
        return [width - x, height - y];
      case 270:
        return [height - y, x];
      default:
        return [x, y];
    }
  };
  /** A direction turns without being moved. */
  const direction = (x: number, y: number): readonly [number, number] => {
    const [ox, oy] = point([0, 0]);
    const [px, py] = point([x, y]);
    return [px - ox, py - oy];
  };
  return {
    isAside: deg === 90 || deg === 270,
    point,
    wall: ({ nx, ny, c }: HalfPlane): HalfPlane => {
      const [tx, ty] = direction(nx, ny);
      const [px, py] = point([nx * c, ny * c]);
      return { nx: tx, ny: ty, c: tx * px + ty * py };
    },
    rect: ({ xMm, yMm, widthMm, heightMm }: PlaceRect): PlaceRect => {
      const [ax, ay] = point([xMm, yMm]);
      const [bx, by] = point([xMm + widthMm, yMm + heightMm]);
      return { xMm: Math.min(ax, bx), yMm: Math.min(ay, by), widthMm: Math.abs(bx - ax), heightMm: Math.abs(by - ay) };
    },
    aim: ([right, down]: readonly [Share, Share]): readonly [Share, Share] => {
      const other = (share: Share) => (1 - share) as Share;
      switch (deg) {
        case 90:
          return [down, other(right)];
        case 180:
          return [other(right), other(down)];
        case 270:
          return [other(down), right];
        default:
          return [right, down];
      }
    },
  };
}

/** The box in the frame of the place that a box in the reader's frame covers. */
export function boxInPlace({ turnDeg, widthMm: w, heightMm: h }: FreeSpace, box: PlaceRect): PlaceRect {
  const { xMm, yMm, widthMm, heightMm } = box;
  switch (turnDeg) {
    case 90:
      return { xMm: h - yMm - heightMm, yMm: xMm, widthMm: heightMm, heightMm: widthMm };
    case 180:
      return { xMm: w - xMm - widthMm, yMm: h - yMm - heightMm, widthMm, heightMm };
    case 270:
      return { xMm: yMm, yMm: w - xMm - widthMm, widthMm: heightMm, heightMm: widthMm };
    default:
      return box;
  }
}
