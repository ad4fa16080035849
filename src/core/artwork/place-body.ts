import { EM_UNITS } from '../faces';
import { type Outline, type Ring, boxOfRings, joinOutlines, mapOutline, outlineRings, takeOut } from '../geometry';
import type { Fold } from '../shop';
import type { SlotLayer } from '../resolve';
import { discOutline } from './disc-outline';
import { LEAST_AREA, type MadeLayer, type MadeLine } from './letters';
import { sewingLines } from './sewing-lines';

type BackingMake = Extract<SlotLayer['make'], { kind: 'backing' }>;

/** A hole where it lies, in the frame of what it is cut into. */
export interface Hole {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** A body as large as its place, which `place` is in the units of the letters: with its hole, as large once more beyond a fold. */
export function placeBody(make: BackingMake, place: Ring, hole: Hole | null, emMm: number): MadeLayer {
  const whole: Outline = { islands: [{ outer: place, holes: [] }] };
  const half = hole ? takeOut(whole, discOutline(hole.x, hole.y, hole.radius), LEAST_AREA) : whole;
  const units = EM_UNITS / emMm;
  const folded = make.fold ? unfolded(half, make.fold, units) : { outline: half, lines: [] };
  const sewn = make.sewing ? sewingLines(folded.outline, make.sewing, emMm) : [];
  return { outline: folded.outline, lines: [...folded.lines, ...sewn] };
}

/** Nearer than that to the fold, a corner lies on it. */
const ON_FOLD_MM = 0.02;
/** Halves that hang together by less are none of one card: nothing is scored. */
const LEAST_FOLD_MM = 5;

/** Both halves in one, and the line between them where they hang together. */
function unfolded(
  half: Outline,
  fold: Fold,
  units: number,
): { readonly outline: Outline; readonly lines: readonly MadeLine[] } {
  const box = boxOfRings(outlineRings(half))!;
  const at = fold === 'top' ? box.minY : box.minX;
  const other = fold === 'top' ? mapOutline(half, 1, -1, 0, 2 * at) : mapOutline(half, -1, 1, 2 * at, 0);
  const along = half.islands.flatMap(({ outer }) => onFold(outer, fold, at, ON_FOLD_MM * units));
  const [from, to] = [Math.min(...along), Math.max(...along)];
  const ring = fold === 'top' ? [from, at, to, at] : [at, from, at, to];
  return {
    outline: joinOutlines([half, other], LEAST_AREA),
    lines: to - from >= LEAST_FOLD_MM * units ? [{ by: 'score', ring: Int32Array.from(ring) }] : [],
  };
}

/** Where along the fold the corners lie that lie on it. */
function onFold(ring: Ring, fold: Fold, at: number, near: number): number[] {
  const along: number[] = [];
  for (let i = 0; i < ring.length; i += 2) {
    const [x, y] = [ring[i]!, ring[i + 1]!];
    if (Math.abs((fold === 'top' ? y : x) - at) <= near) along.push(fold === 'top' ? x : y);
  }
  return along;
}
