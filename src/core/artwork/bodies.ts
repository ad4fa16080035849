import { EM_UNITS } from '../faces';
import { type Box, EMPTY_OUTLINE, type Outline, boxOfRings, boxRing, outlineRings, takeOut } from '../geometry';
import type { Body } from '../shop';
import type { SlotLayer } from '../resolve';
import { grownBy } from './grown-by';
import { LEAST_AREA, type Letters } from './letters';
import { reachEmOf } from './reach';

type BodyMake = Extract<SlotLayer['make'], { kind: 'backing' | 'plate' }>;

/** Under all letters, or around what is taken out of it. Without a size it ends where the letters do: what it adds is known then. */
export function bodyOf(make: BodyMake, letters: Letters, emMm: number): Outline {
  const all = letters.all();
  const box = boxOfRings(outlineRings(all));
  if (!box) return EMPTY_OUTLINE;
  const reachEm = reachEmOf(make.distance, letters.capHeightEm, emMm) ?? 0;
  const body = BODY_OF[make.body](all, { box, reachEm, emMm });
  return make.kind === 'plate' ? takeOut(body, all, LEAST_AREA) : body;
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
