import { type ArtCache, type ArtJob, type Artwork, drawArtwork } from '../artwork';
import { type CheckedFit, checkedReport } from '../checks';
import type { Finding } from '../finding';
import type { Fit, SetSize } from '../fit';
import { type Piece, piecesOfFits } from '../pieces';
import { type PlaceRect, type Spot, aimedAt, boxInPlace, freeSpace } from '../place';
import { type SetRun, resolveSlots } from '../resolve';
import type { MeasuredPlace, Variant } from '../shop';
import type { RunSpec } from '../spec';
import { shippedFaces } from './shipped-faces';

/** A fit that lies somewhere, with what is said of it, flat: for tests that look at several parts at once. */
export type FlatFit = Fit & Spot & Pick<CheckedFit, 'findings' | 'looked'>;

export interface FlatReport {
  readonly fits: readonly FlatFit[];
  readonly setSizes: Readonly<Record<string, SetSize>>;
}

/** Fits of a whole run with what is said of them. */
export function fitRun(spec: RunSpec, cache: ArtCache): FlatReport {
  const { fits, setSizes } = checkedReport(resolveSlots(spec), cache);
  return { fits: fits.map(flat), setSizes };
}

const NOWHERE: Spot = { xMm: 0, yMm: 0, turnDeg: 0 };

function flat({ fit, findings, looked }: CheckedFit): FlatFit {
  return { ...fit, ...(fit.spot ?? NOWHERE), findings: findings.map(withoutAt), looked };
}

/** Most tests ask what is said, not of which part. */
function withoutAt({ at: _, ...finding }: Finding): Finding {
  return finding;
}

/** A run of letters in one colour; what is named is otherwise. */
export function aRunOfLetters(text: string, face: string, part: Partial<SetRun> = {}): SetRun {
  return { text, face, colourSlot: 'main', trackingEm: 0, features: [], isTall: false, ...part };
}

/** Lines of one run each, drawn in one layer. */
export function anArtwork(
  face: string,
  lines: readonly (string | readonly SetRun[])[],
  widthShare = 1,
  part: Partial<Pick<ArtJob, 'form' | 'lines'>> = {},
): Artwork {
  const job: ArtJob = {
    leadFace: face,
    lines: lines.map((line, no) => ({
      no,
      runs: typeof line === 'string' ? [aRunOfLetters(line, face)] : line,
    })),
    layers: [{ colourSlot: 'main', make: { kind: 'text' as const } }],
    widthShare,
    ...part,
  };
  return drawArtwork(job, shippedFaces());
}

/** The box that ink of this size covers where it is wanted in a place. */
export function aimedBox(variant: Variant, place: MeasuredPlace, widthMm: number, heightMm: number): PlaceRect {
  const space = freeSpace(variant, place)!;
  const [xMm, yMm] = aimedAt(space, widthMm, heightMm);
  return boxInPlace(space, { xMm, yMm, widthMm, heightMm });
}

/** The pieces of a run that may be cut. */
export function piecesOfRun(spec: RunSpec, cache: ArtCache): Piece[] {
  return piecesOfFits(checkedReport(resolveSlots(spec), cache).fits);
}
