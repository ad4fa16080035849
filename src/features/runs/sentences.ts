import type { NextOfRun } from '@/core/ledger';

/** The step of a run on which its next thing is done. */
export const NEXT_STEP: Readonly<Record<NextOfRun['kind'], string>> = {
  empty: 'roster',
  recut: 'sheets',
  cut: 'sheets',
  putOn: 'bench',
  check: 'bench',
  pack: 'bench',
  done: 'bench',
};

export function nextWords({ kind, num }: NextOfRun): string {
  switch (kind) {
    case 'empty':
      return 'Nobody is on its list yet';
    case 'recut':
      return num === 1 ? '1 piece waits to be cut again' : `${num} pieces wait to be cut again`;
    case 'cut':
      return `Next: cut ${num}`;
    case 'putOn':
      return `Next: weed and put on ${num}`;
    case 'check':
      return `Next: check ${num}`;
    case 'pack':
      return `Next: pack ${num}`;
    case 'done':
      return 'All packed';
  }
}
