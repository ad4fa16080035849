import { EM_UNITS } from '../faces';
import type { Finding } from '../finding';
import { lowFigures, nearestLetters } from '../lettering';
import { type FinestCut, isConnectedFace } from '../shop';
import type { LetterJob, TextCache } from './text-cache';

/** A run of figures as long as a year is read as one. */
const YEAR = /[0-9]{4}|[0-9]{1,2}[./-][0-9]{1,2}/;

/** What is to say of the letters one by one: figures that are not of full height in a year, neighbours that nearly touch. */
export function letterFindings(
  job: LetterJob,
  cache: TextCache,
  emMm: number,
  { gapMm: leastMm }: FinestCut,
): Finding[] {
  const found: Finding[] = [];
  const face = cache.faceOf(job);
  const text = job.lines.map((line) => line.text).join(' ');
  if (YEAR.test(text)) {
    const figures = lowFigures(face, text, job.features);
    if (figures.length > 0) found.push({ kind: 'lowFigures', severity: 'check', figures });
  }
  if (isConnectedFace(job.face)) return found;
  let nearest: { readonly letters: readonly [string, string]; readonly gap: number } | null = null;
  for (const line of job.lines) {
    if (line.large) continue;
    const near = nearestLetters(face, line.text, job, job.widthShare);
    if (near && near.gap < (nearest?.gap ?? Infinity)) nearest = near;
  }
  const gapMm = nearest ? (nearest.gap * emMm) / EM_UNITS : Infinity;
  if (nearest && gapMm < leastMm) {
    found.push({ kind: 'lettersNear', severity: 'check', letters: nearest.letters, gapMm, leastMm });
  }
  return found;
}
