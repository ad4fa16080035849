import type { InkOnBlank } from '@/core/place';
import { bondedWord, countdownFigure, stageWord } from '@/client';
import type { Clock, CountdownKind } from '@/core/countdown';
import type { AgainReason } from '@/core/ledger';
import { type Process, processFacts } from '@/core/shop';
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

/** It lies in a pass of another film than the run would take now; null where it does not. */
export function otherFilmSentence({ filmNow, materialName, stage, passNo }: BenchPiece): string | null {
  if (filmNow === null) return null;
  const says = `the run takes ${filmNow} for it now.`;
  return stage === null
    ? `It lies in pass ${passNo} on ${materialName}; ${says} Mark it spoiled (something else) and leave it uncut: the next pass has it right.`
    : `It was cut from ${materialName}; ${says} Mark it spoiled (something else) to cut it again.`;
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
  if (stage === 'bonded' && processesOf(items).some((process) => processFacts(process).bondedWord === 'pressed')) {
    return 'Hot platen, hot zips: never leave a hot press, air the room. Heat and time: the film maker’s sheet and the blank’s label win; local rules apply.';
  }
  return null;
}

export const AGAIN_OPTIONS: readonly { readonly id: AgainReason; readonly label: string }[] = [
  { id: 'notBonded', label: 'not bonded: nothing came off the carrier' },
  { id: 'edgeLifts', label: 'an edge lifts' },
];

export function againSentence(why: AgainReason): string {
  return why === 'notBonded'
    ? 'Lay the carrier back, cover it, and press the whole of it once more at the same heat.'
    : 'Lay the carrier back, cover it, and press on that spot alone.';
}

/** What is left when a film has had all the heat that it bears. */
export function tooMuchSentence(film: string, others: readonly string[]): string {
  const instead = others.length > 0 ? ` Films at hand that hold on this: ${others.join(', ')}.` : '';
  return `“${film}” has had the heat that it bears. Mark it spoiled (not bonded), so that it is cut again, and write on its card what happened.${instead}`;
}

const CLOCK_WORDS: Record<CountdownKind, string> = {
  dryOut: 'Dry out',
  press: 'Press',
  cool: 'Cool',
  backSide: 'Press the back',
  again: 'Press again',
  cure: 'Cure',
};

/** The countdown on a button: `Press 15 s`. */
export function clockWords({ kind, seconds }: Pick<Clock, 'kind' | 'seconds'>): string {
  return `${CLOCK_WORDS[kind]} ${countdownFigure(seconds)}`;
}

/** Why nothing is marked while a countdown runs. */
export function heldSentence(seconds: number): string {
  return `Its countdown runs: ${seconds} s to go. Wait for it, or end it early with a reason.`;
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
