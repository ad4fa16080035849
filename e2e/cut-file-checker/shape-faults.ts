import type { Point, ReadFile, ReadPiece } from './read-svg';

export interface Clearances {
  readonly spacingMm: number;
  readonly edgeMm: number;
}

/** Twice the rounding of a written coordinate. */
const ROUNDING_MM = 0.002;

/** What can be judged from the shapes alone: winding, holes, crossings, the bed and the clearances. */
export function shapeFaults(file: ReadFile, { spacingMm, edgeMm }: Clearances): string[] {
  const faults = file.pieces.flatMap((piece) => [...windingFaults(piece), ...crossingFaults(piece)]);
  for (const piece of file.pieces) {
    const [minX, minY, maxX, maxY] = boxOf(piece);
    const edge = edgeMm - ROUNDING_MM;
    if (minX < edge || minY < edge || maxX > file.widthMm - edge || maxY > file.heightMm - edge) {
      faults.push(`${piece.text}: outside the bed`);
    }
  }
  file.pieces.forEach((a, i) => {
    for (const b of file.pieces.slice(i + 1)) {
      if (isNearerThan(a, b, spacingMm - ROUNDING_MM)) faults.push(`${a.text} and ${b.text}: too near`);
    }
  });
  return faults;
}

function windingFaults({ text, islands }: ReadPiece): string[] {
  return islands.flatMap(({ rings }) => {
    const outer = rings.at(-1)!;
    const faults: string[] = [];
    if (areaOf(outer) <= 0) faults.push(`${text}: an outer ring runs the wrong way`);
    for (const hole of rings.slice(0, -1)) {
      if (areaOf(hole) >= 0) faults.push(`${text}: a hole runs the wrong way`);
      if (!isInside(middleOfEdge(hole), outer)) faults.push(`${text}: a hole lies outside its ring`);
    }
    return faults;
  });
}

/** Cells of the grid through which crossing edges are found. */
const CELL_MM = 1;

interface GridEdge {
  readonly ringNo: number;
  readonly from: Point;
  readonly to: Point;
}

/** Rings of one piece never cross: where they do, the blade would cut through a join. */
function crossingFaults({ text, islands }: ReadPiece): string[] {
  const cells = new Map<string, GridEdge[]>();
  for (const [ringNo, ring] of islands.flatMap(({ rings }) => rings).entries()) {
    for (const [from, to] of edgesOf(ring)) {
      for (const cell of cellsOf(from, to)) {
        const edges = cells.get(cell) ?? [];
        const isCrossed = edges.some((other) => other.ringNo !== ringNo && doCross(from, to, other.from, other.to));
        if (isCrossed) return [`${text}: an overlap is not joined`];
        cells.set(cell, [...edges, { ringNo, from, to }]);
      }
    }
  }
  return [];
}

function cellsOf([ax, ay]: Point, [bx, by]: Point): string[] {
  const cells: string[] = [];
  for (let x = Math.floor(Math.min(ax, bx) / CELL_MM); x <= Math.max(ax, bx) / CELL_MM; x++) {
    for (let y = Math.floor(Math.min(ay, by) / CELL_MM); y <= Math.max(ay, by) / CELL_MM; y++) cells.push(`${x} ${y}`);
  }
  return cells;
}

function areaOf(ring: readonly Point[]): number {
  return ring.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    return sum + (x * nextY - nextX * y) / 2;
  }, 0);
}

function middleOfEdge(ring: readonly Point[]): Point {
  const [[ax, ay], [bx, by]] = ring as readonly [Point, Point];
  return [(ax + bx) / 2, (ay + by) / 2];
}

function isInside([x, y]: Point, ring: readonly Point[]): boolean {
  return ring.reduce((inside, [ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length]!;
    const crosses = ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay);
    return crosses ? !inside : inside;
  }, false);
}

type Box = readonly [minX: number, minY: number, maxX: number, maxY: number];

function boxOfRing(ring: readonly Point[]): Box {
  const xs = ring.map(([x]) => x);
  const ys = ring.map(([, y]) => y);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

export function boxOf({ islands }: ReadPiece): Box {
  const boxes = islands.map(({ rings }) => boxOfRing(rings.at(-1)!));
  return [
    Math.min(...boxes.map(([x]) => x)),
    Math.min(...boxes.map(([, y]) => y)),
    Math.max(...boxes.map(([, , x]) => x)),
    Math.max(...boxes.map(([, , , y]) => y)),
  ];
}

function doBoxesMeet(a: Box, b: Box, within: number): boolean {
  return a[0] <= b[2] + within && b[0] <= a[2] + within && a[1] <= b[3] + within && b[1] <= a[3] + within;
}

function edgesOf(ring: readonly Point[]): [Point, Point][] {
  return ring.map((point, i) => [point, ring[(i + 1) % ring.length]!]);
}

function doCross(a: Point, b: Point, c: Point, d: Point): boolean {
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function side([ax, ay]: Point, [bx, by]: Point, [x, y]: Point): number {
  return Math.sign((bx - ax) * (y - ay) - (by - ay) * (x - ax));
}

/** Least distance between the outer edges; exact, by every edge of one against every corner of the other. */
function isNearerThan(a: ReadPiece, b: ReadPiece, mm: number): boolean {
  if (!doBoxesMeet(boxOf(a), boxOf(b), mm)) return false;
  const outer = ({ islands }: ReadPiece) => islands.map(({ rings }) => rings.at(-1)!);
  return outer(a).some((ringA) =>
    outer(b).some(
      (ringB) =>
        doBoxesMeet(boxOfRing(ringA), boxOfRing(ringB), mm) &&
        (cornersNear(ringA, ringB, mm) || cornersNear(ringB, ringA, mm)),
    ),
  );
}

function cornersNear(corners: readonly Point[], ring: readonly Point[], mm: number): boolean {
  const box = boxOfRing(ring);
  const near = corners.filter((corner) => doBoxesMeet([...corner, ...corner], box, mm));
  return edgesOf(ring).some((edge) => near.some((corner) => distance(corner, edge) < mm));
}

function distance([x, y]: Point, [[ax, ay], [bx, by]]: readonly [Point, Point]): number {
  const length2 = (bx - ax) ** 2 + (by - ay) ** 2;
  const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length2));
  return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
}
