import { inflateSync } from 'node:zlib';

/** A path of a PDF page as it was painted: the box around it, in points of the page, y down. */
export interface PaintedPath {
  readonly how: 'fill' | 'stroke';
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

type Matrix = readonly [number, number, number, number, number, number];

/** The painted paths of every page, read from the file's own operators. Words are none. */
export function pdfPaths(pdf: Buffer): PaintedPath[][] {
  return contentStreams(pdf).map(paintedPaths);
}

function contentStreams(pdf: Buffer): string[] {
  const text = pdf.toString('latin1');
  const heightOf = /MediaBox \[0 0 [\d.]+ ([\d.]+)\]/.exec(text);
  if (!heightOf) throw new Error('no page in the PDF');
  const found: string[] = [];
  for (const match of text.matchAll(/(<<[^<>]*>>)\s*stream\r?\n/g)) {
    const from = match.index + match[0].length;
    const bytes = pdf.subarray(from, text.indexOf('endstream', from));
    if (!match[1]!.includes('FlateDecode')) continue;
    try {
      const content = inflateSync(bytes).toString('latin1');
      if (/(^|\s)(re|l|f\*?|S)\s/.test(content) && /\scm\s/.test(content)) found.push(content);
    } catch {
      // Fonts and the like.
    }
  }
  return found;
}

function paintedPaths(content: string): PaintedPath[] {
  const painted: PaintedPath[] = [];
  const saved: Matrix[] = [];
  let matrix: Matrix = [1, 0, 0, 1, 0, 0];
  let numbers: number[] = [];
  let points: [number, number][] = [];
  const put = (x: number, y: number) => {
    const [a, b, c, d, e, f] = matrix;
    points.push([a * x + c * y + e, b * x + d * y + f]);
  };
  const rectangle = (x: number, y: number, w: number, h: number) => {
    put(x, y);
    put(x + w, y + h);
  };
  const paint = (how: PaintedPath['how']) => {
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    // The page is turned over by its first operator; here y goes down again.
    if (points.length > 0) {
      const box = { minX: least(xs), maxX: most(xs), minY: -most(ys), maxY: -least(ys) };
      painted.push({ how, ...box });
    }
    points = [];
  };
  for (const token of content.replace(/\((?:\\.|[^\\()])*\)|<[0-9a-fA-F\s]*>|\[[^\]]*\]/g, ' ').split(/\s+/)) {
    if (/^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(token)) {
      numbers.push(Number(token));
      continue;
    }
    const [x = 0, y = 0, w = 0, h = 0] = numbers;
    if (token === 'q') saved.push(matrix);
    else if (token === 'Q') matrix = saved.pop() ?? matrix;
    else if (token === 'cm') matrix = times(numbers as unknown as Matrix, matrix);
    else if (token === 'm' || token === 'l') put(x, y);
    else if (token === 're') rectangle(x, y, w, h);
    else if (token === 'c') for (let i = 0; i < 6; i += 2) put(numbers[i]!, numbers[i + 1]!);
    else if (/^[fFbB]\*?$/.test(token)) paint('fill');
    else if (token === 'S' || token === 's') paint('stroke');
    else if (token === 'n') points = [];
    numbers = [];
  }
  return painted;
}

function times([a, b, c, d, e, f]: Matrix, [A, B, C, D, E, F]: Matrix): Matrix {
  return [a * A + b * C, a * B + b * D, c * A + d * C, c * B + d * D, e * A + f * C + E, e * B + f * D + F];
}

const least = (values: readonly number[]) => values.reduce((a, b) => Math.min(a, b), Infinity);
const most = (values: readonly number[]) => values.reduce((a, b) => Math.max(a, b), -Infinity);
