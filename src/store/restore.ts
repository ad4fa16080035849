import { existsSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { type Outcome, fail, ok } from '@/core/outcome';
import { listBackups, newestGoodBackup } from './backups';
import { takeDataLock } from './data-lock';
import { DATABASE_FILE } from './files';
import { faultsOfFile } from './quick-check';
import { type SetAside, setDatabaseAside } from './set-aside';

export interface Restored {
  /** The file that was brought back. */
  readonly file: string;
  /** Where what stood before it lies now. */
  readonly before: SetAside;
}

export type RestoreProblem =
  | { readonly kind: 'dataInUse' }
  | { readonly kind: 'noBackup'; readonly has: readonly string[] }
  | { readonly kind: 'backupDamaged'; readonly file: string; readonly faults: readonly string[] };

/**
 * Brings a copy back as the database; what stands there is set aside, not deleted. `wanted` is the name of a copy or the path of any
 * database of Knurl's; null takes the newest copy that holds together.
 */
export function restoreBackup(
  dataDir: string,
  wanted: string | null,
  nowIso: string,
): Outcome<Restored, RestoreProblem> {
  const file = wanted === null ? newestGoodBackup(dataDir)?.file : fileOf(dataDir, wanted);
  if (file === undefined) return fail({ kind: 'noBackup', has: listBackups(dataDir).map(({ name }) => name) });
  const faults = faultsOfFile(file);
  if (faults.length > 0) return fail({ kind: 'backupDamaged', file, faults });
  const lock = takeDataLock(dataDir);
  if (!lock) return fail({ kind: 'dataInUse' });
  try {
    // Whole before anything is moved: a full disk must not leave the folder without either.
    const copy = path.join(dataDir, `${DATABASE_FILE}.restoring`);
    copyWhole(file, copy);
    const before = setDatabaseAside(dataDir, nowIso);
    renameSync(copy, path.join(dataDir, DATABASE_FILE));
    return ok({ file, before });
  } finally {
    lock.release();
  }
}

function fileOf(dataDir: string, wanted: string): string | undefined {
  const known = listBackups(dataDir).find(({ name }) => name === wanted)?.file;
  return known ?? [path.resolve(dataDir, wanted), path.resolve(wanted)].find((file) => existsSync(file));
}

/** With what stands in its log, which copying the file would leave out. */
function copyWhole(file: string, to: string): void {
  rmSync(to, { force: true });
  const source = new SqliteDatabase(file, { readonly: true });
  try {
    source.prepare('VACUUM INTO ?').run(to);
  } finally {
    source.close();
  }
}
