import { HOUSE } from '@/core/tokens';
import { PAPERS, type Paper } from '@/core/place';
import { type PlacePress, type PressRow, setAtPress } from '@/core/press';
import {
  type FigureWords,
  SHEETS_WIN,
  coverWords,
  layerRemarks,
  peelWords,
  pressRemarks,
  readingWords,
  stepWords,
} from '@/core/sentences';
import { INK, PT, pdfBytes, words } from './pdf-parts';

const MARGIN_MM = 16;
const FIGURES_MM = 15;
const LINE_MM = 5;
const RISE_MM = 2;
const MOST_NAMES = 14;

const CAUTIONS =
  'Hot platen, hot zips: never leave a hot press, air the room, press no plastic that nobody knows. Blades are sharp. Goods for infants and for food: only what its maker allows. Local rules come first.';

export interface PressSheetInput {
  readonly title: string;
  /** `Pass 2`, or what is pressed. */
  readonly what: string;
  readonly rows: readonly PressRow[];
  readonly nameOf: (itemId: string) => string;
  readonly heaterWords: string;
  readonly figures: FigureWords;
  readonly paper: Paper;
  /** ISO day. */
  readonly today: string;
}

/** What is pressed, for the wall beside the press: figures large, the order of doing, and who gets it. One page for what is usual. */
export function pressSheetPdf(input: PressSheetInput): Promise<Uint8Array> {
  const { title, what, rows, heaterWords, paper, today } = input;
  const { widthMm, heightMm } = PAPERS[paper];
  const width = widthMm - 2 * MARGIN_MM;
  return pdfBytes(PAPERS[paper], `Press sheet: ${title}`, today, (doc) => {
    let yMm = 0;
    const head = () => {
      words(doc, `Press sheet: ${what}`, { font: 'strong', size: 16, xMm: MARGIN_MM, yMm: 12, widthMm: width });
      const with_ = `${title} · with a ${heaterWords}`;
      words(doc, with_, { font: 'words', size: 10, xMm: MARGIN_MM, yMm: 19.5, widthMm: width });
      words(doc, `${SHEETS_WIN} ${CAUTIONS}`, {
        font: 'words',
        size: 8,
        xMm: MARGIN_MM,
        yMm: heightMm - 17,
        widthMm: width,
        colour: HOUSE.brass,
      });
      yMm = 29;
    };
    head();
    if (rows.length === 0)
      words(doc, 'Nothing of it is pressed.', { font: 'words', size: 11, xMm: MARGIN_MM, yMm, widthMm: width });
    for (const row of rows) {
      for (const press of row.presses) {
        const lines = linesOf(row, press, input);
        const needsMm = 13 + (press.answer.kind === 'press' ? FIGURES_MM : 0) + lines.length * LINE_MM;
        if (yMm + needsMm > heightMm - 20 && yMm > 29) {
          doc.addPage();
          head();
        }
        yMm = drawPress(doc, { row, press, lines, yMm, width, input });
      }
    }
  });
}

/** Who gets it, what has to be known, and the order of doing. */
function linesOf({ itemIds, readingDeg }: PressRow, press: PlacePress, input: PressSheetInput): string[] {
  const { answer, steps } = press;
  const names = itemIds.slice(0, MOST_NAMES).map(input.nameOf).join(', ');
  const more = itemIds.length > MOST_NAMES ? ` and ${itemIds.length - MOST_NAMES} more` : '';
  return [
    `${itemIds.length === 1 ? '1 item' : `${itemIds.length} items`}: ${names}${more}`,
    `It reads ${readingWords(readingDeg)}.`,
    ...pressRemarks(answer, input.figures),
    ...layerRemarks(press),
    ...steps.map((step, i) => `${i + 1}. ${stepWords(step, input.figures)}`),
  ];
}

interface DrawnPress {
  readonly row: PressRow;
  readonly press: PlacePress;
  readonly lines: readonly string[];
  readonly yMm: number;
  readonly width: number;
  readonly input: PressSheetInput;
}

/** Answers where the next one may begin. */
function drawPress(doc: PDFKit.PDFDocument, { row, press, lines, yMm, width, input }: DrawnPress): number {
  const { materialName } = press;
  doc
    .moveTo(MARGIN_MM * PT, yMm * PT)
    .lineTo((MARGIN_MM + width) * PT, yMm * PT)
    .lineWidth(0.4)
    .stroke(INK);
  const title = `${materialName} on ${row.blankName}, ${row.placeName}`;
  words(doc, title, { font: 'strong', size: 12, xMm: MARGIN_MM, yMm: yMm + 2, widthMm: width });
  let next = yMm + 9;
  const set = setAtPress(press);
  if (set) {
    const figures = [
      ['heat', input.figures.heat(set.heatC)],
      ['seconds', `${set.seconds} s`],
      ['pressure', set.pressure],
      ['cover', coverWords(set.cover)],
      ['peel', peelWords(set.peels)],
    ] as const;
    figures.forEach(([label, value], i) => {
      const xMm = MARGIN_MM + (i * width) / figures.length;
      const at = { xMm, widthMm: width / figures.length };
      words(doc, label, { font: 'words', size: 8, ...at, yMm: next });
      words(doc, value, {
        font: i < 2 ? 'measures' : 'strong',
        size: i < 2 ? 22 : 12,
        ...at,
        yMm: next + (i < 2 ? 3.2 : 5),
      });
    });
    next += FIGURES_MM;
  }
  for (const line of lines) {
    words(doc, line, { font: 'words', size: 10, xMm: MARGIN_MM, yMm: next, widthMm: width });
    // The writer stands below a line by as much as the line's letters rise: a wrapped one is that much lower.
    next = Math.max(next + LINE_MM, doc.y / PT - RISE_MM);
  }
  return next + 4;
}
