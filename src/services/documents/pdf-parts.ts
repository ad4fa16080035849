import { HOUSE } from '@/core/tokens';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import PDFDocument from 'pdfkit';
import { facesCovering } from '@/core/faces';
import { faceFilePath } from '@/core/shop';

/** Points of a page in a millimetre. */
export const PT = 72 / 25.4;
export const INK = HOUSE.ink;

const FONTS = {
  words: 'src/ui/fonts/Archivo_400Regular.ttf',
  strong: 'src/ui/fonts/Archivo_600SemiBold.ttf',
  measures: 'src/ui/fonts/SplineSansMono_400Regular.ttf',
} as const;
export type PdfFont = keyof typeof FONTS;

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
  for (const [name, file] of Object.entries(FONTS)) doc.registerFont(name, file);
  draw(doc);
  doc.end();
  await isDone;
  return new Uint8Array(Buffer.concat(chunks));
}

export interface PdfWords {
  readonly font: string;
  readonly size: number;
  readonly xMm: number;
  readonly yMm: number;
  readonly widthMm: number;
  readonly align?: 'left' | 'right' | 'center';
}

export function words(doc: PDFKit.PDFDocument, text: string, at: PdfWords): void {
  const { font, size, xMm, yMm, widthMm, align = 'left' } = at;
  doc.font(font).fontSize(size).fillColor(INK);
  doc.text(text, xMm * PT, yMm * PT, { width: widthMm * PT, align });
}

/** The words' face has Latin letters only; what it lacks is written in a face of the letterings that has it. */
export function coveringFont(doc: PDFKit.PDFDocument, text: string, usual: PdfFont): string {
  if (/^[\u0020-\u024f\u1e00-\u1eff\u2010-\u2044€·]*$/.test(text)) return usual;
  const [sha] = facesCovering(text.replace(/\s/gu, ''));
  if (sha === undefined) return usual;
  const name = `face-${sha.slice(0, 8)}`;
  doc.registerFont(name, readFileSync(path.join('public', faceFilePath(sha))));
  return name;
}
