import { EM_UNITS } from '../faces';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, boxRing, outlineRings, takeOut } from '../geometry';
import type { Body, StringHole } from '../shop';
import type { SlotLayer } from '../resolve';
import { discOutline } from './disc-outline';
import { grownBy } from './grown-by';
import { LEAST_AREA, type Letters, type MadeLayer } from './letters';
import { reachEmOf } from './reach';
import { sewingLines } from './sewing-lines';

type BodyMake = Extract<SlotLayer['make'], { kind: 'backing' | 'plate' }>;

/** Under all letters, or around what is taken out of it; one as large as its place is made where the place is known. Without a size it ends where the letters do: what it adds is known then. */
export function bodyOf(make: BodyMake, letters: Letters, emMm: number): MadeLayer {
  const outline = make.body === 'place' ? EMPTY_OUTLINE : bodyAround(make, make.body, letters, emMm);
  const sewing = make.kind === 'backing' ? make.sewing : undefined;
  return sewing ? { outline, lines: sewingLines(outline, sewing, emMm) } : { outline };
}

function bodyAround(make: BodyMake, body: Body, letters: Letters, emMm: number): Outline {
  const all = letters.all();
  const text = boxOfRings(outlineRings(all));
  if (!text) return EMPTY_OUTLINE;
  const reachEm = reachEmOf(make.distance, letters.capHeightEm, emMm) ?? 0;
  const hole = make.hole && emMm > 0 ? holeBeside(text, make.hole, emMm) : null;
  // What lies around the hole is grown with the letters, so that the body goes around both as one.
  const around = hole
    ? {
        islands: [
          ...all.islands,
          ...discOutline(hole.x, hole.y, Math.max(LEAST_RADIUS, hole.radius + hole.edge - reachEm * EM_UNITS)).islands,
        ],
      }
    : all;
  const box = boxOfRings(outlineRings(around)) ?? text;
  const solid = BODY_OF[body](around, { box, reachEm, emMm });
  const open = make.kind === 'plate' ? takeOut(solid, all, LEAST_AREA) : solid;
  return hole ? takeOut(open, discOutline(hole.x, hole.y, hole.radius), LEAST_AREA) : open;
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

/** What nothing is left of still has a middle that the body goes around. */
const LEAST_RADIUS = 200;

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
