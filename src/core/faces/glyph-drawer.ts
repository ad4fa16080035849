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

/** A function from glyph id to flattened rings in font units, y up, that draws each glyph once and then remembers it. */
export function glyphDrawer(font: hb.Font, unitsPerEm: number): (glyphId: number) => readonly Float64Array[] {
  const drawn = new Map<number, readonly Float64Array[]>();
  return (glyphId) => {
    const known = drawn.get(glyphId);
    if (known) return known;
    drawing.rings.length = 0;
    drawing.tolerance = FLATTEN_TOLERANCE_EM * unitsPerEm;
    font.drawGlyph(glyphId, drawFuncs);
    const rings = [...drawing.rings];
    drawn.set(glyphId, rings);
    return rings;
  };
}
