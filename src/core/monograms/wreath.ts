/** Leaves on two stems that meet below and leave the head open; all shares are of the stems' radius. */
const OPEN_DEG = 24;
const LEAF_LENGTH = 0.26;
const LEAF_HALF = 0.06;
const LEAF_TURN_DEG = 38;
/** From one pair of leaves to the next, of their length. */
const LEAF_PITCH = 0.8;
const STEM = 0.022;
const ARC_POINTS = 180;
const LEAF_POINTS = 12;
/** How far leaves reach inwards from their stem. */
const REACH = LEAF_LENGTH * Math.sin((LEAF_TURN_DEG * Math.PI) / 180) + LEAF_HALF;

/** Rings of a wreath whose leaves stay clear of a circle. They lie over each other, and are one piece. */
export function wreathRings({ x, y }: { readonly x: number; readonly y: number }, clear: number): Int32Array[] {
  const radius = clear / (1 - REACH);
  const end = Math.PI * (1 - OPEN_DEG / 180);
  const step = LEAF_PITCH * LEAF_LENGTH;
  const numPairs = Math.floor((end - step / 2) / step);
  const turn = (LEAF_TURN_DEG * Math.PI) / 180;
  const leaves = [1, -1].flatMap((side) => [
    ...Array.from({ length: numPairs }, (_, i) => step * (i + 0.5)).flatMap((at) => [
      leaf(at, turn, side),
      leaf(at, -turn, side),
    ]),
    // It grows out of the stem, not from its very end, where a point alone would hold it.
    leaf(end - LEAF_LENGTH / 3, 0, side),
  ]);
  return [stem(end), ...leaves].map((points) =>
    Int32Array.from(
      clockwise(points).flatMap(([px, py]) => [Math.round(x + px * radius), Math.round(y + py * radius)]),
    ),
  );
}

type Points = readonly (readonly [x: number, y: number])[];

/** An arc from one end to the other by way of the foot. */
function stem(end: number): Points {
  const arc = (radius: number) =>
    Array.from({ length: ARC_POINTS + 1 }, (_, i) => {
      const at = end * ((2 * i) / ARC_POINTS - 1);
      return [radius * Math.sin(at), radius * Math.cos(at)] as const;
    });
  return [...arc(1 + STEM), ...arc(1 - STEM).reverse()];
}

/** Pointed at both ends; it grows towards the head, turned away from the stem. */
function leaf(at: number, turn: number, side: number): Points {
  const [fromX, fromY] = [Math.sin(at), Math.cos(at)];
  const heading = at + turn;
  const [alongX, alongY] = [Math.cos(heading), -Math.sin(heading)];
  const edge = (sign: number) =>
    Array.from({ length: LEAF_POINTS + 1 }, (_, i) => {
      const share = i / LEAF_POINTS;
      const along = LEAF_LENGTH * share;
      const aside = sign * LEAF_HALF * Math.sin(Math.PI * share ** 0.85);
      return [side * (fromX + along * alongX - aside * alongY), fromY + along * alongY + aside * alongX] as const;
    });
  return [...edge(1), ...edge(-1).slice(1, -1).reverse()];
}

/** As y goes down. */
function clockwise(points: Points): Points {
  const twiceArea = points.reduce((sum, [ax, ay], i) => {
    const [bx, by] = points[(i + 1) % points.length]!;
    return sum + ax * by - bx * ay;
  }, 0);
  return twiceArea > 0 ? points : points.toReversed();
}
