import type { Matrix } from './matrix';
import { numbersIn } from './numbers';
import { type Viewport, lengthOf } from './svg-shapes';
import type { SvgNode } from './svg-tree';

/** Into what a part of a drawing with a box of its own is laid. */
export interface InnerBox {
  readonly matrix: Matrix;
  readonly viewport: Viewport | null;
}

/** What the whole drawing measures itself by: nothing has to be moved, since only its shape counts. */
export function rootViewport(svg: SvgNode): Viewport | null {
  const box = viewBoxOf(svg);
  if (box) return { width: box[2], height: box[3] };
  return sizeOf(svg, null, null);
}

/**
 * A drawing within a drawing, or what a symbol is copied into: moved by its `x` and `y`, and its `viewBox` laid into its width and height.
 * `by`: the copy that says how large it is. Null where that cannot be told.
 */
export function innerBox(node: SvgNode, by: SvgNode, outer: Viewport | null): InnerBox | null {
  const [x, y] = [lengthOf(by.attributes.get('x') ?? '0'), lengthOf(by.attributes.get('y') ?? '0')];
  if (x === null || y === null) return null;
  const box = viewBoxOf(node);
  const size = sizeOf(by, node, outer);
  if (!box) return { matrix: [1, 0, 0, 1, x, y], viewport: size ?? outer };
  if (!size || box[2] <= 0 || box[3] <= 0) return null;
  const [scaleX, scaleY, dx, dy] = laidInto(box, size, node.attributes.get('preserveAspectRatio') ?? '');
  return {
    matrix: [scaleX, 0, 0, scaleY, x + dx - box[0] * scaleX, y + dy - box[1] * scaleY],
    viewport: { width: box[2], height: box[3] },
  };
}

type ViewBox = readonly [x: number, y: number, width: number, height: number];

function viewBoxOf({ attributes }: SvgNode): ViewBox | null {
  const numbers = numbersIn(attributes.get('viewBox') ?? '');
  return numbers?.length === 4 ? (numbers as unknown as ViewBox) : null;
}

function sizeOf(by: SvgNode, node: SvgNode | null, outer: Viewport | null): Viewport | null {
  const side = (name: 'width' | 'height') => {
    const said = by.attributes.get(name) ?? node?.attributes.get(name) ?? '100%';
    return said === '100%' || said === 'auto' ? (outer?.[name] ?? null) : lengthOf(said);
  };
  const [width, height] = [side('width'), side('height')];
  return width === null || height === null ? null : { width, height };
}

/** Scales and shifts: as large as fits, or as covers, in the middle unless it says otherwise. */
function laidInto(
  [, , w, h]: ViewBox,
  { width, height }: Viewport,
  said: string,
): readonly [number, number, number, number] {
  const [across, down] = [width / w, height / h];
  if (/none/.test(said)) return [across, down, 0, 0];
  const scale = /slice/.test(said) ? Math.max(across, down) : Math.min(across, down);
  const share = (axis: 'x' | 'Y') => (said.includes(`${axis}Min`) ? 0 : said.includes(`${axis}Max`) ? 1 : 0.5);
  return [scale, scale, share('x') * (width - w * scale), share('Y') * (height - h * scale)];
}
