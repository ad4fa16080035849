import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from '@playwright/test';

/** Dots to the inch at which a page is looked at. */
export const DPI = 300;
export const MM_PER_PX = 25.4 / DPI;

/** A page of a PDF as dark and light dots: one byte each, 1 where something is printed. */
export interface PdfPixels {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly isDark: (x: number, y: number) => boolean;
  readonly numPages: number;
}

const PDFJS = path.resolve('node_modules/pdfjs-dist/build');

/** Renders one page (from 1) of a PDF at `DPI` with a reader that shares no code with what wrote it. */
export async function pdfPixels(page: Page, pdf: Buffer, pageNo = 1): Promise<PdfPixels> {
  await page.route('http://pdf.test/**', (route) => {
    const name = new URL(route.request().url()).pathname.slice(1);
    if (name === 'it.pdf') return route.fulfill({ body: pdf, contentType: 'application/pdf' });
    if (name === '') return route.fulfill({ body: '<!doctype html><title>pdf</title>', contentType: 'text/html' });
    return route.fulfill({ body: readFileSync(path.join(PDFJS, path.basename(name))), contentType: 'text/javascript' });
  });
  await page.goto('http://pdf.test/');
  const found = await page.evaluate(
    async ({ scale, pageNo: no }) => {
      const pdfjs = await import(/* webpackIgnore: true */ 'http://pdf.test/pdf.min.mjs' as string);
      pdfjs.GlobalWorkerOptions.workerSrc = 'http://pdf.test/pdf.worker.min.mjs';
      const document_ = await pdfjs.getDocument('http://pdf.test/it.pdf').promise;
      const sheet = await document_.getPage(no);
      const viewport = sheet.getViewport({ scale });
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [Math.round(viewport.width), Math.round(viewport.height)];
      const context = canvas.getContext('2d')!;
      await sheet.render({ canvasContext: context, viewport }).promise;
      const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
      let dark = '';
      for (let i = 0; i < data.length; i += 4) dark += data[i]! + data[i + 1]! + data[i + 2]! < 480 ? '1' : '0';
      return { widthPx: canvas.width, heightPx: canvas.height, dark, numPages: document_.numPages as number };
    },
    { scale: DPI / 72, pageNo },
  );
  await page.unroute('http://pdf.test/**');
  const { widthPx, heightPx, dark, numPages } = found;
  return { widthPx, heightPx, numPages, isDark: (x, y) => dark[y * widthPx + x] === '1' };
}

/** Longest level run of dark dots whose row lies between two heights: its ends in millimetres. */
export function longestRow(
  { widthPx, isDark }: PdfPixels,
  fromMm: number,
  toMm: number,
): { fromMm: number; toMm: number } {
  let best = { from: 0, to: 0 };
  for (let y = Math.round(fromMm / MM_PER_PX); y < toMm / MM_PER_PX; y++) {
    let start = -1;
    for (let x = 0; x <= widthPx; x++) {
      if (x < widthPx && isDark(x, y)) {
        if (start < 0) start = x;
      } else if (start >= 0) {
        if (x - start > best.to - best.from) best = { from: start, to: x };
        start = -1;
      }
    }
  }
  return { fromMm: best.from * MM_PER_PX, toMm: best.to * MM_PER_PX };
}

/** The heights at which a column of dots is dark, joined to strokes: their middles in millimetres. */
export function strokesDown({ heightPx, isDark }: PdfPixels, xMm: number): number[] {
  const x = Math.round(xMm / MM_PER_PX);
  return strokesAlong(heightPx, (y) => isDark(x, y));
}

/** The same along a row of dots. */
export function strokesAcross({ widthPx, isDark }: PdfPixels, yMm: number): number[] {
  const y = Math.round(yMm / MM_PER_PX);
  return strokesAlong(widthPx, (x) => isDark(x, y));
}

function strokesAlong(length: number, isDark: (at: number) => boolean): number[] {
  const strokes: number[] = [];
  let start = -1;
  for (let at = 0; at <= length; at++) {
    const dark = at < length && isDark(at);
    if (dark && start < 0) start = at;
    if (!dark && start >= 0) {
      strokes.push(((start + at) / 2) * MM_PER_PX);
      start = -1;
    }
  }
  return strokes;
}
