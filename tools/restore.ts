import path from 'node:path';
import { listBackups, restoreBackup } from '@/store';

/** Brings a copy back as the database of `KNURL_DATA_DIR`: the newest that holds together, or the one named. `--list` shows them. */
const dataDir = path.resolve(process.env.KNURL_DATA_DIR ?? 'data');
const [wanted] = process.argv.slice(2);
const say = (sentence: string) => process.stdout.write(`${sentence}\n`);

if (wanted === '--list') {
  const backups = listBackups(dataDir);
  for (const { name, at, bytes } of backups)
    say(`${name}  ${at.slice(0, 16).replace('T', ' ')} UTC  ${megabytes(bytes)} MB`);
  if (backups.length === 0) say(`There is no copy in ${dataDir}.`);
} else {
  restore(wanted ?? null);
}

function restore(name: string | null): void {
  const done = restoreBackup(dataDir, name, new Date().toISOString());
  if (done.ok) {
    const { file, before } = done.value;
    say(`${file} is the database again.`);
    if (before.folder !== null) say(`What was there (${before.names.join(', ')}) is set aside in ${before.folder}.`);
    return;
  }
  process.exitCode = 1;
  const { problem } = done;
  if (problem.kind === 'dataInUse') say(`A Knurl works on ${dataDir}. Stop it first; nothing was changed.`);
  if (problem.kind === 'backupDamaged')
    say(`${problem.file} is damaged (${problem.faults.join('; ')}). Choose another; nothing was changed.`);
  if (problem.kind === 'noBackup')
    say(
      `${name === null ? 'No copy that holds together was found' : `There is no copy ${name}`} in ${dataDir}. ${problem.has.length > 0 ? `There are ${problem.has.join(', ')}.` : 'There are none.'} Nothing was changed.`,
    );
}

function megabytes(bytes: number): string {
  return (bytes / 1_000_000).toFixed(1);
}
