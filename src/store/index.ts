/**
 * The only door to the database. Functions take a connection or a transaction and answer domain types, never rows.
 * What a change means is decided in services; SQL stands nowhere else.
 */
export { type Database, type Connection } from './database';
export { type OpenProblem, type Store, openStore, schemaVersion } from './open-store';
export { type StoreFault, faultOf } from './faults';
export { type Loss, type WriteCount } from './acknowledged';
export { type Backup, type BackupProblem, backupsKept, isBackupDue, listBackups } from './backups';
export { type SetAside, setAside } from './set-aside';
export { type Restored, type RestoreProblem, restoreBackup } from './restore';
export { faultsOfFile } from './quick-check';
export { inTransaction } from './transaction';
export {
  type RunHead,
  type RunListing,
  type RunMark,
  type StoredRun,
  byAge,
  findListing,
  findRun,
  insertRun,
  listRunIds,
  listRunMarks,
  listRuns,
  removeRun,
  restoreRun,
  setArchived,
  updateRunSpec,
} from './run-store';
export { findOutline, findOutlines, outlineReader, putOutlines } from './outline-store';
export { insertPass, listPasses } from './pass-store';
export { filesTaken, noteFileTaken } from './taken-file-store';
export { insertRelease, listReleases } from './release-store';
export { appendAct, findAct, insertActs, listActs } from './act-store';
export { countCountdowns, findCountdown, insertCountdown, listCountdowns, updateCountdown } from './countdown-store';
export { findColumnChoice, keepColumnChoice } from './column-choice-store';
export {
  type ShopKind,
  type ShopThing,
  listShopThings,
  removeShopThing,
  restoreShopThing,
  saveShopThing,
} from './shop-store';
export { attachmentReader, findAttachment, putAttachment } from './attachment-store';
export { proveWritable } from './write-test';
export {
  ACKNOWLEDGED_FILE,
  BACKUP_FOLDER,
  BACKUP_PREFIX,
  DATABASE_FILE,
  LOCK_FILE,
  LOG_FILE,
  SERVER_FILE,
  SET_ASIDE_PREFIX,
} from './files';
