import { format, parseISO } from 'date-fns';
import { assertNever } from '@/core/outcome';
import type { Loss, StoreFault } from '@/store';
import type { DataState } from './data-keeper';

/** What is wrong with what is kept, or with its disk, in words: the same on pages, in answers and at the terminal. */
export interface FaultWords {
  readonly title: string;
  /** What happened, what is kept, what to do. */
  readonly detail: string;
}

const KEPT = 'Everything saved before is kept; what you do now is not, and waits in this browser.';

export function faultWords(fault: StoreFault): FaultWords {
  switch (fault.kind) {
    case 'diskFull':
      return {
        title: 'The disk is full',
        detail: `The disk with Knurl’s data has no space left. ${KEPT} Free some space; it goes on by itself then.`,
      };
    case 'readOnly':
      return {
        title: 'The data folder cannot be written',
        detail: `Knurl’s data folder, or its disk, can only be read. ${KEPT} Give it back the right to write, or start Knurl with KNURL_DATA_DIR on another folder.`,
      };
    case 'diskFails':
      return {
        title: 'The disk does not answer as it should',
        detail: `Knurl’s disk failed to read or write. ${KEPT} Copy the data folder to another disk while it can be read, and start Knurl with KNURL_DATA_DIR there.`,
      };
    case 'damaged':
      return {
        title: 'A part of the database is damaged',
        detail: `What was asked for lies on a damaged part of the database. Other runs can be worked on; nothing was changed. ${RESTORE}`,
      };
    case 'newerRun':
      return {
        title: 'The run was saved by a newer Knurl',
        detail: `${fault.title === '' ? 'This run' : nameOf(fault)} was saved by a newer Knurl than this one. It is kept as it is; start that newer version to work on it.`,
      };
    case 'unreadableRun':
      return {
        title: 'The run cannot be read',
        detail: `What is kept of ${nameOf(fault)} cannot be read. It is kept as it is, and other runs can be worked on. A bundle of it, or "npm run restore", brings back an earlier state.`,
      };
    default:
      return assertNever(fault);
  }
}

function nameOf({ title }: { readonly title: string }): string {
  return title === '' ? 'this run' : `“${title}”`;
}

/** `40 marks and 1 other change that Knurl had acknowledged …` */
export function lossSentence({ acts, saves, until }: Loss): string {
  const parts = [
    acts > 0 ? `${acts} ${acts === 1 ? 'mark' : 'marks'}` : '',
    saves > 0 ? `${saves} other ${saves === 1 ? 'change' : 'changes'}` : '',
  ].filter((part) => part !== '');
  // By the clock of this machine, which is the one that it is read at.
  const time = format(parseISO(until), 'd MMMM yyyy, HH:mm');
  return `${parts.join(' and ')} that Knurl had acknowledged until ${time} are not in the database any more: its log was lost or cut. Look at the bench what is marked, and mark again what is missing.`;
}

const RESTORE =
  'Stop Knurl and run "npm run restore" for the newest copy that holds together; what is there is set aside, not deleted.';

const DAMAGE = `Parts of the database are damaged. What can be read can be worked on. ${RESTORE}`;

/** With the engine’s own words, for the terminal. */
export function damageSentence(faults: readonly string[]): string {
  return `${DAMAGE} What was found: ${faults.slice(0, 2).join('; ')}.`;
}

/** Why a run of the list cannot be opened; it follows its name. */
export function runFaultSentence(fault: StoreFault): string {
  return fault.kind === 'damaged'
    ? `It lies on a damaged part of the database and cannot be read; the others can be worked on. ${RESTORE}`
    : faultWords(fault).detail;
}

/** What of the kept data a person has to know, on every page; empty mostly. */
export function dataNotices({ condition, loss, backupProblem }: DataState): readonly string[] {
  return [
    ...(loss ? [lossSentence(loss)] : []),
    ...(condition.kind === 'damaged' ? [DAMAGE] : []),
    ...(backupProblem ? [backupSentence(backupProblem)] : []),
  ];
}

function backupSentence(problem: NonNullable<DataState['backupProblem']>): string {
  switch (problem.kind) {
    case 'noRoom':
      return 'The day’s copy of the data was not made: copies may take a fifth of what the disk has free, and it would take more. Free some space.';
    case 'copyDamaged':
      return `The day’s copy of the data was not kept, since it does not hold together (${problem.faults.slice(0, 2).join('; ')}).`;
    case 'failed':
      return `The day’s copy of the data could not be made: ${problem.cause}. Look at the space on the disk.`;
    default:
      return assertNever(problem);
  }
}
