import { type FitsState, type Lengths, type RunSession, type Work, countToLayOut, madeOtherwise } from '@/client';
import { preparationList } from '@/core/blanks';
import { placesOf } from '@/core/edit';
import { awaitsMeasure, countDecisions } from '@/core/figures';
import { shapeBox } from '@/core/shop';
import { type RunSpec, withoutBlank } from '@/core/spec';
import { proofTally } from '@/core/wording';
import type { TapeStep } from '@/ui';

interface RunAtHand extends Pick<RunSession, 'runId' | 'spec'> {
  readonly fits: FitsState;
  readonly work: Pick<Work, 'bench'>;
}

/** The steps that exist, in the order of the work, each with what is open or done there. */
export function tapeSteps({ runId, spec, fits, work }: RunAtHand, { pair }: Lengths): TapeStep[] {
  const entries = spec.entries.filter(({ withdrawn }) => !withdrawn).length;
  const { tally, items, marks } = work.bench;
  const all = fits.last?.fits ?? [];
  const numToDecide = countDecisions(all);
  // A number that grows while everything is measured would be read as the last word.
  const isMeasuring = fits.last === null || all.some(awaitsMeasure);
  const numUnmade = countToLayOut(items, all);
  const numOtherwise = items.filter((item) => madeOtherwise(item) !== null).length;
  const proof = proofTally(spec);
  const numBare = withoutBlank(spec, null).reduce((sum, { entryIds }) => sum + entryIds.length, 0);
  const step = (path: string, name: string, tick: string, isOpen = false): TapeStep => ({
    href: `/runs/${runId}/${path}`,
    name,
    tick,
    isOpen,
  });
  return [
    step('roster', 'Roster', `${entries} ${entries === 1 ? 'entry' : 'entries'}`),
    step('wording', 'Wording', wordingTick(spec)),
    step('blank', 'Blank', numBare > 0 ? `${numBare} without one` : placeTick(spec, pair), numBare > 0),
    step(
      'fit',
      'Fit',
      isMeasuring ? 'measuring…' : numToDecide === 0 ? 'all fit' : `${numToDecide} to decide`,
      numToDecide > 0,
    ),
    step(
      'proof',
      'Proof',
      proof.numChanged > 0 ? `${proof.numChanged} changed` : `${proof.numTicked} of ${proof.numTexts} ticked`,
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
      numOtherwise > 0 ? `${numOtherwise} changed since` : `${tally.packed} of ${tally.items} packed`,
      numOtherwise > 0,
    ),
  ];
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
