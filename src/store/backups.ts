import { mkdirSync, readdirSync, renameSync, rmSync, statSync, statfsSync } from 'node:fs';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { type Outcome, fail, ok } from '@/core/outcome';
import { BACKUP_FOLDER, BACKUP_PREFIX } from './files';
import { faultsOfFile } from './quick-check';

/** A copy of the database, whole and checked when it was made. */
export interface Backup {
  readonly name: string;
  readonly file: string;
  /** When it was made, ISO. */
  readonly at: string;
  readonly bytes: number;
}

export type BackupProblem =
  /** It would take more of the disk than copies may. */
  | { readonly kind: 'noRoom'; readonly bytes: number; readonly freeBytes: number }
  /** What was copied does not hold together. */
  | { readonly kind: 'copyDamaged'; readonly faults: readonly string[] };

/** All copies of days together take no more than this share of what the disk would have free without them. */
export const MOST_OF_DISK = 0.2;
const DAYS = 7;
const WEEKS = 4;
const DAY_MS = 86_400_000;

const NAME = /^knurl-(?:day|before-.+)-(\d{4})(\d\d)(\d\d)(\d\d)(\d\d)(\d\d)\.sqlite$/;

/** Copies in a data folder, newest first; those that an earlier Knurl left beside the database are among them. */
export function listBackups(dataDir: string): readonly Backup[] {
  return [path.join(dataDir, BACKUP_FOLDER), dataDir]
    .flatMap((folder) => namesIn(folder).map((name) => ({ folder, name })))
    .flatMap(({ folder, name }): Backup[] => {
      const [, ...parts] = NAME.exec(name) ?? [];
      if (parts.length === 0) return [];
      const [year, month, day, hour, minute, second] = parts;
      const file = path.join(folder, name);
      // One may be let go between looking into the folder and looking at it.
      const bytes = statSync(file, { throwIfNoEntry: false })?.size;
      const at = `${year}-${month}-${day}T${hour}:${minute}:${second}.000Z`;
      return bytes === undefined ? [] : [{ name, file, at, bytes }];
    })
    .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.name.localeCompare(b.name)));
}

/** Empty where there is no such folder, or none that can be read: pages ask for it, and must come up. */
function namesIn(folder: string): readonly string[] {
  try {
    return readdirSync(folder);
  } catch {
    return [];
  }
}

/** The newest copy that still holds together; null when there is none. */
export function newestGoodBackup(dataDir: string): Backup | null {
  return listBackups(dataDir).find(({ file }) => faultsOfFile(file).length === 0) ?? null;
}

/** `migration` null: a copy of the day. */
export function backupName(migration: string | null, nowIso: string): string {
  const stamp = nowIso.replace(/[^0-9]/g, '').slice(0, 14);
  return migration === null ? `knurl-day-${stamp}.sqlite` : `${BACKUP_PREFIX}${migration}-${stamp}.sqlite`;
}

/** Whether a copy of the day is due: none is younger than a day. */
export function isBackupDue(backups: readonly Backup[], nowIso: string): boolean {
  const newest = backups.find(({ name }) => name.startsWith('knurl-day-'));
  return newest === undefined || Date.parse(nowIso) - Date.parse(newest.at) >= DAY_MS;
}

/** What is kept: the newest of each of the last seven days that have one, and of each of the last four weeks. */
export function backupsKept(backups: readonly Backup[]): ReadonlySet<string> {
  const kept = new Set<string>();
  for (const [most, periodMs] of [
    [DAYS, DAY_MS],
    [WEEKS, 7 * DAY_MS],
  ] as const) {
    const periods = new Set<number>();
    for (const { name, at } of backups) {
      const period = Math.floor(Date.parse(at) / periodMs);
      if (periods.has(period) || periods.size === most) continue;
      periods.add(period);
      kept.add(name);
    }
  }
  return kept;
}

/** Why a copy of a database of so many bytes is not made; null when there is room, once old ones are gone. */
function roomProblem(dataDir: string, bytes: number, mostOfDisk: number): BackupProblem | null {
  const { bavail, bsize } = statfsSync(dataDir);
  const taken = listBackups(dataDir).reduce((sum, backup) => sum + backup.bytes, 0);
  const freeBytes = bavail * bsize;
  return taken + bytes > (freeBytes + taken) * mostOfDisk ? { kind: 'noRoom', bytes, freeBytes } : null;
}

/** Lets go what is not kept; the newest stays whatever happens. */
export function pruneBackups(dataDir: string): void {
  const backups = listBackups(dataDir);
  const kept = backupsKept(backups);
  for (const { name, file } of backups) if (!kept.has(name)) rmSync(file, { force: true });
}

interface MakeBackup {
  readonly sqlite: SqliteDatabase.Database;
  readonly dataDir: string;
  readonly name: string;
  /** What is wrong with a file; run beside the server where that has others to serve. */
  readonly check: (file: string) => Promise<readonly string[]>;
  /** Share of the free disk that all copies together may take, 0 to 1. */
  readonly mostOfDisk: number;
}

/**
 * Copies the database with the engine's own means while it is used, then opens the copy and checks it; only a good one gets its
 * name. Of a copy that has no room the oldest others are let go first, but for the newest.
 */
export async function makeBackup({
  sqlite,
  dataDir,
  name,
  check,
  mostOfDisk,
}: MakeBackup): Promise<Outcome<Backup, BackupProblem>> {
  const folder = path.join(dataDir, BACKUP_FOLDER);
  mkdirSync(folder, { recursive: true });
  const bytes = sizeOf(sqlite);
  const problemNow = () => roomProblem(dataDir, bytes, mostOfDisk);
  for (let problem = problemNow(); problem; problem = problemNow()) {
    const oldest = listBackups(dataDir).slice(1).at(-1);
    if (!oldest) return fail(problem);
    rmSync(oldest.file, { force: true });
  }
  const part = path.join(folder, `${name}.part`);
  rmSync(part, { force: true });
  try {
    await sqlite.backup(part);
    makePlain(part);
    const faults = await check(part);
    if (faults.length > 0) return fail({ kind: 'copyDamaged', faults });
    const file = path.join(folder, name);
    renameSync(part, file);
    pruneBackups(dataDir);
    return ok({ name, file, at: listBackups(dataDir).find((backup) => backup.name === name)?.at ?? '', bytes });
  } finally {
    for (const left of [part, `${part}-wal`, `${part}-shm`, `${part}-journal`]) rmSync(left, { force: true });
  }
}

/** A copy stands for itself: without a log, it can be read from a folder that cannot be written. */
function makePlain(file: string): void {
  const copy = new SqliteDatabase(file);
  copy.pragma('journal_mode = DELETE');
  copy.close();
}

function sizeOf(sqlite: SqliteDatabase.Database): number {
  const pages = sqlite.pragma('page_count', { simple: true }) as number;
  return pages * (sqlite.pragma('page_size', { simple: true }) as number);
}
