import { type FrozenSpot, type MadePass, type Placed, type Release, attemptKey, placedIn } from '@/core/freeze';
import { type LedgerState, currentAttempt } from '@/core/ledger';

/** A piece as it was frozen: cut in a made pass, or let through to be cut. It lies where it lay then, whatever the run says now. */
export interface FrozenPiece {
  readonly pieceId: string;
  readonly by: 'pass' | 'release';
  /** Number of that pass or release. */
  readonly no: number;
  readonly passId: string | null;
  readonly text: readonly string[];
  readonly materialId: string;
  /** By SHA-256. */
  readonly outline: string;
  /** What else is done to it; left out: nothing. */
  readonly lines?: NonNullable<Placed['lines']>;
  /** Null where an earlier Knurl did not keep it. */
  readonly spot: FrozenSpot;
}

/** Answers the frozen state of one cutting of a piece; null while it follows the run. */
export type FrozenOf = (pieceId: string, attempt: number) => FrozenPiece | null;

const knownMade = new WeakMap<readonly MadePass[], ReadonlyMap<string, FrozenPiece>>();
const knownReleased = new WeakMap<Release, ReadonlyMap<string, FrozenPiece>>();

/** What was made stands before what was released: spoiling it brings the release back. */
export function frozenOf(passes: readonly MadePass[], release: Release | null): FrozenOf {
  const made = knownMade.get(passes) ?? readMade(passes);
  knownMade.set(passes, made);
  const released = release ? (knownReleased.get(release) ?? readReleased(release)) : NONE;
  if (release) knownReleased.set(release, released);
  return (pieceId, attempt) => made.get(attemptKey(pieceId, attempt)) ?? released.get(pieceId) ?? null;
}

const NONE: ReadonlyMap<string, FrozenPiece> = new Map();

function readMade(passes: readonly MadePass[]): ReadonlyMap<string, FrozenPiece> {
  const made = new Map<string, FrozenPiece>();
  for (const pass of passes) {
    for (const { patch, placed } of placedIn(pass)) {
      const { pieceId, attempt, text, outline, lines, spot } = placed;
      const { no, id: passId } = pass;
      const { materialId } = patch;
      made.set(attemptKey(pieceId, attempt), {
        pieceId,
        by: 'pass',
        no,
        passId,
        text,
        materialId,
        outline,
        ...(lines ? { lines } : {}),
        spot,
      });
    }
  }
  return made;
}

function readReleased({ no, pieces }: Release): ReadonlyMap<string, FrozenPiece> {
  return new Map(
    pieces.map(({ pieceId, text, materialId, outline, lines, spot }) => [
      pieceId,
      {
        pieceId,
        by: 'release',
        no,
        passId: null,
        text,
        materialId,
        outline,
        ...(lines ? { lines } : {}),
        spot,
      },
    ]),
  );
}

/** The frozen state of these pieces as they count now. */
export function frozenNow(of: FrozenOf, state: LedgerState, pieceIds: Iterable<string>): FrozenPiece[] {
  return [...pieceIds].flatMap((id) => of(id, currentAttempt(state, id)) ?? []);
}
