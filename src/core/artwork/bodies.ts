import { EM_UNITS } from '../faces';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, boxRing, outlineRings, takeOut } from '../geometry';
import type { Body, StringHole } from '../shop';
import type { SlotLayer } from '../resolve';
import { grownBy } from './grown-by';
import { LEAST_AREA, type Letters } from './letters';
import { reachEmOf } from './reach';

type BodyMake = Extract<SlotLayer['make'], { kind: 'backing' | 'plate' }>;

/** Under all letters, or around what is taken out of it. Without a size it ends where the letters do: what it adds is known then. */
export function bodyOf(make: BodyMake, letters: Letters, emMm: number): Outline {
  const all = letters.all();
  const text = boxOfRings(outlineRings(all));
  if (!text) return EMPTY_OUTLINE;
  const reachEm = reachEmOf(make.distance, letters.capHeightEm, emMm) ?? 0;
  const hole = make.hole && emMm > 0 ? holeBeside(text, make.hole, emMm) : null;
  // What lies around the hole is grown with the letters, so that the body goes around both as one.
  const around = hole
    ? { islands: [...all.islands, ...discOutline(hole, hole.radius + hole.edge - reachEm * EM_UNITS).islands] }
    : all;
  const box = boxOfRings(outlineRings(around)) ?? text;
  const body = BODY_OF[make.body](around, { box, reachEm, emMm });
  const open = make.kind === 'plate' ? takeOut(body, all, LEAST_AREA) : body;
  return hole ? takeOut(open, discOutline(hole, hole.radius), LEAST_AREA) : open;
}

/** A hole where it lies, in the units of the letters. */
interface PlacedHole {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
  readonly edge: number;
}

function holeBeside(
  { minX, minY, maxX, maxY }: Box,
  { side, diameterMm, edgeMm }: StringHole,
  emMm: number,
): PlacedHole {
  const units = EM_UNITS / emMm;
  const [radius, edge] = [(diameterMm / 2) * units, edgeMm * units];
  const off = edge + radius;
  return side === 'left'
    ? { x: minX - off, y: (minY + maxY) / 2, radius, edge }
    : { x: (minX + maxX) / 2, y: minY - off, radius, edge };
}

/** Corners of what is cut as a circle: at 5 mm across less than a hundredth of a millimetre off. */
const DISC_CORNERS = 72;
/** What nothing is left of still has a middle that the body goes around. */
const LEAST_RADIUS = 200;

function discOutline({ x, y }: Pick<PlacedHole, 'x' | 'y'>, radius: number): Outline {
  const r = Math.max(LEAST_RADIUS, radius);
  const corners = Array.from({ length: DISC_CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / DISC_CORNERS;
    return [x + r * Math.cos(angle), y + r * Math.sin(angle)];
  });
  return { islands: [{ outer: Int32Array.from(corners.flat(), Math.round), holes: [] }] };
}

interface Around {
  readonly box: Box;
  readonly reachEm: number;
  readonly emMm: number;
}

const BODY_OF: Readonly<Record<Body, (letters: Outline, around: Around) => Outline>> = {
  box: (_, { box, reachEm }) => boxOutline(grownBox(box, reachEm * EM_UNITS)),
  rounded: (_, { box, reachEm, emMm }) => grownBy(boxOutline(box), reachEm, emMm),
  // Twice as far and back: bays between letters close, and what is left of them is round.
  grown: (letters, { reachEm, emMm }) =>
    withoutHoles(grownBy(grownBy(withoutHoles(letters), 2 * reachEm, emMm), -reachEm, emMm)),
};

function boxOutline(box: Box): Outline {
  return { islands: [{ outer: boxRing(box), holes: [] }] };
}

function grownBox({ minX, minY, maxX, maxY }: Box, by: number): Box {
  const whole = Math.round(by);
  return { minX: minX - whole, minY: minY - whole, maxX: maxX + whole, maxY: maxY + whole };
}

function withoutHoles({ islands }: Outline): Outline {
  return { islands: islands.map(({ outer }) => ({ outer, holes: [] })) };
}
