import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { listBackups } from './backups';
import { DATABASE_FILE, isKnurlFile } from './files';

/** Whether there is a database at all: one that was never written has no size. */
export function hasDatabase(dataDir: string): boolean {
  return sizeOf(path.join(dataDir, DATABASE_FILE)) > 0;
}

/**
 * What of an earlier Knurl lies in a folder beside the database; empty in a folder that is new. Its log counts where the database itself is
 * missing: opening would throw it away.
 */
export function remainsIn(dataDir: string): readonly string[] {
  const isOwnLog = (name: string) =>
    /^knurl\.sqlite(-shm|-journal)?$/.test(name) || (hasDatabase(dataDir) && /-wal$/.test(name));
  const files = readdirSync(dataDir).filter(
    (name) => isKnurlFile(name) && !isOwnLog(name) && sizeOf(path.join(dataDir, name)) > 0,
  );
  return [...new Set([...files, ...listBackups(dataDir).map(({ name }) => name)])].sort();
}

function sizeOf(file: string): number {
  const found = existsSync(file) ? statSync(file) : null;
  return found?.isFile() ? found.size : 0;
}
