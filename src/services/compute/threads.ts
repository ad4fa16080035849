import type { Encoding } from '@/core/intake';
import type { ReadRequest } from './reading-thread';
import path from 'node:path';
import { Tinypool } from 'tinypool';
import { type Outcome, fail } from '@/core/outcome';
import type { PackSearch, Packing } from '@/core/sheets';
import { type FileProblem, type ReadFile, MOST_INSIDE_BYTES } from '../list-file/list-file';
import type { Compute } from './compute';
import type { PlannedAnswer } from './jobs';
import { getLog } from '../log';
import { LongerSearches } from './longer-searches';

/** Where the build leaves the thread's bundle. */
const THREAD_FILE = 'build/compute-thread.mjs';
const READING_FILE = 'build/reading-thread.mjs';
const PACKING_FILE = 'build/packing-thread.mjs';
const CHECKING_FILE = 'build/checking-thread.mjs';

/** Boxes and where they lie are little; whatever takes more has gone wrong. */
const MOST_PACKING_MB = 256;

/** A file that takes longer was made to. Ten thousand rows take one to two seconds. */
const MOST_READING_SEC = 20;
const MOST_READING_MB = 768;

/**
 * Computing in one worker thread that is kept, since it remembers every text it has drawn. Requests wait for each other;
 * the server's own thread waits for none of them.
 */
export function threadCompute(): Compute {
  const pool = new Tinypool({
    filename: path.join(process.cwd(), THREAD_FILE),
    runtime: 'worker_threads',
    minThreads: 1,
    maxThreads: 1,
    idleTimeout: 2 ** 30,
  });
  const longer = new LongerSearches({
    pack,
    keep: (key, found) => pool.run({ key, found }, { name: 'keepLonger' }),
    onFailure: (runId, err) => getLog().error({ runId, err }, 'a longer search for a layout ended early'),
  });
  return {
    fits: (request) => pool.run(request, { name: 'fits' }),
    plan: async (request) => {
      const { answer, searches } = (await pool.run(request, { name: 'plan' })) as PlannedAnswer;
      longer.follow(request.runId, searches);
      return answer;
    },
    openPasses: (request) => pool.run(request, { name: 'open' }),
    freezeNext: (request) => pool.run(request, { name: 'freezeNext' }),
    freezeRelease: (request) => pool.run(request, { name: 'freezeReleased' }),
    changesSince: (request) => pool.run(request, { name: 'changes' }),
    templatePdf: (request) => pool.run(request, { name: 'templatePdf' }),
    sample: (request) => pool.run(request, { name: 'sample' }),
    proofPdf: (request) => pool.run(request, { name: 'proofPdf' }),
    readList,
  };
}

let checkers: Tinypool | null = null;

/** What is wrong with a database's file: a large one is looked through for seconds. */
export async function checkFile(file: string): Promise<readonly string[]> {
  checkers ??= new Tinypool({
    filename: path.join(process.cwd(), CHECKING_FILE),
    runtime: 'worker_threads',
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 1000,
  });
  return (await checkers.run(file, { name: 'check' })) as readonly string[];
}

let packers: Tinypool | null = null;

/** Looks longer for a shorter layout, in a thread of its own that may be ended at any moment. */
async function pack(search: PackSearch, signal: AbortSignal): Promise<Packing> {
  packers ??= new Tinypool({
    filename: path.join(process.cwd(), PACKING_FILE),
    runtime: 'worker_threads',
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_PACKING_MB },
  });
  return (await packers.run(search, { name: 'pack', signal })) as Packing;
}

let readers: Tinypool | null = null;

/**
 * Reads in a thread of its own with a limit to its memory and time: what comes from outside must not keep a plan waiting,
 * let alone end the server.
 */
async function readList(
  bytes: Uint8Array,
  fileName: string,
  encoding: Encoding | null,
): Promise<Outcome<ReadFile, FileProblem>> {
  readers ??= new Tinypool({
    filename: path.join(process.cwd(), READING_FILE),
    runtime: 'worker_threads',
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_READING_MB },
  });
  const signal = AbortSignal.timeout(MOST_READING_SEC * 1000);
  try {
    return await readers.run({ bytes, fileName, encoding } satisfies ReadRequest, { name: 'readList', signal });
  } catch (error) {
    if (signal.aborted) return fail({ kind: 'tookTooLong', seconds: MOST_READING_SEC });
    const isFull = error instanceof Error && /memory/i.test(error.message);
    if (isFull) return fail({ kind: 'tooMuchInside', mostBytes: MOST_INSIDE_BYTES });
    throw error;
  }
}
