import type { FinestCut } from '../shop';

/** What is asked of a face: texts of a list, how tall their capitals are to be, and what the film takes. */
export interface FaceNeed {
  readonly texts: readonly string[];
  readonly letterHeightMm: number;
  readonly finest: FinestCut;
  /** How wide a text may be that is to stand in the widest of its places; left out: nobody said where it is to stand. */
  readonly roomMm?: number | null | undefined;
}

export interface FaceRequest extends FaceNeed {
  /** Key of the face. */
  readonly face: string;
}

/** As many texts as a face is looked at by. */
export const MOST_FACE_TEXTS = 6;

/** What is measured of a face on texts at a letter height. Lengths in millimetres. */
export interface FaceFacts {
  readonly face: string;
  /** Its file is not here. */
  readonly isAbsent: boolean;
  /** Height of its capitals, in em. */
  readonly capHeightEm: number;
  /** Characters of the texts that it lacks, each once. */
  readonly missing: readonly string[];
  /** Its letters are drawn to join. */
  readonly isJoined: boolean;
  /** The thinnest stroke of all texts; null: none is thinner than half of the letters' height. */
  readonly strokeMm: number | null;
  /** The smallest hole; null: there is none, or none under twice what the film takes. */
  readonly holeMm: number | null;
  /** The nearest two letters; null where letters join, or stand by themselves. */
  readonly nearMm: number | null;
  /** Islands and holes to weed, of all texts. */
  readonly numToWeed: number;
  /** How wide the widest text is. */
  readonly widestMm: number;
  /** Figures of the texts that are not as tall as the capitals, or hang below the line. */
  readonly unevenFigures: readonly string[];
}
