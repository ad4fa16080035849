import { outlinesOf } from '@/core/figures';
import type { BenchItem, BenchPiece } from '@/services';

/** Pieces that are cut by the very same outline from the same material: whichever is at hand will do. */
export interface AlikePieces {
  readonly num: number;
  readonly numCut: number;
}

const known = new WeakMap<readonly BenchItem[], ReadonlyMap<string, AlikePieces>>();

/** By piece id; of those that are frozen, where there are two or more of a kind. Folded once for the same items. */
export function alikePieces(items: readonly BenchItem[]): ReadonlyMap<string, AlikePieces> {
  const found = known.get(items);
  if (found) return found;
  const groups = new Map<string, BenchPiece[]>();
  for (const piece of items.flatMap(({ pieces }) => pieces)) {
    if (!piece.frozen) continue;
    const key = [piece.frozen.materialId, ...outlinesOf(piece.frozen)].join(' ');
    const own = groups.get(key);
    if (own) own.push(piece);
    else groups.set(key, [piece]);
  }
  const alike = new Map<string, AlikePieces>();
  for (const pieces of groups.values()) {
    if (pieces.length < 2) continue;
    const of = { num: pieces.length, numCut: pieces.filter(({ stage }) => stage !== null).length };
    for (const { pieceId } of pieces) alike.set(pieceId, of);
  }
  known.set(items, alike);
  return alike;
}

/** Of these pieces the first of each kind that has others alike. */
export function firstOfAlike(
  pieces: readonly BenchPiece[],
  alike: ReadonlyMap<string, AlikePieces>,
): readonly (readonly [piece: BenchPiece, of: AlikePieces])[] {
  const seen = new Set<AlikePieces>();
  return pieces.flatMap((piece) => {
    const of = alike.get(piece.pieceId);
    if (!of || seen.has(of)) return [];
    seen.add(of);
    return [[piece, of] as const];
  });
}
