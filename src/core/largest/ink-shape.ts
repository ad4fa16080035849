import { EM_UNITS } from '../faces';
import { type Box, boxWidth } from '../geometry';
import type { Artwork } from '../artwork';
import { hullOf } from '../place';

/** What the search needs of a drawn text: all of its layers as one. */
export type InkSource = Pick<Artwork, 'outline' | 'inkBox' | 'capHeightEm' | 'lastBaselineEm'>;

/** Closed rings of `x0, y0, x1, y1, …` in em, the ink's top left corner at the origin. */
type FlatRing = Float64Array;

/** An upright box of ink, in em. */
export interface InkRow {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

/**
 * Ink as the search for its largest size sees it, in em. Holes count as ink, but for zones that may lie in a loop: else no letter
 * is put round a button. A rectangle asks for nothing but the box, so that all else is made when it is asked for.
 */
export class InkShape {
  readonly widthEm: number;
  readonly heightEm: number;
  /** How far its top lies below that of the whole ink. */
  readonly topEm: number;
  readonly #source: InkSource;
  readonly #level: (y: number) => number;
  #rings: readonly FlatRing[] | null = null;
  #loops: readonly FlatRing[] | null = null;
  #coarse: readonly FlatRing[] | null = null;
  #hull: Float64Array | null = null;
  #rows: readonly InkRow[] | null = null;
  #openRows: readonly InkRow[] | null = null;

  constructor(source: InkSource, box: Box, level: (y: number) => number) {
    this.#source = source;
    this.#level = level;
    this.widthEm = boxWidth(box) / EM_UNITS;
    this.topEm = (level(box.minY) - box.minY) / EM_UNITS;
    this.heightEm = (level(box.maxY) - level(box.minY)) / EM_UNITS;
  }

  /** Outer rings with every point that the cutter gets. */
  get rings(): readonly FlatRing[] {
    this.#rings ??= ringsInEm(this.#source, this.#level, 'outer');
    return this.#rings;
  }

  /** Edges of the holes, for zones that may lie in them. */
  get loops(): readonly FlatRing[] {
    this.#loops ??= ringsInEm(this.#source, this.#level, 'holes');
    return this.#loops;
  }

  /** The same with points left out that lie within `COARSE_EM` of the line past them. */
  get coarse(): readonly FlatRing[] {
    this.#coarse ??= this.rings.map((ring) => thinned(ring, COARSE_EM));
    return this.#coarse;
  }

  get hull(): Float64Array {
    this.#hull ??= Float64Array.from(hullOf(outermost(this.rings, this.coarse)).flat());
    return this.#hull;
  }

  /** Boxes that cover the ink, widest first. */
  get rows(): readonly InkRow[] {
    this.#rows ??= inkRows(this.coarse, this.widthEm, this.heightEm);
    return this.#rows;
  }

  /** The same with the holes left free. */
  get openRows(): readonly InkRow[] {
    this.#openRows ??= inkRows([...this.coarse, ...this.loops], this.widthEm, this.heightEm);
    return this.#openRows;
  }
}

export const COARSE_EM = 0.006;
const NUM_ROWS = 64;
const NUM_BINS = 600;
/** No clear zone worth its name fits between letters that stand nearer. */
const CLOSED_GAP_EM = 0.02;

const shapes = new WeakMap<InkSource, InkShape>();
const bodies = new WeakMap<InkSource, InkShape>();

/** Null without ink. Made once for a drawn text. */
export function inkShape(source: InkSource): InkShape | null {
  return remembered(shapes, source, (y) => y);
}

/** The same without what rises above the capitals of the first line or hangs below the last baseline. */
export function bodyShape(source: InkSource): InkShape | null {
  const top = -source.capHeightEm * EM_UNITS;
  const bottom = source.lastBaselineEm * EM_UNITS;
  return remembered(bodies, source, (y) => Math.min(bottom, Math.max(top, y)));
}

function remembered(
  known: WeakMap<InkSource, InkShape>,
  source: InkSource,
  level: (y: number) => number,
): InkShape | null {
  if (!source.inkBox) return null;
  const shape = known.get(source) ?? new InkShape(source, source.inkBox, level);
  known.set(source, shape);
  return shape;
}

function ringsInEm({ outline, inkBox }: InkSource, level: (y: number) => number, which: 'outer' | 'holes'): FlatRing[] {
  const left = inkBox!.minX;
  const top = level(inkBox!.minY);
  const rings = outline.islands.flatMap(({ outer, holes }) => (which === 'outer' ? [outer] : holes));
  return rings.map((units) => {
    const ring = new Float64Array(units.length);
    for (let i = 0; i < units.length; i += 2) {
      ring[i] = (units[i]! - left) / EM_UNITS;
      ring[i + 1] = (level(units[i + 1]!) - top) / EM_UNITS;
    }
    return ring;
  });
}

const NUM_DIRECTIONS = 16;

/**
 * The points that may be corners of the hull: those not inside the polygon of the outermost ones in a few directions
 * (S. Akl and G. Toussaint, 1978). Most of a text's points go.
 */
function outermost(rings: readonly FlatRing[], coarse: readonly FlatRing[]): (readonly [number, number])[] {
  const corners: (readonly [number, number])[] = [];
  for (let k = 0; k < NUM_DIRECTIONS; k++) {
    const angle = (2 * Math.PI * k) / NUM_DIRECTIONS;
    const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
    let most = -Infinity;
    let x = 0;
    let y = 0;
    for (const ring of coarse) {
      for (let i = 0; i < ring.length; i += 2) {
        const value = nx * ring[i]! + ny * ring[i + 1]!;
        if (value <= most) continue;
        most = value;
        x = ring[i]!;
        y = ring[i + 1]!;
      }
    }
    corners.push([x, y]);
  }
  const inner = Float64Array.from(hullOf(corners).flat());
  const kept = [...corners];
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i += 2) {
      if (!isWellInside(inner, ring[i]!, ring[i + 1]!)) kept.push([ring[i]!, ring[i + 1]!]);
    }
  }
  return kept;
}

function isWellInside(hull: Float64Array, x: number, y: number): boolean {
  for (let i = 0, j = hull.length - 2; i < hull.length; j = i, i += 2) {
    const ax = hull[j]!;
    const ay = hull[j + 1]!;
    if ((hull[i]! - ax) * (y - ay) - (hull[i + 1]! - ay) * (x - ax) <= 0) return false;
  }
  return hull.length > 4;
}

/** Points that stray from the line past them are kept (D. Douglas and T. Peucker, 1973). */
export function thinned(ring: FlatRing, tolerance: number): FlatRing {
  const num = ring.length / 2;
  const isKept = new Uint8Array(num);
  isKept[0] = 1;
  let far = 0;
  for (let i = 1, most = 0; i < num; i++) {
    const distance2 = (ring[2 * i]! - ring[0]!) ** 2 + (ring[2 * i + 1]! - ring[1]!) ** 2;
    if (distance2 <= most) continue;
    most = distance2;
    far = i;
  }
  isKept[far] = 1;
  const open: [number, number][] = [
    [0, far],
    [far, num],
  ];
  for (let span = open.pop(); span; span = open.pop()) {
    const [from, to] = span;
    const [ax, ay] = [ring[2 * from]!, ring[2 * from + 1]!];
    const end = to % num;
    const [dx, dy] = [ring[2 * end]! - ax, ring[2 * end + 1]! - ay];
    const length = Math.hypot(dx, dy) || 1;
    let most = tolerance * length;
    let at = -1;
    for (let i = from + 1; i < to; i++) {
      const strays = Math.abs(dx * (ring[2 * i + 1]! - ay) - dy * (ring[2 * i]! - ax));
      if (strays <= most) continue;
      most = strays;
      at = i;
    }
    if (at < 0) continue;
    isKept[at] = 1;
    open.push([from, at], [at, to]);
  }
  const kept: number[] = [];
  for (let i = 0; i < num; i++) if (isKept[i]) kept.push(ring[2 * i]!, ring[2 * i + 1]!);
  return Float64Array.from(kept);
}

/** In each of a few bands across, the stretches that ink takes, to a fraction of its width; small gaps are closed. */
function inkRows(rings: readonly FlatRing[], widthEm: number, heightEm: number): InkRow[] {
  const bandEm = heightEm / NUM_ROWS || 1;
  const binEm = widthEm / NUM_BINS || 1;
  const isInk = new Uint8Array(NUM_ROWS * NUM_BINS);
  const mark = (band: number, from: number, to: number) => {
    const last = Math.min(NUM_BINS - 1, Math.floor(to / binEm));
    isInk.fill(1, band * NUM_BINS + Math.max(0, Math.floor(from / binEm)), band * NUM_BINS + last + 1);
  };
  for (const ring of rings) markRing(ring, bandEm, mark);
  const rows: InkRow[] = [];
  const closed = Math.ceil(CLOSED_GAP_EM / binEm);
  for (let band = 0; band < NUM_ROWS; band++) {
    let from = -1;
    let to = -1;
    const add = () =>
      rows.push({ minX: from * binEm, maxX: (to + 1) * binEm, minY: band * bandEm, maxY: (band + 1) * bandEm });
    for (let bin = 0; bin < NUM_BINS; bin++) {
      if (!isInk[band * NUM_BINS + bin]) continue;
      if (from >= 0 && bin - to > closed) {
        add();
        from = -1;
      }
      if (from < 0) from = bin;
      to = bin;
    }
    if (from >= 0) add();
  }
  return rows.sort((a, b) => b.maxX - b.minX - (a.maxX - a.minX));
}

/** What a ring's edges cover of each band that they pass, and what lies between them on the band's middle. */
function markRing(ring: FlatRing, bandEm: number, mark: (band: number, from: number, to: number) => void): void {
  const crossings: number[][] = [];
  for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
    const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
    const [top, bottom] = ay < by ? [ay, by] : [by, ay];
    const first = Math.min(NUM_ROWS - 1, Math.max(0, Math.floor(top / bandEm)));
    const end = Math.min(NUM_ROWS - 1, Math.max(0, Math.floor(bottom / bandEm)));
    const slope = ay === by ? 0 : (bx - ax) / (by - ay);
    for (let band = first; band <= end; band++) {
      const p = first === end ? ax : ax + slope * (Math.max(top, band * bandEm) - ay);
      const q = first === end ? bx : ax + slope * (Math.min(bottom, (band + 1) * bandEm) - ay);
      mark(band, p < q ? p : q, p < q ? q : p);
      const middle = (band + 0.5) * bandEm;
      if (ay > middle !== by > middle) (crossings[band] ??= []).push(ax + slope * (middle - ay));
    }
  }
  crossings.forEach((own, band) => {
    own.sort((a, b) => a - b);
    for (let k = 0; k + 1 < own.length; k += 2) mark(band, own[k]!, own[k + 1]!);
  });
}

/** How far points reach along a direction, in em. */
export function reach(rings: readonly FlatRing[], nx: number, ny: number): number {
  let most = -Infinity;
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i += 2) {
      const value = nx * ring[i]! + ny * ring[i + 1]!;
      if (value > most) most = value;
    }
  }
  return most;
}
