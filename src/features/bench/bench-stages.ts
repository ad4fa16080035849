import { type Deed, type ItemStage, itemStageIndex } from '@/core/ledger';
import { type PieceStage, stagesOf } from '@/core/shop';
import { readPieceId } from '@/core/spec';
import type { BenchItem, BenchPiece } from '@/services';

/** Stages that are marked at the bench, in the order of the work, with the key of each. */
export const BENCH_STAGES = [
  { stage: 'cut', key: 'c' },
  { stage: 'weeded', key: 'w' },
  { stage: 'bonded', key: 'p' },
  { stage: 'checked', key: 'k' },
  { stage: 'packed', key: 'b' },
] as const;

export type BenchStage = (typeof BENCH_STAGES)[number]['stage'];

/** Stages that come off the bed together: they can be marked for a whole pass. */
export function isOfPass(stage: BenchStage): boolean {
  return stage === 'cut' || stage === 'weeded';
}

export function isBefore(stage: ItemStage, other: ItemStage): boolean {
  return itemStageIndex(stage) < itemStageIndex(other);
}

/** Some piece of the item goes through this stage; whole items are checked and packed whatever they are made of. */
export function hasStage({ pieces }: BenchItem, stage: BenchStage): boolean {
  if (stage === 'checked' || stage === 'packed') return true;
  return pieces.some(({ process }) => stagesOf(process).includes(stage));
}

/** What has to be done to the item next; null when it is packed. */
export function nextStage(item: BenchItem): BenchStage | null {
  return BENCH_STAGES.find(({ stage }) => isBefore(item.stage, stage) && hasStage(item, stage))?.stage ?? null;
}

/** The deeds that bring items to a stage; none for items that are there already. Later stages include earlier ones. */
export function deedsToReach(items: readonly BenchItem[], stage: BenchStage): Deed[] {
  return items
    .filter((item) => isBefore(item.stage, stage) && hasStage(item, stage))
    .flatMap((item): Deed[] => deedsOfItem(item, stage));
}

/** The deeds that bring all pieces of a made pass to a stage; what lies in other passes is left. */
export function deedsOfPass(items: readonly BenchItem[], passNo: number, stage: BenchStage): Deed[] {
  if (!isOfPass(stage)) return [];
  return items.flatMap((item) => {
    const pieces = item.pieces.filter((piece) => piece.passNo === passNo);
    return isBefore(item.stage, 'checked') ? deedsOfItem({ ...item, pieces }, stage) : [];
  });
}

/** What has to be done to one layer next; null once it is on. */
export function nextStageOfPiece({ stage, process }: Pick<BenchPiece, 'stage' | 'process'>): PieceStage | null {
  return stagesOf(process).find((one) => isBefore(stage ?? 'open', one)) ?? null;
}

/** The deed that brings one layer of an item to a stage, and leaves its others where they are; none for one that is there. */
export function deedsOfPiece(items: readonly BenchItem[], pieceId: string, stage: PieceStage): Deed[] {
  return items.flatMap((item) => {
    const pieces = item.pieces.filter((piece) => piece.pieceId === pieceId && isBefore(piece.stage ?? 'open', stage));
    return pieces.length > 0 && isBefore(item.stage, 'checked') ? deedsOfItem({ ...item, pieces }, stage) : [];
  });
}

/** A made pass that is worked on as a whole. */
export interface PassInHand {
  readonly no: number;
  /** Stages that some piece of it has not come to. */
  readonly open: ReadonlySet<BenchStage>;
}

export function passInHandOf(items: readonly BenchItem[], no: number): PassInHand {
  const open = BENCH_STAGES.filter(({ stage }) => deedsOfPass(items, no, stage).length > 0);
  return { no, open: new Set(open.map(({ stage }) => stage)) };
}

/** Numbers of the made passes that pieces of these items lie in, with how many items each. */
export function passesOf(items: readonly BenchItem[]): readonly { readonly no: number; readonly numItems: number }[] {
  const counts = new Map<number, number>();
  for (const { pieces } of items) {
    for (const no of new Set(pieces.flatMap(({ passNo }) => passNo ?? []))) counts.set(no, (counts.get(no) ?? 0) + 1);
  }
  return [...counts].sort(([a], [b]) => a - b).map(([no, numItems]) => ({ no, numItems }));
}

/** The item to go on with after these: the next one in the list that wants the same deed, from its top again after its end; null without any. */
export function nextOfKind(items: readonly BenchItem[], done: ReadonlySet<string>, stage: BenchStage): string | null {
  const last = items.findLastIndex(({ itemId }) => done.has(itemId));
  const inOrder = [...items.slice(last + 1), ...items.slice(0, last + 1)];
  return inOrder.find((item) => !done.has(item.itemId) && nextStage(item) === stage)?.itemId ?? null;
}

function deedsOfItem(item: BenchItem, stage: BenchStage): Deed[] {
  const { itemId, pieces } = item;
  switch (stage) {
    case 'cut':
    case 'weeded':
      return pieces
        .filter((piece) => isBefore(piece.stage ?? 'open', stage) && stagesOf(piece.process).includes(stage))
        .map(({ pieceId, attempt, passId }) => ({ kind: stage, pieceId, attempt, passId }));
    case 'bonded':
      return [...new Set(pieces.map(({ placeId }) => placeId))].map((placeId) => {
        const here = pieces.filter((piece) => piece.placeId === placeId);
        return { kind: stage, itemId, placeId, ...bondedOf(here), face: 'front' };
      });
    default:
      return [{ kind: stage, itemId }];
  }
}

/** Pieces of a place as a bond names them: by layer and cutting, and by part where some layer has several. */
export function bondedOf(pieces: readonly Pick<BenchPiece, 'pieceId' | 'layerId' | 'attempt'>[]) {
  const parts = pieces.map(({ pieceId }) => readPieceId(pieceId)?.part ?? 1);
  return {
    layerIds: pieces.map(({ layerId }) => layerId),
    attempts: pieces.map(({ attempt }) => attempt),
    ...(parts.some((part) => part > 1) ? { parts } : {}),
  };
}
