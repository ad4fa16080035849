import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { LOCK_FILE } from './files';

export interface DataLock {
  release(): void;
}

/**
 * Makes this process the only one to work on a data folder; null when another has it. The lock is an exclusive
 * transaction on a small file of its own: the operating system lets it go when the process dies, even by kill -9, so
 * a stale lock cannot happen.
 */
export function takeDataLock(dataDir: string): DataLock | null {
  const lock = new SqliteDatabase(path.join(dataDir, LOCK_FILE), { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    if ((error as { code?: string }).code === 'SQLITE_BUSY') return null;
    throw error;
  }
  return { release: () => lock.close() };
}
