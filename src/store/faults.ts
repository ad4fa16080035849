/** What may be wrong with the disk or the database while the program itself does what it should. */
export type StoreFault =
  | { readonly kind: 'diskFull' }
  | { readonly kind: 'readOnly' }
  /** The disk answers that it cannot read or write. */
  | { readonly kind: 'diskFails' }
  /** A part of the database is not as it was written. */
  | { readonly kind: 'damaged' }
  /** A run that was saved by a newer program. */
  | { readonly kind: 'newerRun'; readonly runId: string; readonly title: string }
  | { readonly kind: 'unreadableRun'; readonly runId: string; readonly title: string };

/** Thrown where a kept thing cannot be read, though the database gave it out. */
export class UnreadableError extends Error {
  constructor(readonly fault: StoreFault) {
    super(fault.kind);
    this.name = 'UnreadableError';
  }
}

const BY_CODE: readonly (readonly [code: RegExp, kind: 'diskFull' | 'readOnly' | 'diskFails' | 'damaged'])[] = [
  [/^(SQLITE_FULL|ENOSPC|EDQUOT)/, 'diskFull'],
  // Making the log's index longer fails as an I/O error where no space is left.
  [/^SQLITE_IOERR_SHM(SIZE|OPEN)/, 'diskFull'],
  [/^(SQLITE_READONLY|SQLITE_PERM|EROFS|EACCES|EPERM)/, 'readOnly'],
  [/^SQLITE_CANTOPEN/, 'readOnly'],
  [/^(SQLITE_CORRUPT|SQLITE_NOTADB)/, 'damaged'],
  [/^(SQLITE_IOERR|EIO|EFBIG)/, 'diskFails'],
];

/** The fault behind an error; null where the program itself went wrong. */
export function faultOf(error: unknown): StoreFault | null {
  // Told by what it carries: classes, also the engine's own, may be loaded more than once.
  if (typeof error !== 'object' || error === null) return null;
  if ('fault' in error && 'name' in error && error.name === 'UnreadableError') return error.fault as StoreFault;
  const code = 'code' in error ? String(error.code) : '';
  const kind = BY_CODE.find(([known]) => known.test(code))?.[1];
  return kind ? { kind } : null;
}

/** Reads what is kept of a run; what cannot be read is a fault of that run. */
export function readOrTell<T>(runId: string, read: () => T): T {
  try {
    return read();
  } catch {
    throw new UnreadableError({ kind: 'unreadableRun', runId, title: '' });
  }
}
