import { type ArtJob, artJobKey, lettersKey } from './art-job';
import { type Artwork, drawArtwork } from './draw-artwork';
import type { FaceOf } from './lay-line';
import { type SetLetters, setLetters } from './set-letters';

/** Draws each job once and remembers it, so that a change of size or place draws nothing again. */
export interface ArtCache {
  draw(job: ArtJob): Artwork;
  readonly faceOf: FaceOf;
  /** How many were drawn so far. */
  readonly numDrawn: () => number;
}

/** Room for the largest list in two letterings; past it everything is forgotten and drawn anew as needed. */
const MOST_KEPT = 40_000;

export function artCache(faceOf: FaceOf): ArtCache {
  const drawn = new Map<string, Artwork>();
  let numDrawn = 0;
  // With another width of a border the letters are the same: setting and joining them is half of the work.
  const set = new Map<string, SetLetters>();
  const lettersFor = (job: ArtJob): SetLetters | undefined => {
    if (job.layers.every(({ make }) => make.kind === 'text')) return undefined;
    const key = lettersKey(job);
    const known = set.get(key) ?? setLetters(job, faceOf);
    if (set.size >= MOST_KEPT) set.clear();
    set.set(key, known);
    return known;
  };
  return {
    faceOf,
    numDrawn: () => numDrawn,
    draw(job) {
      const key = artJobKey(job);
      const known = drawn.get(key);
      if (known) return known;
      if (drawn.size >= MOST_KEPT) drawn.clear();
      const artwork = drawArtwork(job, faceOf, lettersFor(job));
      numDrawn++;
      drawn.set(key, artwork);
      return artwork;
    },
  };
}
