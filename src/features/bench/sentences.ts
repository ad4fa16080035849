import type { InkOnBlank } from '@/core/place';
import { bondedWord, stageWord } from '@/client';
import type { Process } from '@/core/shop';
import type { BenchItem, BenchPiece } from '@/services';
import type { BenchStage } from './bench-stages';

export function madeSentence(numbers: readonly number[]): string {
  return numbers.length === 1
    ? `Pass ${numbers[0]} is made by this mark: its outlines are kept for good.`
    : `Passes ${numbers.join(', ')} are made by this mark: their outlines are kept for good.`;
}

/** What was frozen says otherwise than the run does now. */
export function frozenSentence({ frozen, frozenText, stage }: BenchPiece, now: readonly string[]): string {
  const words = `“${frozenText?.join(' ') ?? ''}”`;
  const says = `the run says “${now.join(' ')}” now.`;
  if (frozen?.by === 'release') {
    return `It was released as ${words} and is cut so; ${says} Release the changes on Fit to cut it anew.`;
  }
  return stage === null
    ? `It lies in pass ${frozen?.no} as ${words}; ${says} Mark it spoiled (wrong name) and leave it uncut: the next pass has it right.`
    : `It was cut as ${words}; ${says} Mark it spoiled (wrong name) to cut it again.`;
}

const processesOf = (items: readonly BenchItem[]): Process[] =>
  items.flatMap(({ pieces }) => pieces.map(({ process }) => process));

/** `pressed`, `applied`, `glued`, or `bonded` where the items differ. */
export function stageWordFor(items: readonly BenchItem[], stage: BenchStage): string {
  return stageWord(stage, bondedWord(processesOf(items)));
}

/** The deed on a button: `Mark pressed`, `Mark 5 pressed`. */
export function markWords(items: readonly BenchItem[], stage: BenchStage): string {
  const count = items.length > 1 ? `${items.length} ` : '';
  return `Mark ${count}${stageWordFor(items, stage)}`;
}

/** What can hurt in the work that leads to a stage; null where nothing does. */
export function cautionFor(items: readonly BenchItem[], stage: BenchStage | null): string | null {
  if (stage === 'cut') return 'Blades are sharp: keep fingers off the carriage while it runs.';
  if (stage === 'weeded') return 'The hook is sharp. Keep waste off the table: a stray bit gets pressed on for good.';
  if (stage === 'bonded' && processesOf(items).includes('film')) {
    return 'Hot platen, hot zips: never leave a hot press, air the room. Heat and time: the film maker’s sheet and the blank’s label win; local rules apply.';
  }
  return null;
}

const DATUM_WORDS: Record<InkOnBlank['datum'], string> = {
  edge: 'below the top edge',
  neckSeam: 'below the neck seam',
  rim: 'below the rim',
  handle: 'below the handle seam',
  hem: 'above the hem',
};

/** Which line the drop is measured from. */
export function dropWords({ datum, acrossFrom }: InkOnBlank): string {
  return acrossFrom === 'seenPart' ? `${DATUM_WORDS[datum]}, along the side` : DATUM_WORDS[datum];
}

export function acrossWords({ acrossFrom }: InkOnBlank): string {
  return acrossFrom === 'seenPart' ? 'left · right of the part seen' : 'left · right';
}
