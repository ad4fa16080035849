import { EM_UNITS } from '@/core/faces';
import { drawArtwork } from '@/core/artwork';
import { type Outline, boxOfRings, outlineRings } from '@/core/geometry';
import { presentOrThrow } from '@/core/outcome';
import { seededRandom } from '@/core/random';
import { SHIPPED_FACES } from '@/core/shop';
import { aBorder, aRunOfLetters, shippedFaces } from '@/core/test';
import { randomNames } from '../cut-file-checker/random-names';
import { rasterOf } from './raster-opening';

/** A program of its own, since pixels take their time: borders of random names against a distance transform of their letters. */
export interface BorderComparison {
  readonly numTexts: number;
  /** The farthest that a pixel lies on the wrong side of a border, mm. */
  readonly worstMm: number;
  readonly worst: string;
  /** How many pixels were held against it. */
  readonly numPixels: number;
}

const PIXEL_MM = 0.04;
const MARGIN_MM = 1;

/** Every word in another face, at another height, with another border. */
function compare(numTexts: number, seed: number): BorderComparison {
  const faceOf = shippedFaces();
  const random = seededRandom(seed);
  let [worstMm, worst, numPixels] = [0, '', 0];
  const words = randomNames(numTexts, seed).map((name) => name.split(/[ -]/)[0] ?? name);
  words.forEach((word, i) => {
    const { sha, name } = presentOrThrow(SHIPPED_FACES[i % SHIPPED_FACES.length], 'face');
    const emMm = (8 + random() * 25) / faceOf(sha).capHeightEm;
    const mm = 0.4 + random() * 3;
    const layers = [
      { colourSlot: 'border', make: aBorder(mm) },
      { colourSlot: 'main', make: { kind: 'text' as const } },
    ];
    const lines = [{ no: 0, runs: [aRunOfLetters(word, sha)] }];
    const [border, letters] = drawArtwork({ leadFace: sha, lines, layers, widthShare: 1 }, faceOf).at(emMm).layers;
    const found = wrongSide(border!.outline, letters!.outline, emMm / EM_UNITS, mm);
    numPixels += found.numPixels;
    if (found.worstMm <= worstMm) return;
    worstMm = found.worstMm;
    worst = `${word}, ${name}, em ${emMm.toFixed(1)} mm, border ${mm.toFixed(2)} mm`;
  });
  return { numTexts, worstMm, worst, numPixels };
}

function wrongSide(border: Outline, letters: Outline, unitMm: number, mm: number) {
  const drawn = rasterOf(border, unitMm, PIXEL_MM, MARGIN_MM);
  const { columns, rows, material } = rasterOf(letters, unitMm, PIXEL_MM, MARGIN_MM, border);
  markEdgesInPlace(material, columns, letters, border, unitMm);
  const squares = squaredDistances(material, columns, rows);
  let worstMm = 0;
  for (let i = 0; i < squares.length; i++) {
    const off = Math.sqrt(squares[i]!) * PIXEL_MM - mm;
    // On it though it lies farther, or off it though it lies nearer.
    const wrongMm = drawn.material[i] === 1 ? off : -off;
    if (wrongMm > worstMm) worstMm = wrongMm;
  }
  return { worstMm, numPixels: squares.length };
}

/** Pixels that an edge passes count as letters, too: points narrower than a pixel would be lost. */
function markEdgesInPlace(
  material: Uint8Array,
  columns: number,
  letters: Outline,
  frame: Outline,
  unitMm: number,
): void {
  const { minX, minY } = boxOfRings(outlineRings(frame))!;
  const scale = unitMm / PIXEL_MM;
  const margin = Math.ceil(MARGIN_MM / PIXEL_MM);
  for (const ring of outlineRings(letters)) {
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [ax, ay] = [(ring[j]! - minX) * scale + margin, (ring[j + 1]! - minY) * scale + margin];
      const [bx, by] = [(ring[i]! - minX) * scale + margin, (ring[i + 1]! - minY) * scale + margin];
      const steps = Math.ceil(2 * Math.hypot(bx - ax, by - ay)) + 1;
      for (let k = 0; k <= steps; k++) {
        const [x, y] = [ax + (k / steps) * (bx - ax), ay + (k / steps) * (by - ay)];
        material[Math.floor(y) * columns + Math.floor(x)] = 1;
      }
    }
  }
}

/** From each pixel to the nearest one with material, squared, in pixels: exact, a row and a column at a time (Felzenszwalb, Huttenlocher 2012). */
function squaredDistances(material: Uint8Array, columns: number, rows: number): Float64Array {
  const far = 4 * (columns + rows) ** 2;
  const found = Float64Array.from(material, (is) => (is === 1 ? 0 : far));
  const lower = new Envelope(Math.max(columns, rows));
  for (let x = 0; x < columns; x++) lower.passInPlace(found, x, columns, rows);
  for (let y = 0; y < rows; y++) lower.passInPlace(found, y * columns, 1, columns);
  return found;
}

/** The lower envelope of parabolas that stand on the values of a line. */
class Envelope {
  readonly #at: Int32Array;
  readonly #from: Float64Array;
  readonly #values: Float64Array;

  constructor(most: number) {
    this.#at = new Int32Array(most);
    this.#from = new Float64Array(most + 1);
    this.#values = new Float64Array(most);
  }

  passInPlace(values: Float64Array, start: number, stride: number, num: number): void {
    const [at, from, line] = [this.#at, this.#from, this.#values];
    for (let q = 0; q < num; q++) line[q] = values[start + q * stride]!;
    let k = 0;
    at[0] = 0;
    from[0] = -Infinity;
    from[1] = Infinity;
    const meet = (q: number, p: number) => (line[q]! + q * q - (line[p]! + p * p)) / (2 * q - 2 * p);
    for (let q = 1; q < num; q++) {
      let s = meet(q, at[k]!);
      while (s <= from[k]!) s = meet(q, at[--k]!);
      at[++k] = q;
      from[k] = s;
      from[k + 1] = Infinity;
    }
    k = 0;
    for (let q = 0; q < num; q++) {
      while (from[k + 1]! < q) k++;
      const p = at[k]!;
      values[start + q * stride] = (q - p) ** 2 + line[p]!;
    }
  }
}

const [count = '20', seed = '7'] = process.argv.slice(2);
process.stdout.write(`${JSON.stringify(compare(Number(count), Number(seed)), null, 1)}\n`);
