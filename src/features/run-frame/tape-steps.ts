import type { Lengths, RunSession } from '@/client';
import { hasStop, worstSeverity } from '@/core/finding';
import { variantFor } from '@/core/run';
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
  const step = (path: string, name: string, tick: string, isOpen = false): TapeStep => ({
    href: `/runs/${runId}/${path}`,
    name,
    tick,
    isOpen,
  });
  return [
    step('roster', 'Roster', `${entries} ${entries === 1 ? 'entry' : 'entries'}`),
    step('blank', 'Blank', placeTick(spec, pair)),
    step(
      'fit',
      'Fit',
      fits.last === null ? 'measuring…' : numToDecide === 0 ? 'all fit' : `${numToDecide} to decide`,
      numToDecide > 0,
    ),
    step(
      'sheets',
      'Sheets',
      numUnmade > 0 ? `${numUnmade} to lay out` : `${numPasses} ${numPasses === 1 ? 'pass' : 'passes'} made`,
      numUnmade > 0,
    ),
    step('bench', 'Bench', `${tally.packed} of ${tally.items} packed`),
  ];
}

function placeTick(spec: RunSession['spec'], pair: Lengths['pair']): string {
  const [use] = spec.uses;
  const [place] = use ? Object.values(variantFor(spec, use).places) : [];
  return place ? pair(place.outline.widthMm, place.outline.heightMm, 0) : '';
}
