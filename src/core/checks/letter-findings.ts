import {
  type NearLetters,
  type FaceOf,
  apartInText,
  artJobOf,
  isJoinedFace,
  nearestLetters,
  unevenFigures,
} from '../artwork';
import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import type { SetLine } from '../resolve';
import type { MeasuredFit } from './measure-findings';
import { strokeFindings } from './stroke-findings';

/** A run of figures as long as a year is read as one. */
const YEAR = /[0-9]{4}|[0-9]{1,2}[./-][0-9]{1,2}/;

/**
 * What is to say of the letters one by one: figures that are not of full height in a year, neighbours that nearly touch,
 * or that do not in a script. */
export function letterFindings(fit: MeasuredFit, faceOf: FaceOf): Finding[] {
  return [
    ...figureFindings(fit, faceOf),
    ...nearFindings(fit, faceOf),
    ...apartFindings(fit, faceOf),
    ...strokeFindings(fit),
  ];
}

/** One for each run with such figures. */
function figureFindings({ slot }: MeasuredFit, faceOf: FaceOf): Finding[] {
  if (!YEAR.test(slot.text.join(' '))) return [];
  return slot.lines.flatMap(({ no, runs }) =>
    runs.flatMap((run, i): Finding[] => {
      const { low: figures, hanging } = unevenFigures(faceOf(run.face), run.text, run.features);
      if (figures.length + hanging.length === 0) return [];
      return [{ kind: 'lowFigures', severity: 'check', figures, hanging, at: { line: no, run: i } }];
    }),
  );
}

/** The nearest two letters of the text, where its faces stand apart and their material asks for more. */
function nearFindings({ slot, artwork, emMm }: MeasuredFit, faceOf: FaceOf): Finding[] {
  let nearest: (NearLetters & { readonly line: SetLine }) | null = null;
  // Letters that are turned along a circle stand otherwise than in their line, and those of a form as it sets them.
  if (artwork.bent) return [];
  for (const [i, line] of artJobOf(slot).lines.entries()) {
    if (artwork.round.some((round) => round.line === line.no)) continue;
    if (line.runs.some(({ isTall, face }) => isTall || isJoinedFace(faceOf(face)))) continue;
    if (slot.form.monogram && line.runs.every(({ isMonogram }) => isMonogram)) continue;
    const near = nearestLetters(line, faceOf, slot.widthShare);
    const gap = near && near.gap * (artwork.lineScales[i] ?? 1);
    if (near && gap !== null && gap < (nearest?.gap ?? Infinity)) nearest = { ...near, gap, line };
  }
  if (!nearest) return [];
  const gapMm = (nearest.gap * emMm) / EM_UNITS;
  const run = nearest.line.runs[nearest.run];
  const layer = slot.layers.find(({ colourSlot }) => colourSlot === run?.colourSlot);
  const leastMm = layer?.material.finest.gapMm ?? 0;
  // Between two pieces nothing tears; whether they lie over each other is told by itself.
  if (gapMm >= leastMm || layer?.isApart) return [];
  const at = { line: nearest.line.no, run: nearest.run };
  return [{ kind: 'lettersNear', severity: 'check', letters: nearest.letters, gapMm, leastMm, at }];
}

/** What joins nothing in its face was drawn so, and is no news. */
function apartFindings({ slot, artwork }: MeasuredFit, faceOf: FaceOf): Finding[] {
  if (artwork.absent.length > 0) return [];
  const apart = apartInText(slot, faceOf).flatMap((one) => one.apart);
  const pairs = [...new Set(apart.filter(({ isUsual }) => !isUsual).map(({ letters }) => letters.join('')))];
  return pairs.length === 0 ? [] : [{ kind: 'lettersUnjoined', severity: 'note', pairs }];
}
