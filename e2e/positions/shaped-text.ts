import path from 'node:path';
import { openSync } from 'fontkit';

/** Letters drawn by another shaper than the program's: areas and boxes of the glyphs of a line, run by run. */

export interface ShapedRun {
  readonly text: string;
  /** Hash of its face. */
  readonly face: string;
  readonly layer: string;
}

/** Drawn ink: ems, y down, baseline of the first line at 0. */
export interface ShapedInk {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
  readonly area: number;
}

interface Fontkit {
  readonly unitsPerEm: number;
  layout(text: string): {
    readonly glyphs: readonly { readonly path: { toSVG(): string } }[];
    readonly positions: readonly { readonly xAdvance: number; readonly xOffset: number; readonly yOffset: number }[];
  };
}

const faces = new Map<string, Fontkit>();

function faceOf(sha: string): Fontkit {
  const known = faces.get(sha) ?? (openSync(path.join('public', 'faces', `${sha}.ttf`)) as unknown as Fontkit);
  faces.set(sha, known);
  return known;
}

const LINE_PITCH_EM = 1.2;

/** The ink of each layer of lines that stand one below the other, each with its ink in the middle. Letters must not overlap. */
export function shapedLayers(lines: readonly (readonly ShapedRun[])[]): ReadonlyMap<string, ShapedInk> {
  const layers = new Map<string, ShapedInk>();
  lines.forEach((runs, no) => {
    const drawn = shapedLine(runs);
    const all = drawn.map(({ ink }) => ink).reduce(joined);
    const dx = lines.length === 1 ? 0 : -(all.minX + all.maxX) / 2;
    const dy = no * LINE_PITCH_EM;
    for (const { layer, ink } of drawn) {
      const moved = { ...ink, minX: ink.minX + dx, maxX: ink.maxX + dx, minY: ink.minY + dy, maxY: ink.maxY + dy };
      const before = layers.get(layer);
      layers.set(layer, before ? joined(before, moved) : moved);
    }
  });
  return layers;
}

export function joined(a: ShapedInk, b: ShapedInk): ShapedInk {
  return {
    minX: Math.min(a.minX, b.minX),
    minY: Math.min(a.minY, b.minY),
    maxX: Math.max(a.maxX, b.maxX),
    maxY: Math.max(a.maxY, b.maxY),
    area: a.area + b.area,
  };
}

/** Neighbours of one face are shaped together, so that they stand as one word does; a glyph belongs to the run of its letter. */
function shapedLine(runs: readonly ShapedRun[]): { readonly layer: string; readonly ink: ShapedInk }[] {
  const found: { layer: string; ink: ShapedInk }[] = [];
  let pen = 0;
  for (let from = 0; from < runs.length;) {
    let to = from + 1;
    while (to < runs.length && runs[to]!.face === runs[from]!.face) to++;
    const together = runs.slice(from, to);
    const layersOfLetters = together.flatMap(({ text, layer }) => [...text].map(() => layer));
    const face = faceOf(together.find(Boolean)!.face);
    const { glyphs, positions } = face.layout(together.map(({ text }) => text).join(''));
    if (glyphs.length !== layersOfLetters.length) throw new Error('a ligature: its letters belong to no layer');
    glyphs.forEach((glyph, i) => {
      const { xOffset, yOffset, xAdvance } = positions[i]!;
      const ink = inkOf(
        glyph.path.toSVG(),
        face.unitsPerEm,
        pen + xOffset / face.unitsPerEm,
        yOffset / face.unitsPerEm,
      );
      if (ink) found.push({ layer: layersOfLetters[i]!, ink });
      pen += xAdvance / face.unitsPerEm;
    });
    from = to;
  }
  return found;
}

const STEPS = 64;

/** Box and area of a glyph's path, its curves walked in small steps. Holes turn the other way round, so that they count off. */
function inkOf(svg: string, unitsPerEm: number, dx: number, dy: number): ShapedInk | null {
  const points: [number, number][][] = [];
  let [x, y] = [0, 0];
  for (const [, letter, numbers] of svg.matchAll(/([MLQCZ])([^MLQCZ]*)/g)) {
    const n = (numbers!.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number);
    if (letter === 'M') points.push([[n[0]!, n[1]!]]);
    const ring = points.at(-1)!;
    if (letter === 'L') ring.push([n[0]!, n[1]!]);
    for (let step = 1; step <= STEPS && (letter === 'Q' || letter === 'C'); step++) {
      const t = step / STEPS;
      const control = [x, y, ...n];
      ring.push([
        bezier(
          control.filter((_, i) => i % 2 === 0),
          t,
        ),
        bezier(
          control.filter((_, i) => i % 2 === 1),
          t,
        ),
      ]);
    }
    [x, y] = ring.at(-1)!;
  }
  const all = points.flat();
  if (all.length === 0) return null;
  const area = points.reduce((sum, ring) => sum + signedArea(ring), 0);
  const [xs, ys] = [all.map(([px]) => px / unitsPerEm + dx), all.map(([, py]) => -py / unitsPerEm - dy)];
  return {
    minX: Math.min(...xs),
    maxX: Math.max(...xs),
    minY: Math.min(...ys),
    maxY: Math.max(...ys),
    area: Math.abs(area) / unitsPerEm ** 2,
  };
}

function bezier(control: readonly number[], t: number): number {
  if (control.length === 1) return control[0]!;
  const next = control.slice(1).map((value, i) => control[i]! + (value - control[i]!) * t);
  return bezier(next, t);
}

function signedArea(ring: readonly (readonly [number, number])[]): number {
  return ring.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]!;
    return sum + (x * nextY - nextX * y) / 2;
  }, 0);
}
