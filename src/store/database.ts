import type { ColumnType, Kysely } from 'kysely';

/** Written once, never changed. */
type Fixed<T> = ColumnType<T, T, never>;

interface RunTable {
  id: Fixed<string>;
  /** JSON of a RunSpec; its own format version stands in it. */
  spec_json: string;
  /** Goes up by one with every saved spec. */
  counter: number;
  created_at: Fixed<string>;
  updated_at: string;
  /** Removed runs stay until they are purged, so that removing can be taken back. */
  removed_at: string | null;
  /** Archived runs are out of the way, and otherwise like any other. */
  archived_at: string | null;
}

interface OutlineTable {
  sha: Fixed<string>;
  body: Fixed<string>;
}

interface MadePassTable {
  run_id: Fixed<string>;
  id: Fixed<string>;
  no: Fixed<number>;
  pass_json: Fixed<string>;
}

/** Passes whose cut file left the house. */
interface TakenFileTable {
  run_id: Fixed<string>;
  pass_no: Fixed<number>;
  taken_at: Fixed<string>;
}

interface ReleaseTable {
  run_id: Fixed<string>;
  id: Fixed<string>;
  no: Fixed<number>;
  release_json: Fixed<string>;
}

interface ActTable {
  run_id: Fixed<string>;
  seq: Fixed<number>;
  id: Fixed<string>;
  act_json: Fixed<string>;
}

/** What was waited for at the press. */
interface CountdownTable {
  run_id: Fixed<string>;
  id: Fixed<string>;
  /** When it runs out by itself. */
  ends_at: Fixed<string>;
  countdown_json: string;
  /** 1: somebody ended it early. */
  is_ended: number;
}

/** What the columns under a set of headers were taken for the last time. */
interface ColumnChoiceTable {
  header_key: Fixed<string>;
  choice_json: string;
  chosen_at: string;
}

/** Kinds of things that a shop keeps. */
export type ShopKindName = 'blank' | 'material' | 'bed' | 'lettering' | 'card' | 'motif' | 'face';

/** What somebody changed, made or removed in the shop. */
interface ShopTable {
  kind: Fixed<ShopKindName>;
  id: Fixed<string>;
  /** Goes up by one with every saved state. */
  rev: number;
  value_json: string;
  updated_at: string;
  removed_at: string | null;
}

/** Photos, by the hash of their bytes. */
interface AttachmentTable {
  sha: Fixed<string>;
  bytes: Fixed<Uint8Array>;
  kept_at: Fixed<string>;
}

/** Made by the write test of the health report; holds at most one row. */
interface WriteTestTable {
  id: number;
  at: string;
}

/** Kept by triggers; a single row. */
interface WriteCountTable {
  id: Fixed<number>;
  acts: Fixed<number>;
  saves: Fixed<number>;
}

export interface Database {
  run: RunTable;
  outline: OutlineTable;
  made_pass: MadePassTable;
  taken_file: TakenFileTable;
  release: ReleaseTable;
  act: ActTable;
  countdown: CountdownTable;
  column_choice: ColumnChoiceTable;
  shop: ShopTable;
  attachment: AttachmentTable;
  write_test: WriteTestTable;
  write_count: WriteCountTable;
}

/** A connection, or a transaction on it: store functions do not care which. */
export type Connection = Kysely<Database>;
