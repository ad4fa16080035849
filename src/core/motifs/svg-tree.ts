import { SaxesParser } from 'saxes';
import { type Outcome, fail, ok } from '../outcome';
import { MOST_ELEMENTS, MOST_LEVELS, MOST_SVG_BYTES, type SvgProblem } from './svg-problem';

/** An element of a drawing, by its local name. Text is kept of style sheets alone. */
export interface SvgNode {
  readonly name: string;
  readonly attributes: ReadonlyMap<string, string>;
  readonly children: readonly SvgNode[];
  readonly text: string;
}

interface Growing extends SvgNode {
  readonly children: Growing[];
  text: string;
}

const SVG = 'http://www.w3.org/2000/svg';

/**
 * The tree of an SVG file. Refused are what is broken, what is larger or deeper than any drawing, document types (entities come with
 * them), scripts, and whatever points elsewhere: nothing is ever fetched.
 */
export function svgTree(text: string): Outcome<SvgNode, SvgProblem> {
  if (text.length > MOST_SVG_BYTES) return fail({ kind: 'tooLarge', mostBytes: MOST_SVG_BYTES });
  const parser = new SaxesParser({ xmlns: true, position: true });
  const root: Growing = { name: '', attributes: new Map(), children: [], text: '' };
  const open: Growing[] = [root];
  /** How deep in an element that is none of a drawing: it is passed over whole. */
  let foreign = 0;
  let count = 0;
  const stop = (problem: SvgProblem): never => {
    throw new Refused(problem);
  };
  parser.on('error', () => stop({ kind: 'unreadable', line: parser.line }));
  parser.on('doctype', () => stop({ kind: 'notPlain', what: 'doctype' }));
  parser.on('opentag', ({ local, uri, attributes }) => {
    if (++count > MOST_ELEMENTS) stop({ kind: 'tooMany', what: 'elements', most: MOST_ELEMENTS });
    if (open.length + foreign > MOST_LEVELS) stop({ kind: 'tooMany', what: 'levels', most: MOST_LEVELS });
    if (foreign > 0 || (uri !== SVG && uri !== '')) {
      foreign++;
      return;
    }
    if (local === 'script') stop({ kind: 'notPlain', what: 'script' });
    const node: Growing = {
      name: local,
      attributes: plainAttributes(Object.values(attributes), stop),
      children: [],
      text: '',
    };
    open.at(-1)!.children.push(node);
    open.push(node);
  });
  parser.on('closetag', () => {
    if (foreign > 0) {
      foreign--;
      return;
    }
    if (pointsElsewhere(open.pop()!.text)) stop({ kind: 'notPlain', what: 'reference' });
  });
  const keep = (words: string) => {
    const node = open.at(-1)!;
    if (foreign === 0 && node.name === 'style') node.text += words;
  };
  parser.on('text', keep);
  parser.on('cdata', keep);
  try {
    parser.write(text.replace(/^\uFEFF/, '')).close();
  } catch (error) {
    if (error instanceof Refused) return fail(error.problem);
    throw error;
  }
  const [svg] = root.children;
  return svg?.name === 'svg' ? ok(svg) : fail({ kind: 'noSvg', root: svg?.name ?? '' });
}

/** Carries a refusal out of the parser's calls. */
class Refused extends Error {
  constructor(readonly problem: SvgProblem) {
    super(problem.kind);
  }
}

interface Attribute {
  readonly local: string;
  readonly value: string;
}

/** `href` is kept where it leads to the same file; the same attribute with and without its old prefix is one. */
function plainAttributes(
  attributes: readonly Attribute[],
  stop: (problem: SvgProblem) => never,
): ReadonlyMap<string, string> {
  const kept = new Map<string, string>();
  for (const { local, value } of attributes) {
    if (/^on/i.test(local)) stop({ kind: 'notPlain', what: 'script' });
    const isElsewhere = local === 'href' && !/^\s*(#|data:image\/(png|jpeg|gif|webp)[;,])/i.test(value);
    if (isElsewhere || pointsElsewhere(value))
      stop({ kind: 'notPlain', what: /^\s*javascript:/i.test(value) ? 'script' : 'reference' });
    kept.set(local, value.trim());
  }
  return kept;
}

/** `url(…)` that does not lead to the same file, and what a style sheet would bring in. */
export function pointsElsewhere(value: string): boolean {
  return /url\(\s*['"]?\s*(?!#|['"]?#)[^)\s]/i.test(value) || /@import/i.test(value);
}
