import * as hb from 'harfbuzzjs';
import { flattenCubic, flattenQuadratic } from '../geometry/flatten';
import { FLATTEN_TOLERANCE_EM } from './em-units';

/** What the engine's callbacks write into while one glyph is drawn. */
interface Drawing {
  readonly rings: Float64Array[];
  ring: number[];
  x: number;
  y: number;
  tolerance: number;
}

const drawing: Drawing = { rings: [], ring: [], x: 0, y: 0, tolerance: 0 };

const drawFuncs = new hb.DrawFuncs();
drawFuncs.setMoveToFunc((x, y) => startRing(x, y));
drawFuncs.setLineToFunc((x, y) => {
  drawing.ring.push(x, y);
  movePen(x, y);
});
drawFuncs.setQuadraticToFunc((cx, cy, x, y) => {
  flattenQuadratic(drawing.ring, [drawing.x, drawing.y, cx, cy, x, y], drawing.tolerance);
  movePen(x, y);
});
drawFuncs.setCubicToFunc((ax, ay, bx, by, x, y) => {
  flattenCubic(drawing.ring, [drawing.x, drawing.y, ax, ay, bx, by, x, y], drawing.tolerance);
  movePen(x, y);
});
drawFuncs.setClosePathFunc(() => endRing());

function movePen(x: number, y: number): void {
  drawing.x = x;
  drawing.y = y;
}

function startRing(x: number, y: number): void {
  drawing.ring = [x, y];
  movePen(x, y);
}

function endRing(): void {
  const { ring, rings } = drawing;
  if (ring.length >= 6) rings.push(Float64Array.from(ring));
  drawing.ring = [];
}

/** A letter of a drawn face has some hundred points. What has more, or leaves the sheet, was made to do harm, or is damaged. */
export const MOST_GLYPH_POINTS = 10_000;
export const MOST_GLYPH_EM = 4;

/** Flattened rings of a glyph in font units, y up; null for one that must not be drawn. */
export type GlyphDrawer = (glyphId: number) => readonly Float64Array[] | null;

/** Draws each glyph once and then remembers it. */
export function glyphDrawer(font: hb.Font, unitsPerEm: number): GlyphDrawer {
  const drawn = new Map<number, readonly Float64Array[] | null>();
  return (glyphId) => {
    const known = drawn.get(glyphId);
    if (known !== undefined) return known;
    drawing.rings.length = 0;
    drawing.tolerance = FLATTEN_TOLERANCE_EM * unitsPerEm;
    font.drawGlyph(glyphId, drawFuncs);
    const rings = isFit(drawing.rings, unitsPerEm) ? [...drawing.rings] : null;
    drawn.set(glyphId, rings);
    return rings;
  };
}

function isFit(rings: readonly Float64Array[], unitsPerEm: number): boolean {
  const most = MOST_GLYPH_EM * unitsPerEm;
  const numPoints = rings.reduce((sum, ring) => sum + ring.length / 2, 0);
  // What is not a number is not within bounds either.
  return numPoints <= MOST_GLYPH_POINTS && rings.every((ring) => ring.every((value) => Math.abs(value) <= most));
}
