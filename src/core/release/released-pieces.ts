import type { CheckedFit } from '../checks';
import { outlinesOf } from '../figures';
import type { ReleasedPiece } from '../freeze';
import { type Outline, boxOfRings, outlineFromNumbers, outlineRings, shaOfOutline } from '../geometry';
import { presentOrThrow } from '../outcome';
import { type Piece, type PieceName, pieceNames, piecesOfFits } from '../pieces';
import type { Slot } from '../resolve';

/** A released piece, its outline by hash. */
export type ReleasedOutline = Pick<
  ReleasedPiece,
  'pieceId' | 'text' | 'materialId' | 'spot' | 'proof' | 'open' | 'outline' | 'lines'
>;

/** Texts of outlines by hash, of many at once; one that is not kept is left out. */
export type ReadOutlines = (shas: readonly string[]) => ReadonlyMap<string, string>;

/**
 * The pieces that may be cut: what was released as it was released, the rest as it stands. Pieces of entries that were
 * withdrawn are none, released or not. In roster order. Outlines are read only where what stands is another one.
 */
export function releasedPieces(
  slots: readonly Slot[],
  fits: readonly CheckedFit[],
  released: readonly ReleasedOutline[],
  readOutlines: ReadOutlines,
): Piece[] {
  const live = piecesOfFits(fits);
  if (released.length === 0) return live;
  const byId = new Map(live.map((piece) => [piece.id, piece]));
  const frozen = new Map(released.map((piece) => [piece.pieceId, piece]));
  const isOther = ({ id }: PieceName) => {
    const kept = frozen.get(id);
    const now = byId.get(id);
    return kept !== undefined && (now === undefined || !isCutAlike(now, kept));
  };
  const names = pieceNames(slots);
  const others = names.filter(isOther).flatMap(({ id }) => {
    const kept = frozen.get(id);
    return kept ? outlinesOf(kept) : [];
  });
  const texts = others.length > 0 ? readOutlines([...new Set(others)]) : new Map<string, string>();
  return names.flatMap((name): Piece[] => {
    const kept = frozen.get(name.id);
    const now = byId.get(name.id);
    if (!kept) return now ? [now] : [];
    const { text, materialId, spot } = kept;
    const same = now && isCutAlike(now, kept) ? now : null;
    const outline = same?.outline ?? outlineOf(kept.outline, texts);
    const lines =
      same?.lines ?? (kept.lines ?? []).map(({ outline: sha, ...line }) => ({ ...line, rings: outlineOf(sha, texts) }));
    const box = same?.box ?? boxOfRings(outlineRings(outline));
    return box ? [{ ...name, text, materialId, outline, box, lines, spot }] : [];
  });
}

/** Outline and lines are the very same. */
export function isCutAlike(now: Piece, kept: Pick<ReleasedPiece, 'outline' | 'lines'>): boolean {
  return shaOfOutline(now.outline) === kept.outline && areLinesAlike(now, kept);
}

export function areLinesAlike({ lines }: Piece, { lines: kept = [] }: Pick<ReleasedPiece, 'lines'>): boolean {
  return (
    lines.length === kept.length &&
    lines.every(({ by, layerId, rings }, i) => {
      const one = kept[i]!;
      return one.by === by && one.layerId === layerId && one.outline === shaOfOutline(rings);
    })
  );
}

function outlineOf(sha: string, texts: ReadonlyMap<string, string>): Outline {
  return outlineFromNumbers(JSON.parse(presentOrThrow(texts.get(sha), `outline ${sha}`)));
}
