import { type Act, type Effect, type NewAct, effectsOf, itemIdOfEffect, lastDeedOf, leastStage } from '@/core/ledger';
import { assertNever } from '@/core/outcome';
import type { BenchItem, BenchPiece, BenchView } from '@/services';

/**
 * The bench as it would stand if these acts were recorded: what the next act is decided on while the server is gone.
 * Never shown, since nothing counts as done before it is acknowledged.
 */
export function benchWith(bench: BenchView, acts: readonly NewAct[], station: string): BenchView {
  if (acts.length === 0) return bench;
  const items = new Map(bench.items.map((item) => [item.itemId, item]));
  for (const effect of acts.flatMap(({ deeds }) => deeds.flatMap(effectsOf))) {
    // What an undoing brings back is known to the server alone; the next mark includes the earlier ones anyhow.
    if (effect.kind === 'unmake') for (const item of items.values()) items.set(item.itemId, itemAfter(item, effect));
    const item = items.get(itemIdOfEffect(effect) ?? '');
    if (item) items.set(item.itemId, itemAfter(item, effect));
  }
  return { ...bench, ...undoableAfter(bench, acts, station), items: [...items.values()] };
}

function itemAfter(item: BenchItem, effect: Effect): BenchItem {
  if (effect.kind === 'mark') return { ...item, stage: effect.mark };
  if (effect.kind === 'lose') return { ...item, numLost: item.numLost + 1 };
  const pieces = item.pieces.map((piece) => pieceAfter(piece, effect));
  return { ...item, pieces, stage: leastStage(pieces.map(({ stage }) => stage ?? 'open')) };
}

function pieceAfter(piece: BenchPiece, effect: Effect): BenchPiece {
  const { pieceId, placeId, layerId, attempt } = piece;
  switch (effect.kind) {
    case 'reach':
      return effect.pieceId === pieceId ? { ...piece, stage: effect.stage } : piece;
    case 'bond':
      return effect.placeId === placeId && effect.layerId === layerId ? { ...piece, stage: 'bonded' } : piece;
    case 'repress':
      return effect.placeId === placeId && effect.layerId === layerId ? { ...piece, stage: 'weeded' } : piece;
    case 'spoil': {
      if (effect.pieceId !== pieceId || effect.attempt !== attempt) return piece;
      return {
        ...piece,
        attempt: attempt + 1,
        stage: null,
        spoiledFor: effect.reason,
        again: null,
        passNo: null,
        passId: null,
      };
    }
    case 'unmake':
      return piece.passId === effect.passId ? { ...piece, passNo: null, passId: null } : piece;
    case 'mark':
    case 'lose':
    case 'undo':
      return piece;
    default:
      return assertNever(effect);
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
