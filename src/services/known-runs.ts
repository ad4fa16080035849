import type { Blank, Variant } from '@/core/shop';
import type { Tally } from '@/core/ledger';

/** What a picture shows of a blank. */
export interface BlankSeen {
  readonly name: string;
  readonly kind: Blank['kind'];
  readonly variant: Pick<Variant, 'body' | 'colour'>;
}

export interface RunSummary {
  readonly id: string;
  readonly title: string;
  readonly dueOn: string | null;
  readonly counter: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly isArchived: boolean;
  readonly numEntries: number;
  /** The blanks that it letters, each by its first size and colour, as far as a picture shows them. */
  readonly blanks: readonly BlankSeen[];
  readonly tally: Tally;
}

/** A run whose data cannot be read: told by what little is known of it, so that it is neither hidden nor in the way. */
export interface UnreadableRun {
  readonly id: string;
  /** Empty when not even that can be read. */
  readonly title: string;
  readonly createdAt: string | null;
  /** What is wrong with it, and what to do. */
  readonly detail: string;
}

export type Shelved =
  { readonly kind: 'run'; readonly run: RunSummary } | { readonly kind: 'unreadable'; readonly run: UnreadableRun };

/** What is known of runs, by id, with the mark that it is known at. */
export type KnownRuns = Map<string, { readonly mark: string; readonly shelved: Shelved }>;

/** As many as a busy workshop has in a few years. */
export const MOST_KNOWN = 5000;
