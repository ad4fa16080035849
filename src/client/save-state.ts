import type { MergeConflict } from '@/core/edit';
import type { ApiProblem } from './api';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** Changes are kept in this browser and sent again until the server answers. */
  | {
      readonly kind: 'serverGone';
      /** What it says is wrong, where it still answers; null where nothing does. */
      readonly why: string | null;
    }
  /** Somebody else changed the same spots; a person decides. */
  | { readonly kind: 'conflict'; readonly conflicts: readonly MergeConflict[] }
  | { readonly kind: 'refused'; readonly detail: string }
  /** The run was removed elsewhere: what was typed here is kept, and can become a run of its own. */
  | { readonly kind: 'removed' };

/** Why a save did not come through, as the page stands after it. */
export function stateAfter(problem: ApiProblem): SaveState {
  if (isRemoved(problem)) return { kind: 'removed' };
  if (isWorthRepeating(problem)) return { kind: 'serverGone', why: troubleOf(problem) };
  return { kind: 'refused', detail: problem.kind === 'refused' ? problem.detail : '' };
}

/** Nothing is wrong with what was sent: it is kept here, and sent again until it is taken. */
export function isWorthRepeating(problem: ApiProblem): boolean {
  return problem.kind === 'serverGone' || problem.status >= 500;
}

/** What a server that answers says is wrong with itself. */
export function troubleOf(problem: ApiProblem): string | null {
  return problem.kind === 'refused' && problem.status >= 500 ? problem.detail : null;
}

export function isRemoved(problem: ApiProblem): boolean {
  return problem.kind === 'refused' && problem.problem === 'runNotFound';
}

export function isChangedElsewhere(problem: ApiProblem): boolean {
  return problem.kind === 'refused' && problem.status === 412;
}

const WORDS = {
  saving: 'saving…',
  conflict: 'changed elsewhere',
  refused: 'not saved',
  removed: 'removed elsewhere',
} as const;

interface Waiting {
  readonly save: SaveState;
  readonly numUnsaved: number;
  /** Marks that the server has not acknowledged. */
  readonly numWaiting: number;
  readonly isServerGone: boolean;
}

/** How everything that was done here stands: saved is said only when changes and marks both are. */
export function savedWords({ save, numUnsaved, numWaiting, isServerGone }: Waiting): string {
  if (save.kind === 'serverGone' || isServerGone) return `${numUnsaved + numWaiting} not saved yet`;
  if (save.kind !== 'saved') return WORDS[save.kind];
  return numWaiting > 0 ? WORDS.saving : 'saved';
}
