import type { Lengths, RunSession } from '@/client';
import { preparationList } from '@/core/blanks';
import { hasStop, worstSeverity } from '@/core/finding';
import type { RunSpec } from '@/core/spec';
import { placesOf } from '@/core/edit';
import { shapeBox } from '@/core/shop';
import { proofTally } from '@/core/wording';
import type { TapeStep } from '@/ui';

/** The steps that exist, in the order of the work, each with what is open or done there. */
export function tapeSteps({ runId, spec, fits, work, numPasses }: RunSession, { pair }: Lengths): TapeStep[] {
  const entries = spec.entries.filter(({ withdrawn }) => !withdrawn).length;
  const numToDecide =
    fits.last?.fits.filter(({ findings }) => {
      const worst = worstSeverity(findings);
      return worst === 'stop' || worst === 'check';
    }).length ?? 0;
  const { tally, items } = work.bench;
  const stopped = new Set(fits.last?.fits.filter(({ findings }) => hasStop(findings)).map(({ itemId }) => itemId));
  const numUnmade = items.filter(
    ({ itemId, pieces }) => !stopped.has(itemId) && pieces.some(({ passNo }) => passNo === null),
  ).length;
  const proof = proofTally(spec);
  const step = (path: string, name: string, tick: string, isOpen = false): TapeStep => ({
    href: `/runs/${runId}/${path}`,
    name,
    tick,
    isOpen,
  });
  return [
    step('roster', 'Roster', `${entries} ${entries === 1 ? 'entry' : 'entries'}`),
    step('wording', 'Wording', wordingTick(spec)),
    step('blank', 'Blank', placeTick(spec, pair)),
    step(
      'fit',
      'Fit',
      fits.last === null ? 'measuring…' : numToDecide === 0 ? 'all fit' : `${numToDecide} to decide`,
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
      numUnmade > 0 ? `${numUnmade} to lay out` : `${numPasses} ${numPasses === 1 ? 'pass' : 'passes'} made`,
      numUnmade > 0,
    ),
    step('bench', 'Bench', `${tally.packed} of ${tally.items} packed`),
  ];
}

/** What the first place says, as it is composed. */
function wordingTick(spec: RunSpec): string {
  const wording = spec.uses[0]?.places[0]?.wording;
  if (!wording) return 'empty for now';
  const words = wording.lines.map(({ runs }) => runs.map(({ template }) => plainWords(template)).join('')).join(' / ');
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
  const [first] = places;
  if (!first || places.length > 1) return `${places.length} places`;
  const { widthMm, heightMm } = shapeBox(first.measured.outline);
  return pair(widthMm, heightMm, 0);
}
