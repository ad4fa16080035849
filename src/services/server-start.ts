import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { assertNever } from '@/core/outcome';
import { type OpenProblem, SERVER_FILE } from '@/store';
import { CannotOpenError, getContext } from './context';
import { damageSentence, lossSentence } from './data-words';
import { listRunSummaries } from './run-shelf';

/** Opens the data folder, or tells the person at the terminal why not and ends the server. */
export async function openOrExit(): Promise<void> {
  try {
    const context = await getContext();
    const { store, keeper } = context;
    noteAddress(store.dataDir);
    // The first page lists all runs: what it needs of them is read meanwhile.
    void listRunSummaries(context).catch(() => undefined);
    const { condition, loss } = keeper.state();
    if (loss) process.stderr.write(`\n${lossSentence(loss)}\n`);
    if (condition.kind === 'damaged') process.stderr.write(`\n${damageSentence(condition.faults)}\n`);
  } catch (error) {
    const sentence = error instanceof CannotOpenError ? sentenceFor(error.problem) : String(error);
    process.stderr.write(`\nKnurl cannot start. ${sentence}\n`);
    process.exit(1);
  }
}

function sentenceFor(problem: OpenProblem): string {
  switch (problem.kind) {
    case 'dataInUse':
      return `Another Knurl already works on ${problem.dataDir}${addressOf(problem.dataDir)}. Use that one, stop it first, or set KNURL_DATA_DIR to another folder.`;
    case 'cannotOpen':
      return `The data folder ${problem.dataDir} cannot be opened: ${problem.cause}. Look at its rights and at the space on the disk.`;
    case 'databaseGone':
      return `In ${problem.dataDir} there is no database, or an empty one, but this is no new shop: there are ${problem.found.slice(0, MOST_NAMED).join(', ')}. Nothing was changed. ${wayBack(problem.backup)} To begin with an empty shop, start with --reset: it sets all of that aside and deletes nothing.`;
    case 'databaseDamaged':
      return `The database ${problem.file} is damaged (${problem.faults.slice(0, MOST_NAMED).join('; ')}). It was left as it is. ${wayBack(problem.backup)}`;
    case 'newerDatabase':
      return `${problem.file} was written by a newer Knurl (${problem.unknownMigrations.join(', ')}). Start that newer version; nothing was changed.`;
    case 'migrationFailed':
      return `The database could not be brought up to date (${problem.migration}): ${problem.cause}. ${problem.copy ? `A copy from before is in ${problem.copy}.` : 'It was new and can be deleted.'}`;
    default:
      return assertNever(problem);
  }
}

const MOST_NAMED = 6;

/** What can be had back, and how. */
function wayBack(backup: string | null): string {
  return backup === null
    ? 'There is no copy that holds together; if you have one of your own, put it in place of the database.'
    : `The newest copy that holds together is ${backup}: "npm run restore" brings it back and sets aside what is there.`;
}

/** For other Knurls that are started on the same folder; they do without where it cannot be written. */
function noteAddress(dataDir: string): void {
  try {
    const note = { pid: process.pid, url: process.env.KNURL_URL ?? null };
    writeFileSync(path.join(dataDir, SERVER_FILE), `${JSON.stringify(note)}\n`);
  } catch (error) {
    process.stderr.write(`\nThe data folder cannot be written just now: ${String(error)}\n`);
  }
}

function addressOf(dataDir: string): string {
  try {
    const { url } = JSON.parse(readFileSync(path.join(dataDir, SERVER_FILE), 'utf8')) as { url: string | null };
    return url ? `, at ${url}` : '';
  } catch {
    return '';
  }
}
