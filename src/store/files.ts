/** Names of everything that the program puts into its data folder. Starting over removes these and nothing else. */
export const DATABASE_FILE = 'knurl.sqlite';
export const LOCK_FILE = 'knurl.lock';
export const SERVER_FILE = 'knurl-server.json';
export const LOG_FILE = 'knurl.log';
export const BACKUP_PREFIX = 'knurl-before-';

export const KNURL_FILES: readonly string[] = [
  DATABASE_FILE,
  `${DATABASE_FILE}-wal`,
  `${DATABASE_FILE}-shm`,
  LOCK_FILE,
  `${LOCK_FILE}-journal`,
  SERVER_FILE,
  LOG_FILE,
  `${LOG_FILE}.old`,
];
