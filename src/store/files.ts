/** Names of what the program puts into its data folder; starting over sets these aside and nothing else. */
export const DATABASE_FILE = 'knurl.sqlite';
export const LOCK_FILE = 'knurl.lock';
export const SERVER_FILE = 'knurl-server.json';
export const LOG_FILE = 'knurl.log';
/** How far acknowledged writes had come, kept outside the database. */
export const ACKNOWLEDGED_FILE = 'knurl-acknowledged.json';
/** Copies that were made by themselves. */
export const BACKUP_FOLDER = 'backups';
/** A copy from before a migration; the day's copies begin with `knurl-day-`. */
export const BACKUP_PREFIX = 'knurl-before-';
/** Folders into which was put what somebody started over from. */
export const SET_ASIDE_PREFIX = 'set-aside-';

const DATABASE_FILES: readonly RegExp[] = [/^knurl\.sqlite(-wal|-shm|-journal)?$/, /^knurl-acknowledged\.json$/];

const KNURL_FILES: readonly RegExp[] = [
  ...DATABASE_FILES,
  /^knurl-server\.json$/,
  /^knurl\.log(\.old)?$/,
  /^knurl-before-.*\.sqlite$/,
];

/** The database, its log, and the note of what was acknowledged. */
export function isDatabaseFile(name: string): boolean {
  return DATABASE_FILES.some((known) => known.test(name));
}

/** Whether a name in the data folder is a file of the program's; the lock and folders are not among them. */
export function isKnurlFile(name: string): boolean {
  return KNURL_FILES.some((known) => known.test(name));
}
