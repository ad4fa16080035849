import type { FreeSpace } from '../place';
import { heldFit } from './held-fit';
import { inkWalls, type Lie } from './ink-in-space';
import { type InkSource, bodyShape, inkShape } from './ink-shape';
import { FIRST_REACH } from './largest-fit';
import { coarseEdges, grown } from './polish';

/**
 * By how much larger the em could be if nothing rose above the capitals or hung below the line. Among clear zones only growing on
 * from where the text lies is asked for, not another search.
 */
export function gainWithoutExtenders(source: InkSource, space: FreeSpace, found: Lie): number {
  const ink = inkShape(source);
  const body = bodyShape(source);
  if (!ink || !body || body.heightEm > ink.heightEm - LEAST_EXTENDER_EM) return 0;
  if (space.isRect || space.blocks.length === 0) {
    return heldFit(body, space).emMm - found.emMm;
  }
  const start = { ...found, yMm: found.yMm + body.topEm * found.emMm };
  const reachMm = FIRST_REACH * Math.min(space.widthMm, space.heightMm);
  return Math.max(
    0,
    grown(coarseEdges(body, space), { walls: inkWalls(body, space), space }, start, reachMm).emMm - found.emMm,
  );
}

/** Round letters overshoot their line by about this much; that is no descender. */
const LEAST_EXTENDER_EM = 0.03;
