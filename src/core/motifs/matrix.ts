import { numbersIn } from './numbers';

/** `x' = a·x + c·y + e`, `y' = b·x + d·y + f`. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

export const IDENTITY: Matrix = [1, 0, 0, 1, 0, 0];

/** First `inner`, then `outer`. */
export function through(outer: Matrix, inner: Matrix): Matrix {
  const [a, b, c, d, e, f] = outer;
  const [g, h, i, j, k, l] = inner;
  return [a * g + c * h, b * g + d * h, a * i + c * j, b * i + d * j, a * k + c * l + e, b * k + d * l + f];
}

export function mapPoint([a, b, c, d, e, f]: Matrix, x: number, y: number): readonly [number, number] {
  return [a * x + c * y + e, b * x + d * y + f];
}

/** How much larger areas become, as a length: the root of it. */
export function scaleOf([a, b, c, d]: Matrix): number {
  return Math.sqrt(Math.abs(a * d - b * c));
}

/** How much longer it draws what it draws longest than what it draws shortest; infinite where it draws everything on a line. */
export function squeezeOf([a, b, c, d]: Matrix): number {
  const [sum, area] = [a * a + b * b + c * c + d * d, Math.abs(a * d - b * c)];
  const longest2 = (sum + Math.sqrt(Math.max(0, sum * sum - 4 * area * area))) / 2;
  return longest2 / area;
}

/** What a `transform` attribute says; null where it says nothing that can be understood. */
export function readTransform(text: string): Matrix | null {
  let matrix: Matrix = IDENTITY;
  const rest = text.replace(/([a-zA-Z]+)\s*\(([^()]*)\)\s*,?/g, (_, name: string, list: string) => {
    const one = readOne(name, numbersIn(list));
    matrix = one ? through(matrix, one) : [NaN, 0, 0, 0, 0, 0];
    return '';
  });
  return rest.trim() === '' && matrix.every(Number.isFinite) ? matrix : null;
}

function readOne(name: string, n: readonly number[] | null): Matrix | null {
  if (!n) return null;
  const [p = 0, q, r] = n;
  switch (name) {
    case 'matrix':
      return n.length === 6 ? (n as unknown as Matrix) : null;
    case 'translate':
      return n.length <= 2 && n.length > 0 ? [1, 0, 0, 1, p, q ?? 0] : null;
    case 'scale':
      return n.length <= 2 && n.length > 0 ? [p, 0, 0, q ?? p, 0, 0] : null;
    case 'rotate':
      return n.length === 1 || n.length === 3 ? turned(p, q ?? 0, r ?? 0) : null;
    case 'skewX':
      return n.length === 1 ? [1, 0, Math.tan((p / 180) * Math.PI), 1, 0, 0] : null;
    case 'skewY':
      return n.length === 1 ? [1, Math.tan((p / 180) * Math.PI), 0, 1, 0, 0] : null;
    default:
      return null;
  }
}

function turned(deg: number, aboutX: number, aboutY: number): Matrix {
  const [cos, sin] = [Math.cos((deg / 180) * Math.PI), Math.sin((deg / 180) * Math.PI)];
  return through(through([1, 0, 0, 1, aboutX, aboutY], [cos, sin, -sin, cos, 0, 0]), [1, 0, 0, 1, -aboutX, -aboutY]);
}
