import { EM_UNITS } from '@/core/faces';
import { measureLayer } from '@/core/checks';
import type { Outline } from '@/core/geometry';
import { presentOrThrow } from '@/core/outcome';
import { SHIPPED_FACES, kindFacts } from '@/core/shop';
import { anArtwork, shippedFaces } from '@/core/test';
import { randomNames } from '../cut-file-checker/random-names';
import { closingOf } from './exact-opening';

/** A program of its own, since it takes seconds a text: narrow gaps of random names against exact offsets of their outlines. */
export interface GapComparison {
  readonly numTexts: number;
  /** How many had one, by both. */
  readonly seen: { readonly passage: number; readonly notch: number };
  /** How many widths differ by more than the tolerance, as they are. */
  readonly numFar: number;
  /** Told as text: what differs still where the length and the share that a run is held against have the tolerance as well. */
  readonly far: readonly string[];
}

/** Widths may differ by this share, and what a run is held against by this share. */
const TOLERANCE = 0.03;

/** Each width that is asked about is this much wider than the one before. */
const RATIO = 1.05;

const FINEST_MM = 0.08;

const LEAST_RUN_MM = 0.8;

/** As in the definition: what closes to a point is narrow over more than this share of the run. */
const CLOSING_SHARE = 0.35;

/** Finer gaps than in practice: so that most texts have one within twice the limit. */
const LIMIT_MM = 1.5;

const KINDS = ['passage', 'notch'] as const;

/** Every word in another face and at another height. */
function compare(numTexts: number, seed: number): GapComparison {
  const faceOf = shippedFaces();
  const finest = { ...kindFacts('standardFilm').finest, gapMm: LIMIT_MM };
  const seen = { passage: 0, notch: 0 };
  const far: string[] = [];
  let numFar = 0;
  const words = randomNames(numTexts, seed).map((name) => name.split(/[ -]/)[0] ?? name);
  words.forEach((word, i) => {
    const { sha, name } = presentOrThrow(SHIPPED_FACES[i % SHIPPED_FACES.length], 'face');
    const emMm = (10 + (i % 7) * 3) / faceOf(sha).capHeightEm;
    const artwork = anArtwork(sha, [word]);
    const { gap, notch } = measureLayer(artwork, 0, emMm, finest);
    // Finer than what is asked about counts as the finest.
    const widthOf = (spot: { widthMm: number } | null) => (spot ? Math.max(FINEST_MM, spot.widthMm) : WIDEST);
    const own = { passage: widthOf(gap), notch: widthOf(notch) };
    const asked = askedWidths(artwork.layers[0]!.outline, EM_UNITS / emMm);
    for (const kind of KINDS) {
      const found = leastOf(asked, kind, 0);
      // What comes after the passage is not looked for.
      if (kind === 'notch' && Math.min(own.notch, found) > 0.95 * own.passage) continue;
      if (own[kind] < WIDEST && found < WIDEST) seen[kind]++;
      const isFar = Math.abs(own[kind] / found - 1) > TOLERANCE;
      if (isFar) numFar++;
      const [least, most] = [leastOf(asked, kind, TOLERANCE), leastOf(asked, kind, -TOLERANCE)];
      if (!isFar || isBetween(own[kind], least, most, asked, kind)) continue;
      far.push(
        `${word}, ${name}, em ${emMm.toFixed(2)} mm: ${kind} ${own[kind].toFixed(3)}, exactly ${found.toFixed(3)}`,
      );
    }
  });
  return { numTexts, seen, numFar, far };
}

type Kind = (typeof KINDS)[number];

/** As far as is looked, and further. */
const WIDEST = 2 * LIMIT_MM;

/** The least width that is broken: between the first that was asked about and the one before it. */
function leastOf(asked: readonly Asked[], kind: Kind, by: number): number {
  const widthMm = asked.find((at) => at[kind](by))?.widthMm;
  return widthMm === undefined ? WIDEST : widthMm / Math.sqrt(RATIO);
}

/** Whether a width is broken that is nearly this one, and none that is clearly narrower. */
function isBetween(own: number, least: number, most: number, asked: readonly Asked[], kind: Kind): boolean {
  if (own < least * (1 - TOLERANCE) || own > most * (1 + TOLERANCE)) return false;
  return own >= WIDEST || asked.some((at) => Math.abs(at.widthMm / own - 1) <= RATIO - 1 && at[kind](TOLERANCE));
}

interface Asked {
  readonly widthMm: number;
  /** Whether it is broken where lengths and shares may miss what they are held against by this. */
  readonly passage: (by: number) => boolean;
  readonly notch: (by: number) => boolean;
}

/** All widths up to the widest; those beyond the passage, however closely looked at, are left out. */
function askedWidths(outline: Outline, units: number): Asked[] {
  const asked: Asked[] = [];
  for (let widthMm = FINEST_MM; widthMm < WIDEST; widthMm *= RATIO) {
    const needMm = Math.max(LEAST_RUN_MM, 3 * widthMm);
    const { runs, isParted } = closingOf(outline, widthMm * units, 0.9 * needMm * units);
    const isLong = (widthsLong: number, by: number) => widthsLong * widthMm * (1 + by) > needMm;
    const at = {
      widthMm,
      passage: (by: number) =>
        isParted || runs.some(({ widthsLong, closing }) => isLong(widthsLong, by) && closing <= CLOSING_SHARE + 2 * by),
      notch: (by: number) =>
        runs.some(({ widthsLong, closing }) => isLong(widthsLong, by) && closing > CLOSING_SHARE - 2 * by),
    };
    asked.push(at);
    if (at.passage(-TOLERANCE)) break;
  }
  return asked;
}

const [count = '50', seed = '7'] = process.argv.slice(2);
process.stdout.write(`${JSON.stringify(compare(Number(count), Number(seed)), null, 1)}\n`);
