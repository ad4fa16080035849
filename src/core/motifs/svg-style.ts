import { formatHex, parse } from 'culori';
import { MOST_RULES } from './svg-problem';
import type { SvgNode } from './svg-tree';

/** Properties of a shape that come down from what it lies in. */
const INHERITED = [
  'color',
  'fill',
  'fill-rule',
  'stroke',
  'stroke-width',
  'stroke-linejoin',
  'stroke-linecap',
  'stroke-miterlimit',
  'stroke-dasharray',
  'visibility',
  'fill-opacity',
  'stroke-opacity',
  'marker',
  'marker-start',
  'marker-mid',
  'marker-end',
] as const;

/** Those that are of an element alone. */
const OWN = ['display', 'opacity', 'clip-path', 'mask', 'filter', 'vector-effect'] as const;

/** A style sheet may move things in ways of its own, with units: told, not followed. */
export const CSS_TRANSFORM = 'transform';

const KNOWN: ReadonlySet<string> = new Set([...INHERITED, ...OWN]);

export type Style = ReadonlyMap<string, string>;

export const NO_STYLE: Style = new Map();

/** A rule for one tag, class or id; larger selectors are passed over. */
interface Rule {
  readonly kind: 'tag' | 'class' | 'id';
  readonly name: string;
  readonly declarations: Style;
}

/** The rules of all style sheets of a drawing, in their order; null where there are more than it takes. */
export function rulesOf(svg: SvgNode): readonly Rule[] | null {
  const rules: Rule[] = [];
  for (const text of styleTexts(svg)) {
    const plain = text.replace(/\/\*[\s\S]*?\*\//g, '');
    for (const [, selectors = '', body = ''] of plain.matchAll(/([^{}]+)\{([^{}]*)\}/g)) {
      const declarations = readDeclarations(body);
      for (const selector of selectors.split(',')) {
        const [, mark, name] = /^\s*([.#]?)([\w-]+)\s*$/.exec(selector) ?? [];
        if (name === undefined) continue;
        rules.push({ kind: mark === '.' ? 'class' : mark === '#' ? 'id' : 'tag', name, declarations });
        if (rules.length > MOST_RULES) return null;
      }
    }
  }
  return rules;
}

function* styleTexts({ name, text, children }: SvgNode): Generator<string> {
  if (name === 'style') yield text;
  for (const child of children) yield* styleTexts(child);
}

function readDeclarations(body: string): Style {
  const style = new Map<string, string>();
  for (const part of body.split(';')) {
    const [, name, value] = /^\s*([\w-]+)\s*:\s*(.*?)\s*(!important\s*)?$/.exec(part) ?? [];
    if (name !== undefined && value !== undefined && (KNOWN.has(name) || name === CSS_TRANSFORM))
      style.set(name, value);
  }
  return style;
}

const RANKS = ['tag', 'class', 'id'] as const;

/** What an element is drawn with: what comes down to it, its attributes, the rules for it, and what it says of itself, the later the stronger. */
export function styleOf(node: SvgNode, above: Style, rules: readonly Rule[]): Style {
  const style = new Map<string, string>();
  for (const name of INHERITED) {
    const value = above.get(name);
    if (value !== undefined) style.set(name, value);
  }
  const own = new Map<string, string>();
  for (const [name, value] of node.attributes) if (KNOWN.has(name)) own.set(name, value);
  const classes = new Set((node.attributes.get('class') ?? '').split(/\s+/));
  const isFor = ({ kind, name }: Rule) =>
    kind === 'tag' ? name === node.name : kind === 'class' ? classes.has(name) : name === node.attributes.get('id');
  for (const rank of RANKS) {
    for (const rule of rules) {
      if (rule.kind === rank && isFor(rule)) for (const [name, value] of rule.declarations) own.set(name, value);
    }
  }
  for (const [name, value] of readDeclarations(node.attributes.get('style') ?? '')) own.set(name, value);
  for (const [name, value] of own) if (value !== 'inherit') style.set(name, value);
  return style;
}

/** What a shape is filled or drawn along with. */
export type Paint =
  { readonly kind: 'none' } | { readonly kind: 'colour'; readonly hex: string } | { readonly kind: 'server' };

const BLACK = '#000000';

/** `fallback`: what it is where nothing is said, or nothing that can be understood. */
export function paintOf(style: Style, property: 'fill' | 'stroke', fallback: Paint): Paint {
  const said = style.get(property);
  if (said === 'none' || said === 'transparent' || isClear(style.get(`${property}-opacity`))) return { kind: 'none' };
  if (said === undefined) return fallback;
  if (/^url\(/i.test(said)) return { kind: 'server' };
  const colour = said.toLowerCase() === 'currentcolor' ? (style.get('color') ?? BLACK) : said;
  const read = parse(colour);
  if (read?.alpha === 0) return { kind: 'none' };
  return read ? { kind: 'colour', hex: formatHex(read) } : fallback;
}

/** It is there, and cannot be seen. */
export function isHidden(style: Style): boolean {
  return style.get('display') === 'none' || isClear(style.get('opacity'));
}

function isClear(opacity: string | undefined): boolean {
  return opacity !== undefined && Number.parseFloat(opacity) === 0;
}
