import { DOMParser } from '@xmldom/xmldom';

/** A cut file as a stranger would read it: nothing here comes from the program that wrote it. Millimetres, y down. */
export interface ReadFile {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly pieces: readonly ReadPiece[];
}

export interface ReadPiece {
  readonly id: string;
  readonly text: string;
  readonly isReversed: boolean;
  /** Turned a quarter clockwise, after the mirroring. */
  readonly isTurned: boolean;
  readonly islands: readonly ReadIsland[];
}

export interface ReadIsland {
  /** The path as written. */
  readonly d: string;
  readonly rings: readonly (readonly Point[])[];
}

export type Point = readonly [x: number, y: number];

/** Throws, naming what is wrong, when the file is not of the form that a cutter can rely on. */
export function readSvg(svg: string): ReadFile {
  const root = new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement;
  if (!root) throw new Error('no root element');
  const attribute = (name: string) => root.getAttribute(name) ?? '';
  const [widthMm, heightMm] = ['width', 'height'].map((name) => {
    const found = /^(\d+(?:\.\d{1,3})?)mm$/.exec(attribute(name));
    if (!found) throw new Error(`page ${name} is not in millimetres: ${attribute(name)}`);
    return Number(found[1]);
  }) as [number, number];
  if (attribute('viewBox') !== `0 0 ${widthMm} ${heightMm}`) throw new Error('the viewBox is not the page');
  if (/\b(transform|style|clip-path)\s*=/.test(svg)) throw new Error('something is moved or styled');
  const pieces = Array.from(root.getElementsByTagName('g')).map((group) => ({
    id: group.getAttribute('id') ?? '',
    text: group.getAttribute('data-text') ?? '',
    isReversed: group.getAttribute('data-reversed') === 'true',
    isTurned: group.getAttribute('data-turned') === '90',
    islands: Array.from(group.getElementsByTagName('path')).map((path) => {
      if (path.getAttribute('fill-rule') !== 'evenodd') throw new Error('a path is not even-odd');
      const d = path.getAttribute('d') ?? '';
      return { d, rings: ringsOf(d) };
    }),
  }));
  return { widthMm, heightMm, pieces };
}

function ringsOf(d: string): Point[][] {
  if (!/^(M-?\d+(\.\d{1,3})? -?\d+(\.\d{1,3})?(L-?\d+(\.\d{1,3})? -?\d+(\.\d{1,3})?)+Z)+$/.test(d)) {
    throw new Error(`a path has another form: ${d.slice(0, 60)}`);
  }
  return d
    .split('Z')
    .filter(Boolean)
    .map((ring) =>
      ring
        .slice(1)
        .split('L')
        .map((pair) => pair.split(' ').map(Number) as [number, number]),
    );
}
