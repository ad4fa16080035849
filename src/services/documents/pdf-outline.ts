import { type Outline, type Ring, outlineRings } from '@/core/geometry';
import { UM10_PER_MM } from '@/core/units';
import { PT } from './pdf-parts';

/** What nobody sees on paper: points nearer to the line between their neighbours than this are left out. */
export const UNSEEN_MM = 0.02;

/**
 * The points of a ring that its shape needs: none that is left out lies farther from what remains than `within`, in the ring's own unit.
 * Keeps its first point.
 */
export function thinnedRing(ring: Ring, within: number): number[] {
  const num = ring.length / 2;
  if (num < 4) return Array.from(ring);
  const isKept = new Uint8Array(num);
  // A ring has no ends: it is cut at its first point, and at those that a ruler is laid to, which stay where they are.
  const ends = [...new Set([0, ...outermost(ring)])].sort((a, b) => a - b);
  for (const end of ends) isKept[end] = 1;
  const open = ends.map((from, i): [from: number, to: number] => [from, ends[i + 1] ?? num]);
  for (let part = open.pop(); part; part = open.pop()) {
    const [from, to] = part;
    const { at, distance } = farthestBetween(ring, from, to);
    if (distance <= within) continue;
    isKept[at] = 1;
    open.push([from, at], [at, to]);
  }
  const points: number[] = [];
  for (let i = 0; i < num; i++) if (isKept[i] === 1) points.push(ring[2 * i]!, ring[2 * i + 1]!);
  return points;
}

/** The first point that lies farthest to each side. */
function outermost(ring: Ring): number[] {
  const at = [0, 0, 0, 0];
  for (let i = 1; i < ring.length / 2; i++) {
    const [x, y] = [ring[2 * i]!, ring[2 * i + 1]!];
    if (x < ring[2 * at[0]!]!) at[0] = i;
    if (x > ring[2 * at[1]!]!) at[1] = i;
    if (y < ring[2 * at[2]! + 1]!) at[2] = i;
    if (y > ring[2 * at[3]! + 1]!) at[3] = i;
  }
  return at;
}

/** The point between two others that lies farthest from the line between them; `to` may be one past the last, which is the first. */
function farthestBetween(ring: Ring, from: number, to: number): { at: number; distance: number } {
  const end = to % (ring.length / 2);
  const [x, y] = [ring[2 * from]!, ring[2 * from + 1]!];
  const [dx, dy] = [ring[2 * end]! - x, ring[2 * end + 1]! - y];
  const square = dx * dx + dy * dy;
  let at = from;
  let most = 0;
  for (let i = from + 1; i < to; i++) {
    const px = ring[2 * i]! - x;
    const py = ring[2 * i + 1]! - y;
    const off = squareOff(px, py, dx, dy, square);
    if (off > most) {
      at = i;
      most = off;
    }
  }
  return { at, distance: Math.sqrt(most) };
}

/** How far a point lies from the stretch between the origin and another point, squared. Plain numbers: asked of millions. */
// eslint-disable-next-line max-params -- an object for each point costs more than the sum
function squareOff(px: number, py: number, dx: number, dy: number, square: number): number {
  const along = px * dx + py * dy;
  if (along <= 0) return px * px + py * py;
  if (along >= square) return (px - dx) ** 2 + (py - dy) ** 2;
  const across = px * dy - py * dx;
  return (across * across) / square;
}

/** Points of the page to a unit in which coordinates are written as whole numbers: 9 µm, half of which nobody sees. */
const GRID_PT = 0.025;

interface OutlineAt {
  /** Of the outline's origin, millimetres of the page. */
  readonly xMm: number;
  readonly yMm: number;
  readonly scale: number;
  /** What it is filled with; null: nothing. */
  readonly fill: string | null;
  /** What its edges are drawn in, a hair wide; null: nothing. */
  readonly edge: string | null;
}

const HAIR_MM = 0.12;

/** Draws an outline on a page, its points thinned to what can be seen at that scale. */
export function drawOutline(doc: PDFKit.PDFDocument, outline: Outline, look: OutlineAt): void {
  const { xMm, yMm, scale, fill, edge } = look;
  if (outline.islands.length === 0) return;
  const within = (UNSEEN_MM / scale) * UM10_PER_MM;
  const unit = (PT * scale) / UM10_PER_MM / GRID_PT;
  const steps: string[] = [];
  for (const ring of outlineRings(outline)) {
    const points = ring.length > 4 ? thinnedRing(ring, within) : ring;
    for (let i = 0; i < points.length; i += 2)
      steps.push(`${Math.round(points[i]! * unit)} ${Math.round(points[i + 1]! * unit)} ${i === 0 ? 'm' : 'l'}`);
    steps.push('h');
  }
  doc.save();
  doc
    .translate(xMm * PT, yMm * PT)
    .scale(GRID_PT)
    .lineWidth((HAIR_MM * PT) / GRID_PT);
  if (fill !== null) doc.fillColor(fill);
  if (edge !== null) doc.strokeColor(edge);
  doc.addContent(`${steps.join('\n')}\n${fill === null ? 'S' : edge === null ? 'f*' : 'B*'}`);
  doc.restore();
}
