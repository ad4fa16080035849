import { bondedWord } from '@/client';
import { assertNever } from '@/core/outcome';
import type { BenchItem } from '@/services';
import { type BenchStage, nextStage } from './bench-stages';

/** Which items are shown: those whose next deed is one stage, those to cut again, or all. */
export type BenchFilter = 'all' | 'again' | 'done' | BenchStage;

export interface FilterChoice {
  readonly filter: BenchFilter;
  readonly label: string;
  readonly count: number;
}

export function isShown(item: BenchItem, filter: BenchFilter): boolean {
  switch (filter) {
    case 'all':
      return true;
    case 'again':
      return isAgain(item);
    case 'done':
      return item.stage === 'packed';
    default:
      return nextStage(item) === filter;
  }
}

/** A piece of it lies in the made pass of this number. */
export function isInPass({ pieces }: BenchItem, passNo: number): boolean {
  return pieces.some((piece) => piece.passNo === passNo);
}

/** A cutting was spoiled and its successor is not made yet. */
export function isAgain({ stage: itemStage, pieces }: BenchItem): boolean {
  if (itemStage === 'checked' || itemStage === 'packed') return false;
  return pieces.some(({ attempt, stage }) => attempt > 1 && stage === null);
}

/** The choices that lead to something, in the order of the work; the chosen one stays even when it came to be empty. */
export function filterChoices(items: readonly BenchItem[], chosen: BenchFilter): FilterChoice[] {
  const counts = new Map<BenchFilter, number>([['all', items.length]]);
  const count = (filter: BenchFilter) => counts.set(filter, (counts.get(filter) ?? 0) + 1);
  for (const item of items) {
    count(nextStage(item) ?? 'done');
    if (isAgain(item)) count('again');
  }
  const order: readonly BenchFilter[] = ['all', 'again', 'cut', 'weeded', 'bonded', 'checked', 'packed', 'done'];
  const bonded = bondedWord(items.flatMap(({ pieces }) => pieces.map(({ process }) => process)));
  return order
    .map((filter) => ({ filter, label: filterWords(filter, bonded), count: counts.get(filter) ?? 0 }))
    .filter((choice) => choice.count > 0 || choice.filter === chosen || choice.filter === 'all');
}

const TO_BOND: Readonly<Record<string, string>> = {
  pressed: 'to press',
  applied: 'to apply',
  glued: 'to glue',
  tied: 'to tie',
};

function filterWords(filter: BenchFilter, bonded: string): string {
  switch (filter) {
    case 'all':
      return 'all';
    case 'again':
      return 'to cut again';
    case 'cut':
      return 'to cut';
    case 'weeded':
      return 'to weed';
    case 'bonded':
      return TO_BOND[bonded] ?? 'to press or apply';
    case 'checked':
      return 'to check';
    case 'packed':
      return 'to pack';
    case 'done':
      return 'packed';
    default:
      return assertNever(filter);
  }
}
