import { mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { Kysely, Migrator, SqliteDialect } from 'kysely';
import { type Outcome, fail, ok } from '@/core/outcome';
import { Acknowledged, findWriteCount } from './acknowledged';
import { type Backup, type BackupProblem, MOST_OF_DISK, backupName, makeBackup, newestGoodBackup } from './backups';
import { type DataLock, takeDataLock } from './data-lock';
import type { Connection, Database } from './database';
import { faultOf } from './faults';
import { DATABASE_FILE } from './files';
import { MIGRATIONS } from './migrations';
import { faultsIn, faultsOfFile } from './quick-check';
import { hasDatabase, remainsIn } from './remains';

export interface Store {
  readonly db: Connection;
  readonly dataDir: string;
  /** Name of the newest migration, which the health report shows. */
  readonly schema: string;
  /** What was acknowledged, held against what the database has. */
  readonly acknowledged: Acknowledged;
  /** What was found wrong at opening; null when the file is large, so that it is to be looked through beside all else. */
  readonly faults: readonly string[] | null;
  /** To be called before a write is acknowledged: keeps outside the database how far writes have come. */
  noteAcknowledged(nowIso: string): Promise<void>;
  /** A copy of the day; `check` looks through it, beside the server where that serves others. */
  backUp(nowIso: string, check?: FileCheck): Promise<Outcome<Backup, BackupProblem>>;
  close(): Promise<void>;
}

type FileCheck = (file: string) => Promise<readonly string[]>;

export type OpenProblem =
  | { readonly kind: 'dataInUse'; readonly dataDir: string }
  | { readonly kind: 'cannotOpen'; readonly dataDir: string; readonly cause: string }
  /** The database is missing or empty beside other files of Knurl's: this is not a new shop. */
  | {
      readonly kind: 'databaseGone';
      readonly dataDir: string;
      readonly found: readonly string[];
      readonly backup: string | null;
    }
  /** Not even its head can be read, or it is to be brought up to date and cannot be while parts of it are damaged. */
  | {
      readonly kind: 'databaseDamaged';
      readonly file: string;
      readonly faults: readonly string[];
      readonly backup: string | null;
    }
  | { readonly kind: 'newerDatabase'; readonly file: string; readonly unknownMigrations: readonly string[] }
  | {
      readonly kind: 'migrationFailed';
      readonly migration: string;
      readonly cause: string;
      readonly copy: string | null;
    };

/** The newest migration that this program knows. */
export function schemaVersion(): string {
  return Object.keys(MIGRATIONS).at(-1) ?? 'none';
}

/** A larger file would keep the start waiting: about a second for 200 MB. */
const MOST_CHECKED_AT_START = 64_000_000;

const checkHere: FileCheck = async (file) => faultsOfFile(file);

/**
 * Opens the database in a folder, alone: makes it when it is missing in a new folder, copies and migrates it when it is older, refuses it
 * when it is newer, gone or unreadable. The lock is let go when the process ends, however it ends.
 */
export async function openStore(dataDir: string, nowIso: string): Promise<Outcome<Store, OpenProblem>> {
  let lock: DataLock | null;
  try {
    mkdirSync(dataDir, { recursive: true });
    lock = takeDataLock(dataDir);
  } catch (error) {
    return fail({ kind: 'cannotOpen', dataDir, cause: String(error) });
  }
  if (!lock) return fail({ kind: 'dataInUse', dataDir });
  const opened = await openLocked(dataDir, nowIso, lock);
  if (!opened.ok) lock.release();
  return opened;
}

async function openLocked(dataDir: string, nowIso: string, lock: DataLock): Promise<Outcome<Store, OpenProblem>> {
  const found = remainsIn(dataDir);
  const gone = (): OpenProblem => ({ kind: 'databaseGone', dataDir, found, backup: goodBackup(dataDir) });
  if (!hasDatabase(dataDir) && found.length > 0) return fail(gone());
  const file = path.join(dataDir, DATABASE_FILE);
  let sqlite: SqliteDatabase.Database | null = null;
  try {
    sqlite = openFile(file);
    const isNew = sqlite.prepare('SELECT 1 FROM sqlite_master').get() === undefined;
    if (isNew && found.length > 0) {
      sqlite.close();
      return fail(gone());
    }
    const faults = isNew ? [] : statSync(file).size <= MOST_CHECKED_AT_START ? faultsIn(sqlite) : null;
    const db = new Kysely<Database>({ dialect: new SqliteDialect({ database: sqlite }) });
    const migrated = await migrate({ db, sqlite, dataDir, isNew, faults }, nowIso);
    if (!migrated.ok) {
      await db.destroy();
      return migrated;
    }
    emptyLog(sqlite);
    return ok(await storeOn({ db, sqlite, dataDir, lock, faults, nowIso }));
  } catch (error) {
    sqlite?.close();
    if (faultOf(error)?.kind !== 'damaged') return fail({ kind: 'cannotOpen', dataDir, cause: String(error) });
    return fail({ kind: 'databaseDamaged', file, faults: [String(error)], backup: goodBackup(dataDir) });
  }
}

/** What stands in the log alone is lost with it: brought into the database whenever that is opened, if it can be written. */
function emptyLog(sqlite: SqliteDatabase.Database): void {
  try {
    sqlite.pragma('wal_checkpoint(TRUNCATE)');
  } catch (error) {
    if (faultOf(error) === null) throw error;
  }
}

function openFile(file: string): SqliteDatabase.Database {
  const sqlite = new SqliteDatabase(file);
  try {
    sqlite.pragma('journal_mode = WAL');
    // A mark is acknowledged only when it would survive the power going off: hence FULL.
    sqlite.pragma('synchronous = FULL');
    sqlite.pragma('foreign_keys = ON');
    sqlite.pragma('busy_timeout = 5000');
  } catch (error) {
    sqlite.close();
    throw error;
  }
  return sqlite;
}

interface StoreParts {
  readonly db: Connection;
  readonly sqlite: SqliteDatabase.Database;
  readonly dataDir: string;
  readonly lock: DataLock;
  readonly faults: readonly string[] | null;
  readonly nowIso: string;
}

async function storeOn({ db, sqlite, dataDir, lock, faults, nowIso }: StoreParts): Promise<Store> {
  const acknowledged = Acknowledged.open(dataDir, await findWriteCount(db), nowIso);
  return {
    db,
    dataDir,
    schema: schemaVersion(),
    acknowledged,
    faults,
    noteAcknowledged: async (at) => acknowledged.note(await findWriteCount(db), at),
    backUp: (at, check = checkHere) =>
      makeBackup({ sqlite, dataDir, name: backupName(null, at), check, mostOfDisk: MOST_OF_DISK }),
    close: async () => {
      await db.destroy();
      acknowledged.close();
      lock.release();
    },
  };
}

interface Opened {
  readonly db: Connection;
  readonly sqlite: SqliteDatabase.Database;
  readonly dataDir: string;
  readonly isNew: boolean;
  readonly faults: readonly string[] | null;
}

async function migrate(
  { db, sqlite, dataDir, isNew, faults }: Opened,
  nowIso: string,
): Promise<Outcome<null, OpenProblem>> {
  const done = isNew ? [] : migrationsDone(sqlite);
  const unknownMigrations = done.filter((name) => !(name in MIGRATIONS));
  const file = path.join(dataDir, DATABASE_FILE);
  if (unknownMigrations.length > 0) return fail({ kind: 'newerDatabase', file, unknownMigrations });
  const next = Object.keys(MIGRATIONS).find((name) => !done.includes(name));
  if (next === undefined) return ok(null);
  const wrong = faults ?? faultsIn(sqlite);
  if (wrong.length > 0) return fail({ kind: 'databaseDamaged', file, faults: wrong, backup: goodBackup(dataDir) });
  const copy = isNew
    ? null
    : await makeBackup({ sqlite, dataDir, name: backupName(next, nowIso), check: checkHere, mostOfDisk: 0.9 });
  if (copy && !copy.ok) {
    const cause = `a copy from before could not be made (${copy.problem.kind}), so that nothing was changed`;
    return fail({ kind: 'migrationFailed', migration: next, cause, copy: goodBackup(dataDir) });
  }
  const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...MIGRATIONS }) } });
  const { error, results } = await migrator.migrateToLatest();
  if (error === undefined) return ok(null);
  const migration = results?.find(({ status }) => status === 'Error')?.migrationName ?? next;
  return fail({ kind: 'migrationFailed', migration, cause: String(error), copy: copy?.value.file ?? null });
}

function migrationsDone(sqlite: SqliteDatabase.Database): string[] {
  const hasTable = sqlite.prepare("SELECT 1 FROM sqlite_master WHERE name = 'kysely_migration'").get();
  if (!hasTable) return [];
  const rows = sqlite.prepare('SELECT name FROM kysely_migration ORDER BY name').all() as { name: string }[];
  return rows.map(({ name }) => name);
}

function goodBackup(dataDir: string): string | null {
  return newestGoodBackup(dataDir)?.name ?? null;
}
