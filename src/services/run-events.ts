import { EventEmitter } from 'node:events';
import { countCountdowns, listActs, listPasses, listReleases, findRun, type Connection } from '@/store';

/** How far a run has come: whoever knows these numbers knows whether anything of it is new. */
export interface RunMarks {
  /** Counter of the spec. */
  readonly spec: number;
  readonly passes: number;
  readonly releases: number;
  /** Number of the last act. */
  readonly acts: number;
}

/** What the stream tells: beside the bench's, what is waited for at the press. */
export interface StreamMarks extends RunMarks {
  /** Goes up whenever a countdown is started or ended early. */
  readonly countdowns: number;
}

/** Tells whoever listens that something was saved, made, released or done in a run. */
export class RunEvents {
  readonly #emitter = new EventEmitter().setMaxListeners(0);

  /** After it is on the disk. */
  changed(runId: string): void {
    this.#emitter.emit(runId);
  }

  /** Answers how to stop listening. */
  listen(runId: string, listener: () => void): () => void {
    this.#emitter.on(runId, listener);
    return () => this.#emitter.off(runId, listener);
  }
}

/** Null when there is no such run, or it was removed. */
export async function marksOfRun(db: Connection, runId: string): Promise<StreamMarks | null> {
  const run = await findRun(db, runId);
  if (!run) return null;
  return {
    spec: run.counter,
    passes: (await listPasses(db, runId)).length,
    releases: (await listReleases(db, runId)).length,
    acts: (await listActs(db, runId)).at(-1)?.seq ?? 0,
    countdowns: await countCountdowns(db, runId),
  };
}
