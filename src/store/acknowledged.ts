import { closeSync, constants, fdatasync, openSync, readFileSync, writeSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import type { Connection } from './database';
import { ACKNOWLEDGED_FILE } from './files';

/** How many acts, and how many saves of anything else, a database has ever taken. */
export interface WriteCount {
  readonly acts: number;
  readonly saves: number;
}

/** Acknowledged writes that are not in the database any more. */
export interface Loss extends WriteCount {
  /** When the last of them was acknowledged, ISO. */
  readonly until: string;
  readonly noticedAt: string;
}

const count = z.number().int().min(0);
const lossSchema = z.object({ acts: count, saves: count, until: z.string(), noticedAt: z.string() });
const noteSchema = z.object({ acts: count, saves: count, at: z.string(), loss: lossSchema.nullable() });
type Note = z.infer<typeof noteSchema>;

/** Counted by the database itself, inside the transaction of each write. Waits its turn: what others have not committed does not count. */
export function findWriteCount(db: Connection): Promise<WriteCount> {
  return db.selectFrom('write_count').select(['acts', 'saves']).executeTakeFirstOrThrow();
}

/** Always as long, so that one note covers the one before whole, in one write. */
const NOTE_LENGTH = 510;

function lossOf(known: Note, now: WriteCount, noticedAt: string): Loss | null {
  const acts = Math.max(0, known.acts - now.acts);
  const saves = Math.max(0, known.saves - now.saves);
  return acts + saves === 0 ? null : { acts, saves, until: known.at, noticedAt };
}

function readNote(file: string): Note | null {
  try {
    return noteSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return null;
  }
}

/**
 * Keeps outside the database how far acknowledged writes have come. A log that was lost or cut takes them out of the database
 * without a trace in it; here it shows.
 */
export class Acknowledged {
  readonly #file: string;
  #note: Note;
  #descriptor: number | null = null;
  #isSyncing = false;

  private constructor(dataDir: string, note: Note) {
    this.#file = path.join(dataDir, ACKNOWLEDGED_FILE);
    this.#note = note;
  }

  /** Holds what the database has against what was acknowledged. */
  static open(dataDir: string, now: WriteCount, nowIso: string): Acknowledged {
    const known = readNote(path.join(dataDir, ACKNOWLEDGED_FILE));
    const loss = known ? (lossOf(known, now, nowIso) ?? known.loss) : null;
    const opened = new Acknowledged(dataDir, { ...now, at: known?.at ?? nowIso, loss });
    opened.#write();
    return opened;
  }

  /** What was lost and not put away by a person yet. */
  get loss(): Loss | null {
    return this.#note.loss;
  }

  /** To be called before a write is acknowledged. */
  note({ acts, saves }: WriteCount, nowIso: string): void {
    if (acts <= this.#note.acts && saves <= this.#note.saves) return;
    this.#note = { ...this.#note, acts, saves, at: nowIso };
    this.#write();
  }

  /** A person has read of the loss. */
  putAway(): void {
    this.#note = { ...this.#note, loss: null };
    this.#write();
  }

  close(): void {
    if (this.#descriptor !== null) closeSync(this.#descriptor);
    this.#descriptor = null;
  }

  /** Never in the way of the write itself, which is safe in the database: a note that cannot be written stays behind. */
  #write(): void {
    try {
      this.#descriptor ??= openSync(this.#file, constants.O_RDWR | constants.O_CREAT, 0o644);
      writeSync(this.#descriptor, JSON.stringify(this.#note).padEnd(NOTE_LENGTH) + '\n', 0);
    } catch {
      return;
    }
    this.#sync();
  }

  /** One after the other, beside all else: the kernel has the note already, and only the power could take it. */
  #sync(): void {
    if (this.#isSyncing || this.#descriptor === null) return;
    this.#isSyncing = true;
    fdatasync(this.#descriptor, () => (this.#isSyncing = false));
  }
}
