import { type Ring, joinRings } from '../geometry';
import { lookAtOutline, thinnestStroke } from './measure-outline';

/** All in shares of the height of capitals: how closely is looked, how wide strokes may be, and which thin runs are held by their neighbours. */
const STEP = 0.009;
const MOST_STROKE = 0.6;
const LEAST_RUN = 0.06;
/** The widest of all are the crossings. */
const THICK_SHARE = 0.9;
/** The side of a square that is left from joining, and no letter. */
const CRUMB = 0.002;

/** How many times as thick the thick strokes of letters are as the thinnest one; null where they have none. Some 10 to 20 ms for three letters. */
export function strokeContrast(rings: readonly Ring[], capHeight: number): number | null {
  const outline = joinRings(rings, (CRUMB * capHeight) ** 2);
  const look = lookAtOutline(outline, STEP * capHeight, MOST_STROKE * capHeight, 4 * STEP * capHeight);
  const widths = look.inside.width.filter((width) => width < Infinity).sort();
  const thick = widths[Math.floor(widths.length * THICK_SHARE)];
  const thin = thinnestStroke(look, { least: (MOST_STROKE / 2) * capHeight, leastRun: LEAST_RUN * capHeight });
  return thick === undefined || thin === null || thin.width <= 0 ? null : thick / thin.width;
}
