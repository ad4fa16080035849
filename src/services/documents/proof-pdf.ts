import { HOUSE } from '@/core/tokens';
import type { CheckedFit } from '@/core/checks';
import { type Finding, stopOf } from '@/core/finding';
import { namesOfSlot } from '@/core/pieces';
import { type Units, findingSentence } from '@/core/sentences';
import { PAPERS, type Paper } from '@/core/place';
import type { RunSpec } from '@/core/spec';
import { type ProofRow, proofRows } from '@/core/wording';
import type { FrozenBody } from '../compute/compute';
import { firstCopy } from '@/core/figures';
import { type FrozenById, type InkPicture, asCut, drawnLayers, inkPicture } from './drawn-layers';
import { spelled } from './pdf-letters';
import { drawOutline } from './pdf-outline';
import { PT, pdfBytes, widthOf, words } from './pdf-parts';

/** What is printed fits the narrower of both papers, millimetres. */
const PAGE = { width: 210, margin: 16, top: 34, bottom: 18 };
const COLUMN = { number: 10, lettering: 92, words: 60 };

interface ProofInput {
  readonly spec: RunSpec;
  readonly fits: readonly CheckedFit[];
  /** What is drawn as it was frozen. */
  readonly frozen: readonly FrozenBody[];
  readonly paper: Paper;
  readonly units: Units;
  /** ISO day. */
  readonly today: string;
}

/**
 * The proof on paper: every text as it will be cut, all at one scale, spelled beneath in plain spaced letters, with its
 * tick or a box for one. In roster order; those that cannot be cut stand after them with the reason, and have no box.
 */
export function proofPdf({ spec, fits, frozen, paper, units, today }: ProofInput): Promise<Uint8Array> {
  const rows = proofRows(spec).filter(({ worded }) => worded !== null);
  const drawn = drawingsOf(fits, new Map(frozen.map((piece) => [piece.pieceId, piece])));
  const isStopped = ({ key }: ProofRow) => Boolean(drawn.get(key)?.stop);
  const able = rows.filter((row) => !isStopped(row));
  const hasPlaces = new Set(rows.map(({ placeName }) => placeName)).size > 1;
  const widths = able.map(({ key }) => drawn.get(key)?.widthMm ?? 0);
  const scale = Math.min(1, COLUMN.lettering / Math.max(1, ...widths));
  const { heightMm: pageMm } = PAPERS[paper];
  return pdfBytes(PAPERS[paper], `Proof: ${spec.title}`, today, (doc) => {
    let page = 0;
    let yMm: number = pageMm;
    /** Answers where something of that height goes, on a new page where this one is full. */
    const place = (heightMm: number) => {
      if (yMm + heightMm > pageMm - PAGE.bottom) {
        if (page > 0) doc.addPage();
        page++;
        head(doc, spec, { scale, page, numTexts: able.length, today });
        yMm = PAGE.top;
      }
      yMm += heightMm;
      return yMm - heightMm;
    };
    for (const row of able) {
      const drawing = drawn.get(row.key);
      const heightMm = Math.max(14, (drawing?.heightMm ?? 0) * scale + 13) + (drawing?.now ? NOW_MM : 0);
      drawRow(doc, row, { drawing, scale, yMm: place(heightMm), hasPlaces });
      rule(doc, yMm - 3);
    }
    const stopped = rows.filter(isStopped);
    // Their heading stays with the first of them.
    if (stopped.length > 0) stoppedHead(doc, stopped.length, place(STOPPED_HEAD_MM + STOPPED_MM));
    if (stopped.length > 0) yMm -= STOPPED_MM;
    for (const row of stopped) {
      drawStopped(doc, row, { stop: drawn.get(row.key)!.stop!, yMm: place(STOPPED_MM), hasPlaces, units });
      rule(doc, yMm - 3);
    }
    if (rows.length === 0) head(doc, spec, { scale, page: 1, numTexts: 0, today });
  });
}

/** The pictures of one text side by side (one, or a letter to each blank), millimetres. */
interface Drawing extends InkPicture {
  /** More than one film, or something drawn. */
  readonly hasLayers: boolean;
  readonly asCut: string;
  /** What the run says now where that is otherwise than what was frozen. */
  readonly now: string | null;
  /** Why it cannot be cut as the run has it; null when it can, and where it was frozen. */
  readonly stop: Finding | null;
}

/** A text that cannot be cut: its number, its letters and the reason. */
const STOPPED_MM = 17;
const STOPPED_HEAD_MM = 12;

const LETTER_GAP_MM = 4;
/** A line that says what the run says now. */
const NOW_MM = 5;

function drawingsOf(fits: readonly CheckedFit[], frozenById: FrozenById): Map<string, Drawing> {
  const byKey = new Map<string, CheckedFit[]>();
  for (const checked of fits) {
    const { textKey } = checked.fit.slot;
    const group = byKey.get(textKey);
    if (group) group.push(checked);
    else byKey.set(textKey, [checked]);
  }
  return new Map(
    [...byKey].map(([key, group]) => [
      key,
      drawingOf(
        firstCopy(group, ({ fit }) => fit.slot),
        frozenById,
      ),
    ]),
  );
}

/** What was frozen is cut as it was, whatever the run says by now. */
function stopIn(fits: readonly CheckedFit[], frozenById: FrozenById): Finding | null {
  const live = fits.filter(({ fit }) => namesOfSlot(fit.slot).every(({ id }) => !frozenById.has(id)));
  return stopOf(live.flatMap(({ findings }) => findings));
}

function drawingOf(fits: readonly CheckedFit[], frozenById: FrozenById): Drawing {
  const pictures = fits.map(({ fit }) => inkPicture(drawnLayers(fit, frozenById)));
  const heightMm = Math.max(0, ...pictures.map((picture) => picture.heightMm));
  let left = 0;
  const parts = pictures.flatMap((picture) => {
    const from = left;
    left += picture.widthMm + LETTER_GAP_MM;
    return picture.parts.map(({ xMm, yMm, ...part }) => ({
      ...part,
      xMm: from + xMm,
      yMm: heightMm - picture.heightMm + yMm,
    }));
  });
  const plain = fits.map(({ fit }) => fit);
  const [then, now] = [asCut(plain, frozenById), asCut(plain, NOTHING_FROZEN)];
  return {
    parts,
    hasLayers: pictures.some(
      (picture) => picture.parts.length > 1 || picture.parts.some(({ lines }) => lines.length > 0),
    ),
    widthMm: Math.max(0, left - LETTER_GAP_MM),
    heightMm,
    asCut: then,
    now: now === then ? null : now,
    stop: stopIn(fits, frozenById),
  };
}

const NOTHING_FROZEN: FrozenById = new Map();

const TITLE_WIDTH = 128;

/** As large as one line allows; a very long title wraps in small letters. */
function titleSize(doc: PDFKit.PDFDocument, title: string): number {
  const sizes = [15, 13, 11, 9, 8];
  return sizes.find((size) => widthOf(doc, title, { font: 'strong', size }) < TITLE_WIDTH * PT) ?? 7;
}

interface HeadFacts {
  readonly scale: number;
  readonly page: number;
  readonly numTexts: number;
  readonly today: string;
}

function head(doc: PDFKit.PDFDocument, spec: RunSpec, { scale, page, numTexts, today }: HeadFacts): void {
  const size = scale === 1 ? 'true size' : `all at ${Math.round(scale * 100)} % of true size`;
  words(doc, spec.title, {
    font: 'strong',
    size: titleSize(doc, spec.title),
    xMm: PAGE.margin,
    yMm: 13,
    widthMm: TITLE_WIDTH,
  });
  const said = `${numTexts} texts exactly as they will be cut, ${size}. Please compare letter by letter.`;
  words(doc, said, { font: 'words', size: 9, xMm: PAGE.margin, yMm: 22, widthMm: 150 });
  const right = { xMm: PAGE.width - PAGE.margin - 50, yMm: 14, widthMm: 50, align: 'right' } as const;
  words(doc, `${today}  page ${page}`, { font: 'measures', size: 9, ...right });
  rule(doc, PAGE.top - 4);
}

interface RowLook {
  readonly drawing: Drawing | undefined;
  readonly scale: number;
  readonly yMm: number;
  /** The run letters more places than one, so each row says which. */
  readonly hasPlaces: boolean;
}

function drawRow(doc: PDFKit.PDFDocument, row: ProofRow, { drawing, scale, yMm, hasPlaces }: RowLook): void {
  words(doc, String(row.no), {
    font: 'measures',
    size: 9,
    xMm: PAGE.margin,
    yMm: yMm + 1,
    widthMm: COLUMN.number,
  });
  const left = PAGE.margin + COLUMN.number;
  for (const part of drawing?.parts ?? []) {
    const at = { xMm: left + part.xMm * scale, yMm: yMm + part.yMm * scale };
    const hasLayers = drawing!.hasLayers;
    // Of several films each has its own colour, or what lies below would hide what lies on it.
    drawOutline(doc, part.outline, {
      ...at,
      scale,
      fill: hasLayers ? part.hex : HOUSE.ink,
      edge: hasLayers ? HOUSE.ink : null,
    });
    for (const lines of part.lines) drawOutline(doc, lines, { ...at, scale, fill: null, edge: HOUSE.ink });
  }
  const said = spelled(drawing?.asCut ?? wordsOf(row));
  const below = yMm + (drawing?.heightMm ?? 0) * scale + 3;
  words(doc, said, { font: 'measures', isSeen: true, size: 9, xMm: left, yMm: below, widthMm: COLUMN.lettering + 10 });
  if (drawing?.now) {
    const at = { xMm: left, yMm: below + NOW_MM, widthMm: COLUMN.lettering + 10 };
    words(doc, `the run says now: ${drawing.now}`, { font: 'strong', size: 9, ...at });
  }
  const right = left + COLUMN.lettering + 12;
  drawTick(doc, row, { xMm: right, yMm, hasPlaces });
}

function wordsOf({ worded }: ProofRow): string {
  return worded?.lines.map(({ text }) => text).join(' / ') ?? '';
}

function stoppedHead(doc: PDFKit.PDFDocument, numTexts: number, yMm: number): void {
  const said = numTexts === 1 ? '1 text cannot be cut as it is:' : `${numTexts} texts cannot be cut as they are:`;
  words(doc, said, { font: 'strong', size: 10, xMm: PAGE.margin, yMm: yMm + 3, widthMm: 170, colour: HOUSE.madder });
}

interface StoppedLook extends Pick<RowLook, 'yMm' | 'hasPlaces'> {
  readonly stop: Finding;
  readonly units: Units;
}

function drawStopped(doc: PDFKit.PDFDocument, row: ProofRow, { stop, yMm, hasPlaces, units }: StoppedLook): void {
  const left = PAGE.margin + COLUMN.number;
  words(doc, String(row.no), { font: 'measures', size: 9, xMm: PAGE.margin, yMm, widthMm: COLUMN.number });
  words(doc, spelled(wordsOf(row)), {
    font: 'measures',
    isSeen: true,
    size: 9,
    xMm: left,
    yMm,
    widthMm: COLUMN.lettering - 6,
  });
  const right = left + COLUMN.lettering;
  const where = hasPlaces ? `${row.placeName}: ` : '';
  const widthMm = PAGE.width - PAGE.margin - right;
  words(doc, where + findingSentence(stop, units), { font: 'words', size: 8.5, xMm: right, yMm, widthMm });
}

function drawTick(
  doc: PDFKit.PDFDocument,
  { state, entry, placeName }: ProofRow,
  { xMm, yMm, hasPlaces }: Pick<RowLook, 'yMm' | 'hasPlaces'> & { readonly xMm: number },
): void {
  const pieces = entry.quantity === 1 ? '' : `, ${entry.quantity} pieces`;
  const where = hasPlaces ? ` (${placeName})` : '';
  const whose = `${entry.fields.text ?? ''}${pieces}${where}: `;
  doc
    .lineWidth(0.8)
    .rect(xMm * PT, (yMm + 1) * PT, 4 * PT, 4 * PT)
    .stroke(HOUSE.ink);
  if (state.kind === 'ticked') {
    doc
      .moveTo((xMm + 0.8) * PT, (yMm + 3) * PT)
      .lineTo((xMm + 1.8) * PT, (yMm + 4.2) * PT)
      .lineTo((xMm + 3.4) * PT, (yMm + 1.8) * PT)
      .stroke(HOUSE.verdigris);
  }
  const said = whose + stateWords(state);
  words(doc, said, { font: 'words', size: 8.5, xMm: xMm + 6, yMm: yMm + 1, widthMm: COLUMN.words });
}

function stateWords(state: ProofRow['state']): string {
  if (state.kind === 'open') return 'to be ticked';
  const when = `${state.tick.who || 'someone'}, ${state.tick.at.slice(0, 10)}`;
  if (state.kind === 'changed') return `changed since ${when}: it read ${state.tick.lines.join(' / ')}`;
  return state.isLookChanged ? `right, says ${when}; it looks different since` : `right, says ${when}`;
}

function rule(doc: PDFKit.PDFDocument, yMm: number): void {
  doc
    .lineWidth(0.4)
    .moveTo(PAGE.margin * PT, yMm * PT)
    .lineTo((PAGE.width - PAGE.margin) * PT, yMm * PT)
    .stroke(HOUSE.rule);
}
