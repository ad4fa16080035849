import type { CheckedFit } from '../checks';
import type { Release, ReleasedPiece } from '../freeze';
import { isSameOutline, outlineFromNumbers, shaOfOutline } from '../geometry';
import { type Piece, pieceNames, piecesOfFits } from '../pieces';
import type { Slot } from '../resolve';
import { type ReadOutlines, areLinesAlike } from './released-pieces';
import { mmToUm10 } from '../units';

/** One piece that is otherwise now than it was released. */
export interface ReleaseChange {
  readonly pieceId: string;
  /** As it reads now; as it was released where it is gone. */
  readonly text: readonly string[];
  /** As it was released; null for one that was not. */
  readonly was: readonly string[] | null;
  /** `stopped`: something keeps it from being made now. */
  readonly what: 'text' | 'shape' | 'material' | 'added' | 'gone' | 'stopped';
}

/** The same words in the same face no farther off than this are no change: nobody sees it, and it is not cut anew for it. */
const SEEN_MM = 0.3;

/**
 * What has changed since a release, in roster order; what is gone comes last. `bodies` are outlines that were released, by hash:
 * where one is there it is looked how far it is off, without it any other outline is another shape.
 */
export function changesSince(
  slots: readonly Slot[],
  fits: readonly CheckedFit[],
  release: Release,
  bodies: Readonly<Record<string, string>> = {},
): ReleaseChange[] {
  const released = new Map(release.pieces.map((piece) => [piece.pieceId, piece]));
  const cuttable = new Map(piecesOfFits(fits).map((piece) => [piece.id, piece]));
  const changes: ReleaseChange[] = [];
  for (const { id: pieceId, slot } of pieceNames(slots)) {
    const was = released.get(pieceId);
    const now = cuttable.get(pieceId);
    released.delete(pieceId);
    if (!was) {
      if (now) changes.push({ pieceId, text: now.text, was: null, what: 'added' });
      continue;
    }
    const what = now ? differenceOf(was, now, bodies[was.outline]) : 'stopped';
    if (what) changes.push({ pieceId, text: slot.text, was: was.text, what });
  }
  for (const { pieceId, text } of released.values()) changes.push({ pieceId, text, was: text, what: 'gone' });
  return changes;
}

/**
 * The same with outlines read, and only of what has another shape: to see whether it is farther off than anybody sees.
 */
export function changesOf(
  slots: readonly Slot[],
  fits: readonly CheckedFit[],
  release: Release,
  readOutlines: ReadOutlines,
): readonly ReleaseChange[] {
  const changes = changesSince(slots, fits, release);
  const shaped = new Set(changes.flatMap(({ what, pieceId }) => (what === 'shape' ? pieceId : [])));
  if (shaped.size === 0) return changes;
  const shas = release.pieces.filter(({ pieceId }) => shaped.has(pieceId)).map(({ outline }) => outline);
  return changesSince(slots, fits, release, Object.fromEntries(readOutlines([...new Set(shas)])));
}

function differenceOf(was: ReleasedPiece, now: Piece, body: string | undefined): ReleaseChange['what'] | null {
  if (was.text.join('\n') !== now.text.join('\n')) return 'text';
  if (was.materialId !== now.materialId) return 'material';
  // What is drawn on it is told however little it is off: it stands on what may well be the same card.
  if (!areLinesAlike(now, was)) return 'shape';
  if (was.outline === shaOfOutline(now.outline)) return null;
  const outline = body === undefined ? null : outlineFromNumbers(JSON.parse(body));
  return outline && isSameOutline(outline, now.outline, mmToUm10(SEEN_MM)) ? null : 'shape';
}
