import { SPOIL_REASONS } from '@/core/ledger';
import { isCut } from '@/core/shop';
import type { BenchItem } from '@/services';
import type { Spoiled } from './use-bench';

/** A piece that may be what was spoiled. */
export interface PieceOption {
  readonly pieceId: string;
  readonly attempt: number;
  /** Text, place and material, as far as they tell it from the others. */
  readonly words: string;
  readonly isCut: boolean;
}

export interface SpoilChoice {
  readonly pieceIds: ReadonlySet<string>;
  /** Null until one is chosen: a reason that stood there beforehand would be recorded unread. */
  readonly reason: string | null;
  readonly blankLost: boolean;
  readonly note: string;
}

/** The pieces of the items that were picked, in their order. */
export function pieceOptions(items: readonly BenchItem[]): readonly PieceOption[] {
  const all = items.flatMap(({ pieces }) => pieces);
  const hasPlaces = new Set(all.map(({ placeName }) => placeName)).size > 1;
  return items.flatMap((item) =>
    item.pieces.map(({ pieceId, attempt, placeName, text, materialName, process }) => {
      const isLayered = item.pieces.filter((other) => other.placeName === placeName).length > 1;
      const words = [text.join(' '), ...(hasPlaces ? [placeName] : []), ...(isLayered ? [materialName] : [])];
      return { pieceId, attempt, words: words.join(', '), isCut: isCut(process) };
    }),
  );
}

/** A single piece needs no asking. */
export function freshChoice(options: readonly PieceOption[]): SpoilChoice {
  const [only] = options;
  const pieceIds = new Set(options.length === 1 && only ? [only.pieceId] : []);
  return { pieceIds, reason: null, blankLost: false, note: '' };
}

export function togglePiece(choice: SpoilChoice, pieceId: string): SpoilChoice {
  const pieceIds = new Set(choice.pieceIds);
  if (!pieceIds.delete(pieceId)) pieceIds.add(pieceId);
  return { ...choice, pieceIds };
}

/** The letter of a reason: `a` for the first. */
export function reasonKey(index: number): string {
  return String.fromCharCode('a'.charCodeAt(0) + index);
}

/** The digit of a piece; null after the ninth. */
export function pieceKey(index: number): string | null {
  return index < 9 ? String(index + 1) : null;
}

/** What a key chooses: letters a reason, digits a piece where there are several; null for a key that means nothing. */
export function chosenByKey(choice: SpoilChoice, options: readonly PieceOption[], key: string): SpoilChoice | null {
  const reason = SPOIL_REASONS.find((_, i) => reasonKey(i) === key.toLowerCase());
  if (reason) return { ...choice, reason };
  const piece = options.length > 1 ? options.find((_, i) => pieceKey(i) === key) : undefined;
  return piece ? togglePiece(choice, piece.pieceId) : null;
}

/** What is recorded; null as long as nothing or no reason is chosen. */
export function spoiledBy(choice: SpoilChoice, options: readonly PieceOption[]): Spoiled | null {
  const { pieceIds, reason, blankLost, note } = choice;
  const pieces = options
    .filter(({ pieceId }) => pieceIds.has(pieceId))
    .map(({ pieceId, attempt }) => ({ pieceId, attempt }));
  return reason === null || pieces.length === 0 ? null : { pieces, blankLost, reason, note };
}

/** The deed in words, and what still has to be chosen before it. */
export function spoilWords(choice: SpoilChoice, options: readonly PieceOption[]) {
  const chosen = options.filter(({ pieceId }) => choice.pieceIds.has(pieceId));
  const isBought = chosen.length > 0 && !chosen.some((piece) => piece.isCut);
  const count = options.length > 1 && chosen.length > 0 ? `${chosen.length} ` : '';
  const missing = [
    ...(chosen.length === 0 ? ['which pieces'] : []),
    ...(choice.reason === null ? ['what happened'] : []),
  ];
  return {
    deed: isBought ? `${count}spoiled: take another` : `${count}spoiled: cut again`,
    missing: missing.length > 0 ? `Choose ${missing.join(' and ')} first.` : '',
    next: isBought
      ? 'What is spoiled is done once more from another ready-made one.'
      : 'What is spoiled is cut again in the next pass.',
  };
}
