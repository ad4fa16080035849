import type { ProofRow } from '@/core/wording';

/** The texts in their order, those that cannot be cut after the others: they stand apart from what is to be ticked. */
export function stoppedLast(
  rows: readonly ProofRow[],
  stopped: ReadonlyMap<string, unknown>,
  onlyOpen: boolean,
): readonly ProofRow[] {
  const isStopped = ({ key }: ProofRow) => stopped.has(key);
  const shown = onlyOpen ? rows.filter((row) => isStopped(row) || row.state.kind !== 'ticked') : rows;
  return stopped.size === 0 ? shown : [...shown.filter((row) => !isStopped(row)), ...shown.filter(isStopped)];
}

interface ProofCounts {
  readonly numTexts: number;
  /** To be ticked, of those that can be cut. */
  readonly numOpen: number;
  readonly numChanged: number;
  readonly numStopped: number;
}

export function proofHeading({ numTexts, numOpen, numChanged, numStopped }: ProofCounts): string {
  const able = numTexts - numStopped;
  const open = numOpen === 0 ? `All ${able} texts are ticked` : `${numOpen} of ${able} texts to be ticked`;
  return [open, numChanged > 0 && `${numChanged} changed since`, numStopped > 0 && `${numStopped} cannot be cut yet`]
    .filter(Boolean)
    .join(', ');
}
