import {
  type FitsState,
  type Lengths,
  type RunSession,
  type Work,
  countPacked,
  countToLayOut,
  madeOtherwise,
} from '@/client';
import { preparationList } from '@/core/blanks';
import { placesOf } from '@/core/edit';
import { awaitsMeasure, countDecisions } from '@/core/figures';
import type { Finding } from '@/core/finding';
import { shapeBox } from '@/core/shop';
import { type RunSpec, withoutBlank } from '@/core/spec';
import { proofTally } from '@/core/wording';
import type { TapeStep } from '@/ui';

interface RunAtHand extends Pick<RunSession, 'runId' | 'spec'> {
  readonly fits: FitsState;
  readonly work: Pick<Work, 'bench'>;
  /** How many entries asked something when all was last measured; null: never yet. */
  readonly settled: number | null;
  /** Questions of the list that wait; null: not counted. */
  readonly numQuestions: number | null;
}

/** The steps that exist, in the order of the work, each with what is open or done there. */
export function tapeSteps(
  { runId, spec, fits, work, settled, numQuestions }: RunAtHand,
  { pair }: Lengths,
): TapeStep[] {
  const entries = spec.entries.filter(({ withdrawn }) => !withdrawn).length;
  const { tally, items, marks } = work.bench;
  const all = fits.last?.fits ?? [];
  const fitting = fitTick(all, fits.last === null, settled);
  const numUnmade = countToLayOut(items, all);
  const numOtherwise = items.filter((item) => madeOtherwise(item) !== null).length;
  const proof = proofTally(spec);
  const numBare = withoutBlank(spec, null).reduce((sum, { entryIds }) => sum + entryIds.length, 0);
  const packed = items.length < tally.items ? { packed: tally.packed, of: tally.items } : countPacked(items);
  const step: MakeStep = (path, name, tick, open = false) => ({
    href: `/runs/${runId}/${path}`,
    name,
    tick,
    ...(typeof open === 'boolean' ? { isOpen: open } : open),
  });
  return [
    rosterStep(step, entries, numQuestions ?? 0),
    step('wording', 'Wording', wordingTick(spec)),
    step('blank', 'Blank', numBare > 0 ? `${numBare} without one` : placeTick(spec, pair), numBare > 0),
    step('fit', 'Fit', fitting.tick, fitting),
    step(
      'proof',
      'Proof',
      proof.numChanged > 0 ? `${proof.numChanged} changed` : `${proof.numEntriesTicked} of ${proof.numEntries} ticked`,
      proof.numChanged > 0,
    ),
    step('prepare', 'Prepare', prepareTick(spec)),
    step(
      'sheets',
      'Sheets',
      numUnmade > 0 ? `${numUnmade} to lay out` : `${marks.passes} ${marks.passes === 1 ? 'pass' : 'passes'} made`,
      numUnmade > 0,
    ),
    step(
      'bench',
      'Bench',
      numOtherwise > 0 ? `${numOtherwise} changed since` : `${packed.packed} of ${packed.of} packed`,
      numOtherwise > 0,
    ),
  ];
}

type MakeStep = (
  path: string,
  name: string,
  tick: string,
  open?: boolean | Pick<TapeStep, 'isOpen' | 'title'>,
) => TapeStep;

/** How many are on the list; what it asks comes before anything else that is made of it. */
function rosterStep(step: MakeStep, entries: number, numQuestions: number): TapeStep {
  const words = `${entries} ${entries === 1 ? 'entry' : 'entries'}`;
  if (numQuestions === 0) return step('roster', 'Roster', words);
  const asked = `${numQuestions} ${numQuestions === 1 ? 'question' : 'questions'}`;
  return step('roster', 'Roster', asked, { isOpen: true, title: `${words}; the list asks ${asked}` });
}

type TickedFit = Parameters<typeof awaitsMeasure>[0] & {
  readonly entryId: string;
  readonly findings: readonly Finding[];
};

/**
 * How many entries ask something. While they are measured it is the last settled number, with how many are still to be measured beside it: one
 * that grows would be read as the last word.
 */
export function fitTick(
  fits: readonly TickedFit[],
  isFirst: boolean,
  settled: number | null,
): Pick<TapeStep, 'tick' | 'isOpen'> & { readonly title: string } {
  const words = (num: number) => (num === 0 ? 'all fit' : `${num} to decide`);
  const numWaiting = new Set(fits.flatMap((fit) => (awaitsMeasure(fit) ? fit.entryId : []))).size;
  if (!isFirst && numWaiting === 0) {
    const num = countDecisions(fits);
    return { tick: words(num), isOpen: num > 0, title: words(num) };
  }
  const measuring = numWaiting === 0 ? 'measuring…' : `measuring ${numWaiting}`;
  if (settled === null) return { tick: measuring, isOpen: false, title: measuring };
  return { tick: `${settled}, ${measuring}`, isOpen: settled > 0, title: `${words(settled)}; ${measuring}` };
}

/** What is said, where all places say the same; else how many places say something. */
function wordingTick(spec: RunSpec): string {
  const places = placesOf(spec);
  const said = places.flatMap(({ placeUse: { wording } }) =>
    wording
      ? [wording.lines.map(({ runs }) => runs.map(({ template }) => plainWords(template)).join('')).join(' / ')]
      : [],
  );
  if (said.length === 0) return 'empty for now';
  const different = new Set(said);
  if (said.length < places.length || different.size > 1) return `${said.length} of ${places.length} places`;
  const [words = ''] = different;
  return words.length > 17 ? `${words.slice(0, 16)}…` : words;
}

/** `est. {date:year}` as `est. date`. */
function plainWords(template: string): string {
  return template.replace(/\{([^{}:|]+)[^{}]*\}/g, '$1');
}

/** How much of the preparation is ticked. */
function prepareTick(spec: RunSpec): string {
  const steps = preparationList(spec).flatMap((list) => list.steps);
  if (steps.length === 0) return 'to be counted';
  return `${steps.filter(({ isDone }) => isDone).length} of ${steps.length} done`;
}

function placeTick(spec: RunSpec, pair: Lengths['pair']): string {
  const places = placesOf(spec);
  const [words = ''] = places.map(({ measured }) => {
    const { widthMm, heightMm } = shapeBox(measured.outline);
    return pair(widthMm, heightMm, 0);
  });
  return places.length === 1 ? words : `${places.length} places`;
}
