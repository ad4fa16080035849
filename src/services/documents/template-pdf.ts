import type { Fit } from '@/core/fit';
import {
  OVERLAP_MM,
  PAPERS,
  PAPER_MARGIN_MM,
  type Paper,
  type Ring,
  type TemplatePage,
  placeGeometry,
  templatePages,
} from '@/core/place';
import type { MainPlace } from '@/core/edit';
import type { RunSpec } from '@/core/spec';
import { type LengthUnit, MM_PER_INCH } from '@/core/units';
import type { FrozenBody } from '../compute/compute';
import { asCut, drawnLayers, placedPath } from './drawn-layers';
import { INK, PT, pdfBytes, words } from './pdf-parts';

/** Paper left around the outline, so that it can be cut out and its fold marks reach over it. */
const AROUND_MM = 14;
/** The bar that a ruler is laid on after printing: a length that it has a line for. */
const BARS: Readonly<Record<LengthUnit, { readonly mm: number; readonly words: string }>> = {
  mm: { mm: 50, words: '50 mm' },
  inch: { mm: 2 * MM_PER_INCH, words: '2 in' },
};
const FOLD_MM = 9;
const LINE_MM = 0.25;

interface TemplateInput {
  readonly spec: RunSpec;
  readonly place: MainPlace;
  /** What is drawn in the place; null leaves the outline empty. */
  readonly fit: Fit | null;
  /** What of it is drawn as it was frozen. */
  readonly frozen: readonly FrozenBody[];
  readonly paper: Paper;
  readonly length: LengthUnit;
  /** ISO day. */
  readonly today: string;
}

/**
 * A place on paper at its true size: outline, clear zones, text, crosses on the middle lines to fold by, and a bar of 50 mm or 2 in on
 * every sheet. What is larger than a sheet goes on several, with lines where the next one is laid.
 */
export function templatePdf({ spec, place, fit, frozen, paper, length, today }: TemplateInput): Promise<Uint8Array> {
  const geometry = placeGeometry(place.variant, place.measured);
  const [widthMm, heightMm] = [geometry.box.widthMm + 2 * AROUND_MM, geometry.box.heightMm + 2 * AROUND_MM];
  const sheets = templatePages(widthMm, heightMm, paper);
  const frozenById = new Map(frozen.map((piece) => [piece.pieceId, piece]));
  const ink = fit ? placedPath(drawnLayers(fit, frozenById)) : '';
  const text = fit ? asCut([fit], frozenById) : '';
  const title = `${place.blank.name}, ${place.role.name}${text && `: ${text}`}`;
  return pdfBytes(PAPERS[paper], `Template: ${title}`, today, (doc) => {
    sheets.forEach((sheet, i) => {
      if (i > 0) doc.addPage();
      drawSheet(doc, sheet, paper, () => {
        ring(doc, geometry.outline, 0.35);
        for (const zone of geometry.clear) ring(doc, zone, 0.2);
        foldCrosses(doc, geometry.box);
        if (ink !== '') doc.path(ink).fill(INK, 'even-odd');
      });
      overlapMarks(doc, sheet, sheets, paper);
      foot(doc, { title, run: spec.title, sheet, sheets, paper, length });
    });
  });
}

/** Draws in millimetres in the frame of the place, clipped to what this sheet shows. */
function drawSheet(doc: PDFKit.PDFDocument, { xMm, yMm }: TemplatePage, paper: Paper, draw: () => void): void {
  const { widthMm, heightMm } = PAPERS[paper];
  const m = PAPER_MARGIN_MM;
  doc.save();
  doc.rect(m * PT, m * PT, (widthMm - 2 * m) * PT, (heightMm - 2 * m) * PT).clip();
  doc.translate((m - xMm + AROUND_MM) * PT, (m - yMm + AROUND_MM) * PT).scale(PT);
  draw();
  doc.restore();
}

function ring(doc: PDFKit.PDFDocument, points: Ring, lineMm: number): void {
  points.forEach(([x, y], i) => (i === 0 ? doc.moveTo(x, y) : doc.lineTo(x, y)));
  doc.closePath().lineWidth(lineMm).stroke(INK);
}

/** On both middle lines, at either end: the paper is folded through them and the fold laid on the crease of the blank. */
function foldCrosses(doc: PDFKit.PDFDocument, { widthMm, heightMm }: { widthMm: number; heightMm: number }): void {
  const [x, y] = [widthMm / 2, heightMm / 2];
  const spots: readonly (readonly [number, number])[] = [
    [x, -FOLD_MM / 2 - 1],
    [x, heightMm + FOLD_MM / 2 + 1],
    [-FOLD_MM / 2 - 1, y],
    [widthMm + FOLD_MM / 2 + 1, y],
  ];
  const half = FOLD_MM / 2;
  for (const [px, py] of spots) {
    doc.moveTo(px - half, py).lineTo(px + half, py);
    doc.moveTo(px, py - half).lineTo(px, py + half);
  }
  doc.lineWidth(0.25).stroke(INK);
}

/** Dashed lines where a neighbouring sheet's edge is laid, named by that sheet. */
function overlapMarks(
  doc: PDFKit.PDFDocument,
  { column, row }: TemplatePage,
  sheets: readonly TemplatePage[],
  paper: Paper,
): void {
  const { widthMm, heightMm } = PAPERS[paper];
  const [left, top] = [PAPER_MARGIN_MM, PAPER_MARGIN_MM];
  const [right, bottom] = [widthMm - PAPER_MARGIN_MM, heightMm - PAPER_MARGIN_MM];
  const has = (c: number, r: number) => sheets.some((sheet) => sheet.column === c && sheet.row === r);
  doc
    .save()
    .lineWidth(0.2 * PT)
    .dash(3, { space: 3 });
  const line = (x1: number, y1: number, x2: number, y2: number) =>
    doc
      .moveTo(x1 * PT, y1 * PT)
      .lineTo(x2 * PT, y2 * PT)
      .stroke(INK);
  if (has(column + 1, row)) line(right - OVERLAP_MM, top, right - OVERLAP_MM, bottom);
  if (has(column, row + 1)) line(left, bottom - OVERLAP_MM, right, bottom - OVERLAP_MM);
  doc.undash();
  if (has(column - 1, row)) line(left, top, left, bottom);
  if (has(column, row - 1)) line(left, top, right, top);
  doc.restore();
}

interface Foot {
  readonly title: string;
  readonly run: string;
  readonly sheet: TemplatePage;
  readonly sheets: readonly TemplatePage[];
  readonly paper: Paper;
  readonly length: LengthUnit;
}

function foot(doc: PDFKit.PDFDocument, { title, run, sheet, sheets, paper, length }: Foot): void {
  const { widthMm, heightMm } = PAPERS[paper];
  const y = heightMm - 7;
  const [x1, x2] = [PAPER_MARGIN_MM, PAPER_MARGIN_MM + BARS[length].mm];
  doc.moveTo(x1 * PT, y * PT).lineTo(x2 * PT, y * PT);
  // The strokes at its ends lie inside it, so that it is as long as it says from outside to outside.
  for (const x of [x1 + LINE_MM / 2, x2 - LINE_MM / 2])
    doc.moveTo(x * PT, (y - 1.5) * PT).lineTo(x * PT, (y + 1.5) * PT);
  doc.lineWidth(LINE_MM * PT).stroke(INK);
  const bar = `${BARS[length].words}: print at 100 %, and measure this bar first`;
  words(doc, bar, { font: 'measures', size: 7, xMm: x2 + 3, yMm: y - 1.3, widthMm: widthMm - x2 - 3 });
  const font = 'words';
  const place = sheets.length > 1 ? `, sheet ${sheet.row + 1}-${sheet.column + 1}` : '';
  const next = sheets.length > 1 ? '. Cut along the full lines, lay them on the dashed lines of the sheet before.' : '';
  words(doc, `${title}${place}${next}`, { font, size: 8.5, xMm: PAPER_MARGIN_MM, yMm: 4.2, widthMm: widthMm - 24 });
  words(doc, run, { font, size: 6.5, xMm: PAPER_MARGIN_MM, yMm: 8, widthMm: widthMm - 24 });
}
