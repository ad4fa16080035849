import type { Face } from '../faces';
import { type LetterLine, type LetteredText, letterLines, stretchText } from '../lettering';
import { type RunSpec, findLettering } from '../spec';
import { type FitSlot, fitSlots } from './fit-slots';
import { isTooLong } from './text-findings';

/** One text to draw in one face; equal jobs give the same outline. */
export interface LetterJob {
  readonly face: string;
  readonly trackingEm: number;
  readonly features: readonly string[];
  /** Drawn narrower or wider by this share. */
  readonly widthShare: number;
  readonly lines: readonly LetterLine[];
}

/** Draws each job once and remembers it, so that a change of size or place draws nothing again. */
export interface TextCache {
  letter(job: LetterJob): LetteredText;
  /** The face of a job, for what is asked of letters one by one. */
  faceOf(job: LetterJob): Face;
}

/** Room for the largest list in two letterings; past it everything is forgotten and drawn anew as needed. */
const MOST_KEPT = 40_000;

/** `faceOf` answers a loaded face by hash, and throws for one that was not loaded. */
export function textCache(faceOf: (sha: string) => Face): TextCache {
  const drawn = new Map<string, LetteredText>();
  return {
    faceOf: ({ face }) => faceOf(face),
    letter(job) {
      const key = letterJobKey(job);
      const known = drawn.get(key);
      if (known) return known;
      if (drawn.size >= MOST_KEPT) drawn.clear();
      const lettered = stretchText(letterLines(faceOf(job.face), job.lines, job), job.widthShare);
      drawn.set(key, lettered);
      return lettered;
    },
  };
}

/** Equal for jobs that draw the same. */
export function letterJobKey({ face, trackingEm, features, widthShare, lines }: LetterJob): string {
  return JSON.stringify([face, trackingEm, features, widthShare, ...lines.flatMap(({ text, large }) => [text, large])]);
}

export function jobOfSlot(spec: RunSpec, { place, own, lines }: FitSlot): LetterJob {
  const [line] = findLettering(spec, place.letteringId).lines;
  // Too long for a name: it gets a finding instead of minutes of drawing.
  return {
    face: line!.face,
    trackingEm: own.trackingEm ?? line!.trackingEm,
    features: line!.features,
    widthShare: own.widthShare ?? 1,
    lines: lines.filter(({ text }) => !isTooLong(text)),
  };
}

/** What has to be drawn for a run, in roster order; a caller that must stay responsive draws them one by one. */
export function letterJobs(spec: RunSpec): LetterJob[] {
  return fitSlots(spec).map((slot) => jobOfSlot(spec, slot));
}
