import { type Act, type Deed, type NewAct, lastDeedOf } from '@/core/ledger';
import { PIECE_STAGES } from '@/core/shop';
import type { BenchItem, BenchPiece, BenchView } from '@/services';

/**
 * The bench as it would stand if these acts were recorded: what the next act is decided on while the server is gone.
 * Never shown, since nothing counts as done before it is acknowledged.
 */
export function benchWith(bench: BenchView, acts: readonly NewAct[], station: string): BenchView {
  if (acts.length === 0) return bench;
  const items = new Map(bench.items.map((item) => [item.itemId, item]));
  for (const deed of acts.flatMap(({ deeds }) => deeds)) {
    for (const itemId of itemIdsOf(deed)) {
      const item = items.get(itemId);
      if (item) items.set(itemId, itemAfter(item, deed));
    }
  }
  return { ...bench, ...undoableAfter(bench, acts, station), items: [...items.values()] };
}

function itemIdsOf(deed: Deed): readonly string[] {
  switch (deed.kind) {
    case 'cut':
    case 'weeded':
      return [itemIdOf(deed.pieceId)];
    case 'spoiled':
      return [...new Set(deed.pieces.map(({ pieceId }) => itemIdOf(pieceId)))];
    case 'undone':
      // What it brings back is known to the server alone; the next mark includes the earlier ones anyhow.
      return [];
    default:
      return [deed.itemId];
  }
}

function itemIdOf(pieceId: string): string {
  return pieceId.split('-').slice(0, 3).join('-');
}

function itemAfter(item: BenchItem, deed: Deed): BenchItem {
  if (deed.kind === 'checked' || deed.kind === 'packed') return { ...item, stage: deed.kind };
  const pieces = item.pieces.map((piece) => pieceAfter(piece, deed));
  const stages = pieces.map(({ stage }) => (stage === null ? -1 : PIECE_STAGES.indexOf(stage)));
  return { ...item, pieces, stage: PIECE_STAGES[Math.min(...stages)] ?? 'open' };
}

function pieceAfter(piece: BenchPiece, deed: Deed): BenchPiece {
  switch (deed.kind) {
    case 'cut':
    case 'weeded':
      return deed.pieceId === piece.pieceId ? { ...piece, stage: deed.kind } : piece;
    case 'bonded':
      return deed.placeId === piece.placeId && deed.layerIds.includes(piece.layerId as (typeof deed.layerIds)[number])
        ? { ...piece, stage: 'bonded' }
        : piece;
    case 'spoiled': {
      const lost = deed.pieces.some(({ pieceId, attempt }) => pieceId === piece.pieceId && attempt === piece.attempt);
      const next = { attempt: piece.attempt + 1, stage: null, spoiledFor: deed.reason, passNo: null, passId: null };
      return lost ? { ...piece, ...next } : piece;
    }
    default:
      return piece;
  }
}

/** The last waiting act comes first; below those only the one acknowledged act that is known can be taken back. */
function undoableAfter(
  bench: BenchView,
  waiting: readonly NewAct[],
  station: string,
): Pick<BenchView, 'undo' | 'redo'> {
  const acts = waiting.map((act, i): Act => ({ ...act, seq: i + 1, receivedAt: act.at }));
  const { undo, redo } = lastDeedOf(acts, station);
  const isTaken = acts.some(({ deeds }) => deeds.some((deed) => deed.kind === 'undone' && deed.actId === bench.undo));
  return { undo: undo?.id ?? (isTaken ? null : bench.undo), redo: redo?.id ?? null };
}
