import { existsSync, mkdirSync, readdirSync, renameSync } from 'node:fs';
import path from 'node:path';
import { type Outcome, fail, ok } from '@/core/outcome';
import { takeDataLock } from './data-lock';
import { BACKUP_FOLDER, SET_ASIDE_PREFIX, isDatabaseFile, isKnurlFile } from './files';

export interface SetAside {
  /** Null when there was nothing to set aside. */
  readonly folder: string | null;
  readonly names: readonly string[];
}

/**
 * Puts all of the program's own in a data folder into a folder beside it, so that one may start over and lose nothing. The lock is
 * taken before anything is touched: a server that works there keeps what it has.
 */
export function setAside(dataDir: string, nowIso: string): Outcome<SetAside, { readonly kind: 'dataInUse' }> {
  if (!existsSync(dataDir)) return ok({ folder: null, names: [] });
  const lock = takeDataLock(dataDir);
  if (!lock) return fail({ kind: 'dataInUse' });
  try {
    const isOwn = (name: string) => isKnurlFile(name) || name === BACKUP_FOLDER;
    return ok(moveAside(dataDir, readdirSync(dataDir).filter(isOwn), nowIso));
  } finally {
    lock.release();
  }
}

/** The database and what belongs to it alone; only for who holds the lock. */
export function setDatabaseAside(dataDir: string, nowIso: string): SetAside {
  return moveAside(dataDir, readdirSync(dataDir).filter(isDatabaseFile), nowIso);
}

function moveAside(dataDir: string, names: readonly string[], nowIso: string): SetAside {
  if (names.length === 0) return { folder: null, names };
  const folder = freshFolder(path.join(dataDir, SET_ASIDE_PREFIX + nowIso.replace(/[^0-9]/g, '').slice(0, 14)));
  for (const name of names) renameSync(path.join(dataDir, name), path.join(folder, name));
  return { folder, names };
}

/** Twice in a second must not put one into the other. */
function freshFolder(wanted: string): string {
  let folder = wanted;
  for (let i = 2; existsSync(folder); i++) folder = `${wanted}-${i}`;
  mkdirSync(folder);
  return folder;
}
