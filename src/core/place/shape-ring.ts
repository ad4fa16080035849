import { assertNever } from '../outcome';
import type { Shape } from '../shop';

/** A closed ring of corners in millimetres, y down; the last joins the first. */
export type Ring = readonly (readonly [x: number, y: number])[];

/** How far a chord may lie from the curve that it stands for. */
export const FLAT_MM = 0.005;

/** The outline of a shape in its own frame: bounding box at the origin. Curves are flattened to within `FLAT_MM`. */
export function shapeRing(shape: Shape): Ring {
  switch (shape.kind) {
    case 'rect':
      return box(shape.widthMm, shape.heightMm);
    case 'roundedRect':
      return withoutDoubles(roundedRing(shape.widthMm, shape.heightMm, shape.radiusMm));
    case 'ellipse':
      return arc(shape.widthMm / 2, shape.heightMm / 2, [shape.widthMm / 2, shape.heightMm / 2], 0, 2 * Math.PI).slice(
        1,
      );
    case 'taper':
      return taperRing(shape.topWidthMm, shape.bottomWidthMm, shape.heightMm);
    case 'ringPart':
      return ringPartRing(shape);
    case 'polygon':
      return withoutDoubles(toOrigin(shape.corners));
    default:
      return assertNever(shape);
  }
}

/** A corner that stands twice in a row, as by a doubled click, is one. */
function withoutDoubles(ring: Ring): Ring {
  return ring.filter(([x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    return Math.abs(x - nextX) > 1e-9 || Math.abs(y - nextY) > 1e-9;
  });
}

function box(width: number, height: number): Ring {
  return [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ];
}

function roundedRing(width: number, height: number, radius: number): Ring {
  const r = Math.min(radius, width / 2, height / 2);
  if (r === 0) return box(width, height);
  const quarter = Math.PI / 2;
  const corners: readonly (readonly [number, number])[] = [
    [width - r, r],
    [width - r, height - r],
    [r, height - r],
    [r, r],
  ];
  return corners.flatMap((middle, i) => arc(r, r, middle, (i - 1) * quarter, i * quarter));
}

function taperRing(top: number, bottom: number, height: number): Ring {
  const half = Math.max(top, bottom) / 2;
  return [
    [half - top / 2, 0],
    [half + top / 2, 0],
    [half + bottom / 2, height],
    [half - bottom / 2, height],
  ];
}

/**
 * ```
 *      .--''''--.       outer edge
 *    <    .--.    >     outerAt: 'top'
 *      \/      \/       inner edge
 * ```
 */
function ringPartRing({ innerRadiusMm, outerRadiusMm, sweepDeg, outerAt }: Extract<Shape, { kind: 'ringPart' }>): Ring {
  const half = (sweepDeg * Math.PI) / 360;
  const up = -Math.PI / 2;
  const outer = arc(outerRadiusMm, outerRadiusMm, [0, 0], up - half, up + half);
  const inner =
    innerRadiusMm === 0 ? [[0, 0] as const] : arc(innerRadiusMm, innerRadiusMm, [0, 0], up - half, up + half).reverse();
  const ring = toOrigin([...outer, ...inner]);
  if (outerAt === 'top') return ring;
  const height = Math.max(...ring.map(([, y]) => y));
  return ring.map(([x, y]) => [x, height - y] as const);
}

/** From one angle to another, both ends included; angles run clockwise from the right, since y points down. */
function arc(
  radiusX: number,
  radiusY: number,
  [x, y]: readonly [number, number],
  from: number,
  to: number,
): (readonly [number, number])[] {
  const radius = Math.max(radiusX, radiusY);
  // The sagitta of a chord over angle a is r (1 - cos(a/2)).
  const most = 2 * Math.acos(Math.max(0, 1 - FLAT_MM / radius));
  const steps = Math.max(2, Math.ceil((to - from) / most));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = from + ((to - from) * i) / steps;
    return [x + radiusX * Math.cos(angle), y + radiusY * Math.sin(angle)] as const;
  });
}

function toOrigin(ring: Ring): Ring {
  const minX = Math.min(...ring.map(([x]) => x));
  const minY = Math.min(...ring.map(([, y]) => y));
  return ring.map(([x, y]) => [x - minX, y - minY] as const);
}

export function movedRing(ring: Ring, byX: number, byY: number): Ring {
  return ring.map(([x, y]) => [x + byX, y + byY] as const);
}

/** Area in square millimetres, whichever way round the ring runs. */
export function ringArea(ring: Ring): number {
  let doubled = 0;
  ring.forEach(([x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    doubled += x * nextY - nextX * y;
  });
  return Math.abs(doubled) / 2;
}

/** By counting edges to the right: even means outside. Points on an edge may fall either way. */
export function isInRing(ring: Ring, px: number, py: number): boolean {
  let isIn = false;
  ring.forEach(([x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    if (y > py !== nextY > py && px < x + ((py - y) / (nextY - y)) * (nextX - x)) isIn = !isIn;
  });
  return isIn;
}

/** The first two edges that cross, by the numbers of the corners they start at (from 1); null when none do. */
export function crossingEdges(ring: Ring): readonly [number, number] | null {
  const n = ring.length;
  for (let i = 0; i < n; i++) {
    for (let k = i + 1; k < n; k++) {
      const isNeighbour = k === i + 1 || (i === 0 && k === n - 1);
      if (!isNeighbour && doCross(ring[i]!, ring[(i + 1) % n]!, ring[k]!, ring[(k + 1) % n]!)) return [i + 1, k + 1];
    }
  }
  return null;
}

type Point = readonly [number, number];

/** Touching counts: a place that meets itself in a point is measured wrongly as well. */
function doCross(a: Point, b: Point, c: Point, d: Point): boolean {
  const [s1, s2, s3, s4] = [sideOf(a, b, c), sideOf(a, b, d), sideOf(c, d, a), sideOf(c, d, b)];
  if (s1 === 0 && s2 === 0) return overlap(a, b, c, d, 0) && overlap(a, b, c, d, 1);
  return s1 * s2 <= 0 && s3 * s4 <= 0;
}

function sideOf([ax, ay]: Point, [bx, by]: Point, [px, py]: Point): number {
  return Math.sign((bx - ax) * (py - ay) - (by - ay) * (px - ax));
}

function overlap(a: Point, b: Point, c: Point, d: Point, axis: 0 | 1): boolean {
  return (
    Math.max(Math.min(a[axis], b[axis]), Math.min(c[axis], d[axis])) <=
    Math.min(Math.max(a[axis], b[axis]), Math.max(c[axis], d[axis]))
  );
}
