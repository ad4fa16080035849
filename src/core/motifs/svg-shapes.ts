import svgpath from 'svgpath';
import { type Outcome, fail, ok } from '../outcome';
import { numbersIn } from './numbers';
import type { SvgNode } from './svg-tree';

/** A stretch of straight lines and cubics, in the space of its element: where it begins, and what follows. */
export interface Stretch {
  readonly start: readonly [number, number];
  /** Two numbers are a line's end, six a cubic. */
  readonly segments: readonly (readonly number[])[];
  readonly isClosed: boolean;
}

export const SHAPES: ReadonlySet<string> = new Set([
  'path',
  'rect',
  'circle',
  'ellipse',
  'line',
  'polyline',
  'polygon',
]);

/** What a per cent is of; null: the drawing does not say how large it is. */
export interface Viewport {
  readonly width: number;
  readonly height: number;
}

/** The stretches of a shape; the name of an attribute that is none, or is no number that can be drawn with. */
export function stretchesOf(node: SvgNode, viewport: Viewport | null): Outcome<readonly Stretch[], string> {
  try {
    const d = pathData((name) => number(node, name, viewport), node);
    return ok(d === '' ? [] : stretchesOfPath(d));
  } catch (error) {
    if (error instanceof BadAttribute) return fail(error.message);
    throw error;
  }
}

class BadAttribute extends Error {}

/** Lengths in millimetres and the like are what they are in pixels of a 96th of an inch. */
const UNITS: Readonly<Record<string, number>> = {
  '': 1,
  px: 1,
  mm: 96 / 25.4,
  cm: 96 / 2.54,
  in: 96,
  pt: 96 / 72,
  pc: 16,
};

/** A length as a number of pixels; null where it is none. */
export function lengthOf(text: string): number | null {
  const [, figure, unit] = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)\s*([a-z]*)\s*$/.exec(text) ?? [];
  const factor = UNITS[unit ?? '?'];
  return figure === undefined || factor === undefined ? null : drawable(Number(figure) * factor);
}

/** The engine throws at what is too large, and what is no number vanishes in it. */
const MOST = 1e9;

function drawable(value: number): number | null {
  return Number.isFinite(value) && Math.abs(value) <= MOST ? value : null;
}

function number(node: SvgNode, name: string, viewport: Viewport | null): number {
  const said = node.attributes.get(name);
  const value = said === undefined || said === 'auto' ? 0 : (percentOf(said, name, viewport) ?? lengthOf(said));
  if (value === null) throw new BadAttribute(name);
  return value;
}

const ACROSS: ReadonlySet<string> = new Set(['x', 'width', 'cx', 'rx', 'x1', 'x2']);

/** Null where it is no per cent, or of something that is not known. */
function percentOf(text: string, name: string, viewport: Viewport | null): number | null {
  const share = /^\s*([+-]?(?:\d+\.?\d*|\.\d+))%\s*$/.exec(text)?.[1];
  if (share === undefined || !viewport) return null;
  const { width, height } = viewport;
  // A radius is of both: of the root of their mean square.
  const whole = name === 'r' ? Math.hypot(width, height) / Math.SQRT2 : ACROSS.has(name) ? width : height;
  return drawable((Number(share) / 100) * whole);
}

/** Reads an attribute; nothing said is nought. */
type Read = (name: string) => number;

/** Every shape as path data. */
function pathData(number: Read, node: SvgNode): string {
  switch (node.name) {
    case 'path':
      return node.attributes.get('d') ?? '';
    case 'rect':
      return rectData(number, node);
    case 'circle': {
      const r = number('r');
      return ellipseData(number('cx'), number('cy'), r, r);
    }
    case 'ellipse':
      return ellipseData(number('cx'), number('cy'), number('rx'), number('ry'));
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`;
    default:
      return pointsData(node);
  }
}

function rectData(number: Read, node: SvgNode): string {
  const [x, y, w, h] = [number('x'), number('y'), number('width'), number('height')];
  if (w <= 0 || h <= 0) return '';
  const has = (name: string) => node.attributes.has(name) && node.attributes.get(name) !== 'auto';
  const rx = Math.min(w / 2, Math.max(0, has('rx') ? number('rx') : number('ry')));
  const ry = Math.min(h / 2, Math.max(0, has('ry') ? number('ry') : number('rx')));
  if (rx === 0 || ry === 0) return `M${x} ${y}h${w}v${h}h${-w}z`;
  const arc = (dx: number, dy: number) => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
  return `M${x + rx} ${y}h${w - 2 * rx}${arc(rx, ry)}v${h - 2 * ry}${arc(-rx, ry)}h${2 * rx - w}${arc(-rx, -ry)}v${2 * ry - h}${arc(rx, -ry)}z`;
}

function ellipseData(cx: number, cy: number, rx: number, ry: number): string {
  if (rx <= 0 || ry <= 0) return '';
  const arc = (x: number) => `A${rx} ${ry} 0 0 1 ${x} ${cy}`;
  return `M${cx - rx} ${cy}${arc(cx + rx)}${arc(cx - rx)}z`;
}

function pointsData(node: SvgNode): string {
  const numbers = numbersIn(node.attributes.get('points') ?? '');
  if (!numbers || numbers.some((value) => drawable(value) === null)) throw new BadAttribute('points');
  const pairs = Math.floor(numbers.length / 2);
  if (pairs < 2) return '';
  const line = Array.from({ length: pairs }, (_, i) => `${numbers[2 * i]} ${numbers[2 * i + 1]}`).join('L');
  return `M${line}${node.name === 'polygon' ? 'z' : ''}`;
}

interface GrowingStretch {
  start: readonly [number, number];
  segments: number[][];
  isClosed: boolean;
}

function stretchesOfPath(d: string): readonly Stretch[] {
  const path = svgpath(d).abs().unshort().unarc();
  // It keeps what it could read before a mistake and says so here alone.
  if ((path as unknown as { err: string }).err) throw new BadAttribute('d');
  const stretches: GrowingStretch[] = [];
  let now: GrowingStretch | null = null;
  let [x, y] = [0, 0];
  const begin = (): GrowingStretch => {
    const fresh: GrowingStretch = { start: [x, y], segments: [], isClosed: false };
    stretches.push(fresh);
    return fresh;
  };
  path.iterate(([command, ...rest]) => {
    const n = rest as number[];
    if (n.some((value) => drawable(value) === null)) throw new BadAttribute('d');
    switch (command) {
      case 'M':
        [x, y] = [n[0]!, n[1]!];
        now = begin();
        break;
      case 'Z':
      case 'z':
        if (now) {
          now.isClosed = true;
          [x, y] = now.start;
        }
        now = null;
        break;
      default: {
        now ??= begin();
        const segment = absolute(command, n, x, y);
        now.segments.push(segment);
        [x, y] = [segment.at(-2)!, segment.at(-1)!];
      }
    }
  });
  return stretches;
}

/** Lines and cubics of what else is left once arcs and short forms are written out. */
function absolute(command: string, n: readonly number[], x: number, y: number): number[] {
  switch (command) {
    case 'L':
      return [n[0]!, n[1]!];
    case 'H':
      return [n[0]!, y];
    case 'V':
      return [x, n[0]!];
    case 'C':
      return [...n];
    case 'Q': {
      const [qx, qy, ex, ey] = n as [number, number, number, number];
      return [
        x + (2 / 3) * (qx - x),
        y + (2 / 3) * (qy - y),
        ex + (2 / 3) * (qx - ex),
        ey + (2 / 3) * (qy - ey),
        ex,
        ey,
      ];
    }
    default:
      throw new BadAttribute('d');
  }
}
