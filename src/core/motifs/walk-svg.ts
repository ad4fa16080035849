import { type Outcome, fail, ok } from '../outcome';
import { IDENTITY, type Matrix, readTransform, squeezeOf, through } from './matrix';
import {
  type LeftOut,
  type LeftOutKind,
  MOST_COPIES,
  MOST_LEVELS,
  MOST_RULES,
  MOST_SEGMENTS,
  type SvgProblem,
} from './svg-problem';
import { SHAPES, type Stretch, type Viewport, lengthOf, stretchesOf } from './svg-shapes';
import { innerBox, rootViewport } from './viewport';
import { CSS_TRANSFORM, NO_STYLE, type Paint, type Style, isHidden, paintOf, rulesOf, styleOf } from './svg-style';
import type { SvgNode } from './svg-tree';

/** How a shape is drawn along, in its own space. */
export interface Stroke {
  readonly hex: string;
  readonly width: number;
  readonly join: 'miter' | 'round' | 'bevel';
  readonly cap: 'butt' | 'round' | 'square';
  readonly miterLimit: number;
}

/** A shape as it is painted, in its own space; those that come later lie over it. */
export interface Painted {
  readonly stretches: readonly Stretch[];
  readonly matrix: Matrix;
  readonly fill: { readonly hex: string; readonly isEvenOdd: boolean } | null;
  readonly stroke: Stroke | null;
}

export interface Walked {
  readonly painted: readonly Painted[];
  readonly leftOut: readonly LeftOut[];
}

/** Elements that paint nothing by themselves, and are no loss. */
const SILENT: ReadonlySet<string> = new Set([
  'defs',
  'style',
  'title',
  'desc',
  'metadata',
  'symbol',
  'clipPath',
  'mask',
  'marker',
  'linearGradient',
  'radialGradient',
  'pattern',
  'filter',
  'view',
]);

const GROUPS: ReadonlySet<string> = new Set(['g', 'a', 'switch']);

const LOST: Readonly<Record<string, LeftOutKind>> = {
  text: 'text',
  image: 'picture',
  foreignObject: 'element',
};

/** Every shape of a drawing as it is painted, the lowest first, with what is left out. */
export function walkSvg(svg: SvgNode): Outcome<Walked, SvgProblem> {
  const rules = rulesOf(svg);
  if (!rules) return fail({ kind: 'tooMany', what: 'rules', most: MOST_RULES });
  const walk = new Walk(rules, byId(svg));
  const above: Above = { style: NO_STYLE, matrix: IDENTITY, viewport: rootViewport(svg), level: 0, within: [] };
  const problem = walk.root(svg, above);
  return problem ? fail(problem) : ok({ painted: walk.painted, leftOut: walk.leftOut() });
}

function byId(svg: SvgNode): ReadonlyMap<string, SvgNode> {
  const found = new Map<string, SvgNode>();
  const stack = [svg];
  for (let node = stack.pop(); node; node = stack.pop()) {
    const id = node.attributes.get('id');
    if (id !== undefined && !found.has(id)) found.set(id, node);
    stack.push(...node.children);
  }
  return found;
}

interface Above {
  readonly style: Style;
  readonly matrix: Matrix;
  readonly viewport: Viewport | null;
  readonly level: number;
  /** What it is a copy within, so that nothing is a copy within itself. */
  readonly within: readonly SvgNode[];
}

class Walk {
  readonly painted: Painted[] = [];
  readonly #lost = new Map<LeftOutKind, number>();
  #numCopies = 0;
  #numSegments = 0;

  constructor(
    readonly rules: NonNullable<ReturnType<typeof rulesOf>>,
    readonly ids: ReadonlyMap<string, SvgNode>,
  ) {}

  leftOut(): readonly LeftOut[] {
    return [...this.#lost].map(([what, count]) => ({ what, count }));
  }

  root(svg: SvgNode, above: Above): SvgProblem | null {
    const here = this.#within(svg, above);
    return isAbove(here) ? this.#each(svg.children, here) : here;
  }

  into(node: SvgNode, above: Above): SvgProblem | null {
    if (SILENT.has(node.name)) return null;
    const here = this.#within(node, above);
    if (!isAbove(here)) return here;
    if (GROUPS.has(node.name)) return this.#each(node.children, here);
    if (node.name === 'svg') return this.#inner(node, node, here);
    if (node.name === 'use') return this.#copy(node, here);
    return SHAPES.has(node.name) ? this.#paint(node, here) : this.#lose('element');
  }

  /** What comes down to what is in an element; null where nothing of it is painted. */
  #within(node: SvgNode, above: Above): Above | SvgProblem | null {
    if (above.level > MOST_LEVELS) return { kind: 'tooMany', what: 'levels', most: MOST_LEVELS };
    const style = styleOf(node, above.style, this.rules);
    if (isHidden(style)) return null;
    const lost = LOST[node.name] ?? lostBy(style);
    if (lost) return this.#lose(lost);
    const matrix = matrixOf(node, above.matrix);
    if (!matrix) return { kind: 'badNumber', element: node.name, attribute: 'transform' };
    return { ...above, style, matrix, level: above.level + 1 };
  }

  /** A drawing within the drawing, or a symbol that `by` copies. */
  #inner(node: SvgNode, by: SvgNode, here: Above): SvgProblem | null {
    const inner = innerBox(node, by, here.viewport);
    if (!inner) return this.#lose('element');
    return this.#each(node.children, {
      ...here,
      matrix: through(here.matrix, inner.matrix),
      viewport: inner.viewport,
    });
  }

  #each(children: readonly SvgNode[], here: Above): SvgProblem | null {
    for (const child of children) {
      const problem = this.into(child, here);
      if (problem) return problem;
    }
    return null;
  }

  #lose(what: LeftOutKind): null {
    this.#lost.set(what, (this.#lost.get(what) ?? 0) + 1);
    return null;
  }

  #copy(node: SvgNode, here: Above): SvgProblem | null {
    const target = this.ids.get((node.attributes.get('href') ?? '').replace(/^#/, ''));
    if (!target) return this.#lose('element');
    if (here.within.includes(target)) return { kind: 'notPlain', what: 'circle' };
    if (++this.#numCopies > MOST_COPIES) return { kind: 'tooMany', what: 'copies', most: MOST_COPIES };
    const [x, y] = [lengthOf(node.attributes.get('x') ?? '0'), lengthOf(node.attributes.get('y') ?? '0')];
    if (x === null || y === null) return { kind: 'badNumber', element: 'use', attribute: x === null ? 'x' : 'y' };
    const within: Above = { ...here, within: [...here.within, target] };
    if (target.name === 'symbol') {
      const symbol = this.#within(target, within);
      return isAbove(symbol) ? this.#inner(target, node, symbol) : symbol;
    }
    return this.into(target, { ...within, matrix: through(here.matrix, [1, 0, 0, 1, x, y]) });
  }

  #paint(node: SvgNode, { style, matrix, viewport }: Above): SvgProblem | null {
    if (style.get('visibility') === 'hidden' || style.get('visibility') === 'collapse') return null;
    const stretches = stretchesOf(node, viewport);
    if (!stretches.ok) return { kind: 'badNumber', element: node.name, attribute: stretches.problem };
    this.#numSegments += stretches.value.reduce((sum, { segments }) => sum + segments.length + 1, 0);
    if (this.#numSegments > MOST_SEGMENTS) return { kind: 'tooMany', what: 'segments', most: MOST_SEGMENTS };
    const fill = this.#plain(paintOf(style, 'fill', { kind: 'colour', hex: '#000000' }));
    const along = this.#plain(paintOf(style, 'stroke', { kind: 'none' }));
    const stroke = along === null ? null : strokeOf(style, along);
    if (stroke === 'bad') return { kind: 'badNumber', element: node.name, attribute: 'stroke-width' };
    if (stroke && (style.get('stroke-dasharray') ?? 'none') !== 'none') this.#lose('dashes');
    if (stroke && MARKERS.some((name) => (style.get(name) ?? 'none') !== 'none')) this.#lose('markers');
    // It is as wide as the screen says, and film has no screen; or it is squeezed until nobody could tell where it ends.
    const isFixed =
      stroke !== null && (style.get('vector-effect') === 'non-scaling-stroke' || !(squeezeOf(matrix) < MOST_SQUEEZE));
    if (isFixed) this.#lose('fixedStroke');
    this.painted.push({
      stretches: stretches.value,
      matrix,
      fill: fill === null ? null : { hex: fill, isEvenOdd: style.get('fill-rule') === 'evenodd' },
      stroke: isFixed ? null : stroke,
    });
    return null;
  }

  /** A gradient or a pattern is no film: what it fills is taken in one colour, which the maker maps anyway. */
  #plain(paint: Paint): string | null {
    if (paint.kind === 'none') return null;
    if (paint.kind === 'colour') return paint.hex;
    this.#lose('gradient');
    return GREY;
  }
}

function isAbove(found: Above | SvgProblem | null): found is Above {
  return found !== null && 'matrix' in found;
}

const MOST_SQUEEZE = 1000;
const GREY = '#808080';
const MARKERS = ['marker', 'marker-start', 'marker-mid', 'marker-end'] as const;

/** What cannot be done with a blade: shapes seen through others, and what a filter makes of them. */
function lostBy(style: Style): LeftOutKind | null {
  if ((style.get('clip-path') ?? 'none') !== 'none' || (style.get('mask') ?? 'none') !== 'none') return 'clipped';
  if ((style.get(CSS_TRANSFORM) ?? 'none') !== 'none') return 'element';
  return (style.get('filter') ?? 'none') !== 'none' ? 'filter' : null;
}

function matrixOf(node: SvgNode, above: Matrix): Matrix | null {
  const said = node.attributes.get('transform');
  const own = said === undefined ? IDENTITY : readTransform(said);
  const matrix = own && through(above, own);
  return matrix?.every((value) => Math.abs(value) <= MOST_ENTRY) ? matrix : null;
}

const MOST_ENTRY = 1e9;
const USUAL_LIMIT = 4;

/** Null where nothing is drawn along it. */
function strokeOf(style: Style, hex: string): Stroke | 'bad' | null {
  const width = lengthOf(style.get('stroke-width') ?? '1');
  const miterLimit = Number(style.get('stroke-miterlimit') ?? USUAL_LIMIT);
  if (width === null || width < 0) return 'bad';
  if (width === 0) return null;
  return {
    hex,
    width,
    join: oneOf(style.get('stroke-linejoin'), ['miter', 'round', 'bevel']),
    cap: oneOf(style.get('stroke-linecap'), ['butt', 'round', 'square']),
    miterLimit: miterLimit >= 1 && miterLimit <= 100 ? miterLimit : USUAL_LIMIT,
  };
}

function oneOf<T extends string>(said: string | undefined, known: readonly [T, ...T[]]): T {
  return known.find((one) => one === said) ?? known[0];
}
