import { type ArtJob, artJobKey } from './art-job';
import { type Artwork, drawArtwork } from './draw-artwork';
import type { FaceOf } from './lay-line';

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
  return {
    faceOf,
    numDrawn: () => numDrawn,
    draw(job) {
      const key = artJobKey(job);
      const known = drawn.get(key);
      if (known) return known;
      if (drawn.size >= MOST_KEPT) drawn.clear();
      const artwork = drawArtwork(job, faceOf);
      numDrawn++;
      drawn.set(key, artwork);
      return artwork;
    },
  };
}
