import { readFileSync } from 'node:fs';
import { type Canvas, Path2D, createCanvas } from '@napi-rs/canvas';
import * as hb from 'harfbuzzjs';
import opentype, { type Font } from 'opentype.js';
import type { ReadPiece } from './read-svg';
import { boxOf } from './shape-faults';

/** What a piece should be, known without looking at the file. */
export interface Expected {
  readonly faceFile: string;
  /** The text fills a place of this size, ink to edge. */
  readonly placeWidthMm: number;
  readonly placeHeightMm: number;
  /** The material is bonded face down. */
  readonly isReversed: boolean;
}

const MARGIN_PX = 4;
/** Pixels to the millimetre: finer for low lettering, whose edges make up more of its picture. */
function resolutionFor(heightMm: number): number {
  return Math.min(20, Math.max(12, 500 / heightMm));
}

const LEAST_IOU = 0.995;
const SIZE_TOLERANCE_MM = 0.02;

interface Letters {
  /** One path per glyph in font units, y down, at its HarfBuzz position. */
  readonly glyphs: readonly string[];
  readonly box: { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number };
}

const faces = new Map<string, { shaper: hb.Font; drawer: Font }>();

function faceOf(file: string) {
  const known = faces.get(file);
  if (known) return known;
  const bytes = readFileSync(file);
  const buffer = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer;
  const face = { shaper: new hb.Font(new hb.Face(new hb.Blob(buffer))), drawer: opentype.parse(buffer) };
  faces.set(file, face);
  return face;
}

/** Glyphs drawn by another font reader than the program's, one by one and not joined. */
function lettersOf(text: string, faceFile: string): Letters {
  const { shaper, drawer } = faceOf(faceFile);
  const buffer = new hb.Buffer();
  buffer.addText(text.normalize('NFC'));
  buffer.guessSegmentProperties();
  hb.shape(shaper, buffer);
  const positions = buffer.getGlyphPositions();
  const whole = new opentype.Path();
  let penX = 0;
  const glyphs = buffer.getGlyphInfos().map(({ codepoint }, i) => {
    const { xOffset, yOffset, xAdvance } = positions[i]!;
    const path = drawer.glyphs.get(codepoint).getPath(penX + xOffset, -yOffset, drawer.unitsPerEm);
    penX += xAdvance;
    whole.extend(path);
    return path.toPathData(3);
  });
  return { glyphs, box: whole.getBoundingBox() };
}

/**
 * Draws what should be there (every glyph by itself, nonzero, mirrored where the material asks for it) and what is there
 * (every island, even-odd), and compares the two as pictures: as a whole, and for any spot that differs by more than
 * the fringe of an edge, so that a single lost hole in a long name is found too.
 */
export function pictureFaults(piece: ReadPiece, expected: Expected): string[] {
  const { text } = piece;
  const { glyphs, box } = lettersOf(text, expected.faceFile);
  const [minX, minY, maxX, maxY] = boxOf(piece);
  const mmPerUnit = Math.min(expected.placeWidthMm / (box.x2 - box.x1), expected.placeHeightMm / (box.y2 - box.y1));
  const faults: string[] = [];
  const [acrossMm, downMm] = piece.isTurned ? [maxY - minY, maxX - minX] : [maxX - minX, maxY - minY];
  const sizes: [string, number, number][] = [
    ['wide', acrossMm, (box.x2 - box.x1) * mmPerUnit],
    ['high', downMm, (box.y2 - box.y1) * mmPerUnit],
  ];
  for (const [word, is, should] of sizes) {
    if (Math.abs(is - should) > SIZE_TOLERANCE_MM) {
      faults.push(`${text}: ${is.toFixed(3)} mm ${word} and should be ${should.toFixed(3)}`);
    }
  }
  const pxPerMm = resolutionFor(downMm);
  const width = Math.ceil((maxX - minX) * pxPerMm) + 2 * MARGIN_PX;
  const height = Math.ceil((maxY - minY) * pxPerMm) + 2 * MARGIN_PX;
  const scale = mmPerUnit * pxPerMm;
  const should = raster(width, height, glyphs, 'nonzero', (context) => {
    // What is drawn last in the reading order stands first: turned, then mirrored, then sized.
    if (piece.isTurned) context.transform(0, 1, -1, 0, (maxX - minX) * pxPerMm + 2 * MARGIN_PX, 0);
    if (expected.isReversed) context.transform(-1, 0, 0, 1, acrossMm * pxPerMm + 2 * MARGIN_PX, 0);
    context.transform(scale, 0, 0, scale, MARGIN_PX - box.x1 * scale, MARGIN_PX - box.y1 * scale);
  });
  const paths = piece.islands.map(({ d }) => d);
  const is = raster(width, height, paths, 'evenodd', (context) => {
    context.transform(pxPerMm, 0, 0, pxPerMm, MARGIN_PX - minX * pxPerMm, MARGIN_PX - minY * pxPerMm);
  });
  const { iou, numSpots } = compare(is, should, width);
  if (iou < LEAST_IOU) faults.push(`${text}: the picture agrees by ${iou.toFixed(4)} only`);
  if (numSpots > 0) faults.push(`${text}: ${numSpots} spots differ from the lettering`);
  return faults;
}

type Context = ReturnType<ReturnType<typeof createCanvas>['getContext']>;

let canvas: Canvas | null = null;

/** The picture's pixels as they lie in memory: red, green, blue, and the cover in the highest byte. */
function raster(
  width: number,
  height: number,
  paths: readonly string[],
  rule: 'nonzero' | 'evenodd',
  place: (context: Context) => void,
): Uint32Array {
  // One canvas for all: their pixels lie outside the heap, so that hundreds of them are never collected in time.
  canvas ??= createCanvas(width, height);
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  place(context);
  for (const path of paths) context.fill(new Path2D(path), rule);
  return new Uint32Array(context.getImageData(0, 0, width, height).data.buffer);
}

/** A pixel counts where at least half of it is covered. */
function compare(a: Uint32Array, b: Uint32Array, width: number) {
  let both = 0;
  let either = 0;
  const differing = new Set<number>();
  for (let i = 0; i < a.length; i++) {
    const inA = a[i]! >>> 31;
    const inB = b[i]! >>> 31;
    both += inA & inB;
    either += inA | inB;
    if (inA !== inB) differing.add(i);
  }
  // A spot: all nine pixels around differ, which is wider than any difference along an edge.
  const around = [-width, 0, width].flatMap((row) => [row - 1, row, row + 1]);
  const numSpots = [...differing].filter((at) => around.every((step) => differing.has(at + step))).length;
  return { iou: both / either, numSpots };
}
