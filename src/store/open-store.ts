import { existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { Kysely, Migrator, SqliteDialect } from 'kysely';
import { type Outcome, fail, ok } from '@/core/outcome';
import { type DataLock, takeDataLock } from './data-lock';
import type { Connection, Database } from './database';
import { BACKUP_PREFIX, DATABASE_FILE } from './files';
import { MIGRATIONS } from './migrations';

export interface Store {
  readonly db: Connection;
  readonly dataDir: string;
  /** Name of the newest migration, which the health report shows. */
  readonly schema: string;
  close(): Promise<void>;
}

export type OpenProblem =
  | { readonly kind: 'dataInUse'; readonly dataDir: string }
  | { readonly kind: 'cannotOpen'; readonly dataDir: string; readonly cause: string }
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

/**
 * Opens the database in a folder, alone: makes it when it is missing, copies and migrates it when it is older, refuses it
 * when it is newer. The lock is let go when the process ends, however it ends.
 */
export async function openStore(dataDir: string, nowIso: string): Promise<Outcome<Store, OpenProblem>> {
  let lock: DataLock | null;
  let sqlite: SqliteDatabase.Database;
  const file = path.join(dataDir, DATABASE_FILE);
  const isNew = !existsSync(file);
  try {
    mkdirSync(dataDir, { recursive: true });
    lock = takeDataLock(dataDir);
    if (!lock) return fail({ kind: 'dataInUse', dataDir });
    sqlite = new SqliteDatabase(file);
    sqlite.pragma('journal_mode = WAL');
  } catch (error) {
    return fail({ kind: 'cannotOpen', dataDir, cause: String(error) });
  }
  // A mark is acknowledged only when it would survive the power going off: hence FULL.
  sqlite.pragma('synchronous = FULL');
  sqlite.pragma('foreign_keys = ON');
  sqlite.pragma('busy_timeout = 5000');
  const db = new Kysely<Database>({ dialect: new SqliteDialect({ database: sqlite }) });
  const close = async () => {
    await db.destroy();
    lock.release();
  };
  const migrated = await migrate({ db, sqlite, dataDir, isNew }, nowIso);
  if (!migrated.ok) {
    await close();
    return migrated;
  }
  return ok({ db, dataDir, schema: schemaVersion(), close });
}

interface Opened {
  readonly db: Connection;
  readonly sqlite: SqliteDatabase.Database;
  readonly dataDir: string;
  readonly isNew: boolean;
}

async function migrate({ db, sqlite, dataDir, isNew }: Opened, nowIso: string): Promise<Outcome<null, OpenProblem>> {
  const done = isNew ? [] : migrationsDone(sqlite);
  const unknownMigrations = done.filter((name) => !(name in MIGRATIONS));
  if (unknownMigrations.length > 0) {
    return fail({ kind: 'newerDatabase', file: path.join(dataDir, DATABASE_FILE), unknownMigrations });
  }
  const next = Object.keys(MIGRATIONS).find((name) => !done.includes(name));
  if (next === undefined) return ok(null);
  const copy = isNew ? null : copyBefore(sqlite, dataDir, next, nowIso);
  const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...MIGRATIONS }) } });
  const { error, results } = await migrator.migrateToLatest();
  if (error === undefined) return ok(null);
  const migration = results?.find(({ status }) => status === 'Error')?.migrationName ?? next;
  return fail({ kind: 'migrationFailed', migration, cause: String(error), copy });
}

function migrationsDone(sqlite: SqliteDatabase.Database): string[] {
  const hasTable = sqlite.prepare("SELECT 1 FROM sqlite_master WHERE name = 'kysely_migration'").get();
  if (!hasTable) return [];
  const rows = sqlite.prepare('SELECT name FROM kysely_migration ORDER BY name').all() as { name: string }[];
  return rows.map(({ name }) => name);
}

/** `VACUUM INTO` also takes what is still only in the write-ahead log; copying the file would not. */
function copyBefore(sqlite: SqliteDatabase.Database, dataDir: string, migration: string, nowIso: string): string {
  const copy = path.join(dataDir, `${BACKUP_PREFIX}${migration}-${nowIso.replace(/[^0-9]/g, '').slice(0, 14)}.sqlite`);
  sqlite.prepare('VACUUM INTO ?').run(copy);
  return copy;
}
