import { type Outline, boxOfRings, outlineRings } from '@/core/geometry';

/** By name: under the unit test's isolation every look at a global costs, and these loops look millions of times. */
const { ceil, cos: cosine, max, min, PI, sin: sine } = Math;

/**
 * The definition of thin strokes and narrow gaps, done by pixels and nothing else: an opening by a disc, what it loses,
 * and whether what it leaves is in one part. Slow and plain, to hold the fast way against.
 */
export interface Raster {
  readonly columns: number;
  readonly rows: number;
  readonly pixelMm: number;
  /** 1 where there is material. */
  readonly material: Uint8Array;
}

/** Pixels by their centres, even-odd; `unitMm` is the size of the outline's unit. A margin of clear pixels round the frame. */
export function rasterOf(
  outline: Outline,
  unitMm: number,
  pixelMm: number,
  marginMm: number,
  frame: Outline = outline,
): Raster {
  const box = boxOfRings(outlineRings(frame))!;
  const scale = unitMm / pixelMm;
  const margin = ceil(marginMm / pixelMm);
  const columns = ceil((box.maxX - box.minX) * scale) + 2 * margin;
  const rows = ceil((box.maxY - box.minY) * scale) + 2 * margin;
  const crossings: number[][] = Array.from({ length: rows }, () => []);
  for (const ring of outlineRings(outline)) {
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [x0, y0] = [(ring[j]! - box.minX) * scale + margin, (ring[j + 1]! - box.minY) * scale + margin];
      const [x1, y1] = [(ring[i]! - box.minX) * scale + margin, (ring[i + 1]! - box.minY) * scale + margin];
      const [low, high] = [min(y0, y1), max(y0, y1)];
      for (let row = ceil(low - 0.5); row + 0.5 < high; row++) {
        if (row + 0.5 < low) continue;
        crossings[row]!.push(x0 + ((row + 0.5 - y0) * (x1 - x0)) / (y1 - y0));
      }
    }
  }
  const material = new Uint8Array(columns * rows);
  crossings.forEach((xs, row) => {
    xs.sort((a, b) => a - b);
    for (let k = 0; k + 1 < xs.length; k += 2) {
      for (let column = ceil(xs[k]! - 0.5); column + 0.5 < xs[k + 1]!; column++) material[row * columns + column] = 1;
    }
  });
  return { columns, rows, pixelMm, material };
}

export function inverted(raster: Raster): Raster {
  return { ...raster, material: raster.material.map((value) => 1 - value) };
}

/** Squared distance in pixels from every pixel to the nearest one where `isSource` is 1. Exact, by lower parabolas. */
function squaredDistance({ columns, rows }: Raster, isSource: Uint8Array): Float64Array {
  const far = 1e12;
  const distance = Float64Array.from(isSource, (value) => (value ? 0 : far));
  const most = max(columns, rows);
  const line = new Float64Array(most);
  const at = new Int32Array(most);
  const from = new Float64Array(most + 1);
  const pass = (num: number, start: number, stride: number) => {
    for (let i = 0; i < num; i++) line[i] = distance[start + i * stride]!;
    let k = 0;
    at[0] = 0;
    from[0] = -Infinity;
    from[1] = Infinity;
    const meet = (q: number, v: number) => (line[q]! + q * q - line[v]! - v * v) / (2 * q - 2 * v);
    for (let q = 1; q < num; q++) {
      while (meet(q, at[k]!) <= from[k]!) k--;
      const border = meet(q, at[k]!);
      at[++k] = q;
      from[k] = border;
      from[k + 1] = Infinity;
    }
    k = 0;
    for (let q = 0; q < num; q++) {
      while (from[k + 1]! < q) k++;
      distance[start + q * stride] = (q - at[k]!) ** 2 + line[at[k]!]!;
    }
  };
  for (let column = 0; column < columns; column++) pass(rows, column, columns);
  for (let row = 0; row < rows; row++) pass(columns, row * columns, 1);
  return distance;
}

/** Edges of pixels against true edges: what lies within this of the opened shape is not lost. */
const SLACK_PIXELS = 0.9;

/**
 * Asks of a raster: does an opening by a disc of `widthMm` lose a run of the edge longer than `leastRunMm`, or part an island, or lose
 * it whole? For gaps the raster is inverted and its islands are the holes: the ground around the letters may come apart,
 * and a hole may be lost (its size is asked for apart).
 */
export function openingOf(raster: Raster, isGround: boolean): (widthMm: number, leastRunMm: number) => boolean {
  const { columns, rows, pixelMm, material } = raster;
  const toOutside = squaredDistance(raster, inverted(raster).material);
  const islands = label(material, columns, rows);
  const groundNo = isGround ? islands.labels[0]! : 0;
  // A margin of clear pixels, or of ground, goes all round: edges never lie on the border.
  const isEdge = (i: number) =>
    i > columns &&
    i < material.length - columns - 1 &&
    !(material[i - 1] && material[i + 1] && material[i - columns] && material[i + columns]);
  return (widthMm, leastRunMm) => {
    const radius = widthMm / 2 / pixelMm;
    const eroded = new Uint8Array(material.length);
    for (let i = 0; i < eroded.length; i++) if (toOutside[i]! >= (radius + 0.5) ** 2) eroded[i] = 1;
    const toEroded = squaredDistance(raster, eroded);
    const lost = new Uint8Array(material.length);
    const opened = new Uint8Array(material.length);
    for (let i = 0; i < opened.length; i++) {
      if (!material[i]) continue;
      if (toEroded[i]! > (radius + SLACK_PIXELS) ** 2) lost[i] = isEdge(i) ? 1 : 0;
      else if (islands.labels[i] !== groundNo) opened[i] = 1;
    }
    const lostParts = label(lost, columns, rows);
    const longest = leastRunMm / pixelMm;
    for (let no = 1; no < lostParts.starts.length; no++) if (caliper(lostParts, no, columns) > longest) return true;
    const { order, starts } = label(opened, columns, rows);
    const partsOf = new Int32Array(islands.starts.length);
    for (let no = 1; no < starts.length; no++) partsOf[islands.labels[order[starts[no - 1]!]!]!]!++;
    for (let no = 1; no < islands.starts.length; no++) {
      if (no !== groundNo && (partsOf[no]! > 1 || (partsOf[no] === 0 && !isGround))) return true;
    }
    return false;
  };
}

/** Parts that hang together, corners included. Labels count from 1; part `no` is `order` from `starts[no - 1]` on. */
interface Parts {
  readonly labels: Int32Array;
  readonly order: Int32Array;
  readonly starts: readonly number[];
}

function label(mask: Uint8Array, columns: number, rows: number): Parts {
  const labels = new Int32Array(mask.length);
  const order = new Int32Array(mask.length);
  const starts = [0];
  let end = 0;
  for (let start = 0; start < mask.length; start++) {
    if (!mask[start] || labels[start]) continue;
    const no = starts.length;
    labels[start] = no;
    order[end++] = start;
    for (let k = starts[no - 1]!; k < end; k++) {
      const column = order[k]! % columns;
      const row = (order[k]! - column) / columns;
      for (let y = row > 0 ? row - 1 : 0; y <= row + 1 && y < rows; y++) {
        for (let x = column > 0 ? column - 1 : 0; x <= column + 1 && x < columns; x++) {
          const next = y * columns + x;
          if (!mask[next] || labels[next]) continue;
          labels[next] = no;
          order[end++] = next;
        }
      }
    }
    starts.push(end);
  }
  return { labels, order, starts };
}

function caliper({ order, starts }: Parts, no: number, columns: number): number {
  let longest = 0;
  for (let k = 0; k < 16; k++) {
    const [cos, sin] = [cosine((k * PI) / 16), sine((k * PI) / 16)];
    let [least, most] = [Infinity, -Infinity];
    for (let i = starts[no - 1]!; i < starts[no]!; i++) {
      const column = order[i]! % columns;
      const along = column * cos + ((order[i]! - column) / columns) * sin;
      if (along < least) least = along;
      if (along > most) most = along;
    }
    longest = max(longest, most - least + 1);
  }
  return longest;
}
