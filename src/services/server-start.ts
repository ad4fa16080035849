import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { assertNever } from '@/core/outcome';
import { type OpenProblem, SERVER_FILE } from '@/store';
import { CannotOpenError, getContext } from './context';

/** Opens the data folder, or tells the person at the terminal why not and ends the server. */
export async function openOrExit(): Promise<void> {
  try {
    const { store } = await getContext();
    writeFileSync(
      path.join(store.dataDir, SERVER_FILE),
      `${JSON.stringify({ pid: process.pid, url: process.env.KNURL_URL ?? null })}\n`,
    );
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
    case 'newerDatabase':
      return `${problem.file} was written by a newer Knurl (${problem.unknownMigrations.join(', ')}). Start that newer version; nothing was changed.`;
    case 'migrationFailed':
      return `The database could not be brought up to date (${problem.migration}): ${problem.cause}. ${problem.copy ? `A copy from before is in ${problem.copy}.` : 'It was new and can be deleted.'}`;
    default:
      return assertNever(problem);
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
