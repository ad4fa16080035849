import PDFDocument from 'pdfkit';
import { HOUSE } from '@/core/tokens';
import { type Wanted, ascentOf, registerFonts, runsOf } from './pdf-letters';

/** Points of a page in a millimetre. */
export const PT = 72 / 25.4;
export const INK = HOUSE.ink;

export interface PdfPaper {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A document with its first page and Knurl's faces, and the bytes of it once it was drawn. */
export async function pdfBytes(
  { widthMm, heightMm }: PdfPaper,
  title: string,
  /** ISO day: the same input gives the same bytes all day. */
  today: string,
  draw: (doc: PDFKit.PDFDocument) => void,
): Promise<Uint8Array> {
  const doc = new PDFDocument({
    size: [widthMm * PT, heightMm * PT],
    margin: 0,
    info: { Title: title, CreationDate: new Date(`${today}T00:00:00Z`), Producer: 'Knurl', Creator: 'Knurl' },
  });
  const chunks: Buffer[] = [];
  const isDone = new Promise<void>((resolve) => doc.on('end', resolve));
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  registerFonts(doc);
  draw(doc);
  doc.end();
  await isDone;
  return new Uint8Array(Buffer.concat(chunks));
}

export interface PdfWords extends Wanted {
  readonly size: number;
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly align?: 'left' | 'right' | 'center';
  readonly colour?: string;
}

export function words(doc: PDFKit.PDFDocument, text: string, at: PdfWords): void {
  const { font, size, xMm, yMm, widthMm, align = 'left', colour = INK } = at;
  const runs = runsOf(doc, text, at);
  // Letters of several faces stand on one line.
  const baseline = yMm * PT + ascentOf(font) * size;
  doc.fontSize(size).fillColor(colour);
  runs.forEach((run, i) => {
    const options = { width: widthMm * PT, align, continued: i < runs.length - 1, baseline: 'alphabetic' as const };
    doc.font(run.font);
    if (i === 0) doc.text(run.text, xMm * PT, baseline, options);
    else doc.text(run.text, options);
  });
}

/** How wide a line would be, points. */
export function widthOf(
  doc: PDFKit.PDFDocument,
  text: string,
  { font, size }: Pick<PdfWords, 'font' | 'size'>,
): number {
  return runsOf(doc, text, { font }).reduce(
    (sum, run) => sum + doc.font(run.font).fontSize(size).widthOfString(run.text),
    0,
  );
}
