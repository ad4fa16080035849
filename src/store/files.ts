/** Names of what the program puts into its data folder; the starter's `--reset` removes these and nothing else. */
export const DATABASE_FILE = 'knurl.sqlite';
export const LOCK_FILE = 'knurl.lock';
export const SERVER_FILE = 'knurl-server.json';
export const LOG_FILE = 'knurl.log';
export const BACKUP_PREFIX = 'knurl-before-';
