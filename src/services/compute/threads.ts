import type { Encoding } from '@/core/intake';
import type { ReadRequest } from './reading-thread';
import path from 'node:path';
import { Tinypool } from 'tinypool';
import { type Outcome, fail } from '@/core/outcome';
import type { PackSearch, Packing } from '@/core/sheets';
import type { ReadMotif, SvgProblem } from '@/core/motifs';
import { type FileProblem, type ReadFile, MOST_INSIDE_BYTES } from '../list-file/list-file';
import type { FaceFileProblem, ReadFaceFile } from '../face-file/read-face-file';
import type { Compute } from './compute';
import type { PlannedAnswer } from './jobs';
import { getLog } from '../log';
import { type JobThread, Lanes, jobEndOf } from './lanes';
import { LongerSearches } from './longer-searches';

/** Where the build leaves the thread's bundle. */
const THREAD_FILE = 'build/compute-thread.mjs';
const READING_FILE = 'build/reading-thread.mjs';
const FACE_FILE = 'build/face-thread.mjs';
const PACKING_FILE = 'build/packing-thread.mjs';
const CHECKING_FILE = 'build/checking-thread.mjs';

/** Boxes and where they lie are little; whatever takes more has gone wrong. */
const MOST_PACKING_MB = 256;

/** A file that takes longer was made to. Ten thousand rows take one to two seconds. */
const MOST_READING_SEC = 20;
const MOST_READING_MB = 768;
/** A large face takes some two hundred milliseconds. */
const MOST_FACE_SEC = 5;

/** Threads that remember runs; more while many are computed at a time, which is paid in memory. */
const NUM_LASTING = 2;
const MOST_THREADS = 6;
/** Everything known of a run of 10,000 names is about a third of it. */
const MOST_COMPUTING_MB = 1536;
/** Ten thousand script names are measured in three to four minutes. */
const MOST_COMPUTING_SEC = 600;
const PATIENCE_MS = 1500;

function processorMs(): number {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
}

function makeThread(isLasting: boolean): JobThread {
  const pool = new Tinypool({
    filename: path.join(process.cwd(), THREAD_FILE),
    runtime: 'worker_threads',
    minThreads: isLasting ? 1 : 0,
    maxThreads: 1,
    idleTimeout: isLasting ? 2 ** 30 : 30_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_COMPUTING_MB },
  });
  return { run: (name, request, signal) => pool.run(request, { name, signal }) };
}

/**
 * Computing in worker threads that are kept, since they remember every text that they have drawn. The server's own thread waits for none
 * of them, and no run waits long for another's.
 */
export function threadCompute(): Compute {
  const lanes = new Lanes({
    makeThread,
    numLasting: NUM_LASTING,
    most: MOST_THREADS,
    patienceMs: PATIENCE_MS,
    limitMs: MOST_COMPUTING_SEC * 1000,
    processorMs,
  });
  const inRun =
    <R extends { readonly runId: string }, T>(name: string) =>
    (request: R): Promise<T> =>
      lanes.run<T>(request.runId, name, request);
  const longer = new LongerSearches({
    pack,
    keep: (runId, key, found) => lanes.run(runId, 'keepLonger', { key, found }),
    onFailure: (runId, err) => getLog().error({ runId, err }, 'a longer search for a layout ended early'),
  });
  return {
    fits: inRun('fits'),
    plan: async (request) => {
      const { answer, searches } = await lanes.run<PlannedAnswer>(request.runId, 'plan', request);
      longer.follow(request.runId, searches);
      return answer;
    },
    openPasses: inRun('open'),
    freezeNext: inRun('freezeNext'),
    freezeRelease: inRun('freezeReleased'),
    changesSince: inRun('changes'),
    templatePdf: inRun('templatePdf'),
    sample: (request) => lanes.run(SHOP, 'sample', request),
    proofPdf: inRun('proofPdf'),
    readList,
    readMotif: readDrawing,
    readFace,
    alternates: (request) => lanes.run(SHOP, 'alternates', request),
    faceRow: (request) => lanes.run(SHOP, 'faceRow', request),
    textsToTry: inRun('textsToTry'),
    readBundle: (bytes) => readers.run(`file ${numRead++}`, 'bundle', bytes),
  };
}

/** What is computed for no run goes by this name. */
const SHOP = '';

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

interface ReadingSettings {
  readonly file: string;
  /** Each file in a thread that ends with it. */
  readonly isAlone: boolean;
  readonly most: number;
  readonly seconds: number;
}

/** Threads that read files from outside: at least two at a time, so that one that was made to take long keeps a good one from nothing. */
function readingLanes({ file, isAlone, most, seconds }: ReadingSettings): Lanes {
  const makeThread = (): JobThread => {
    const pool = new Tinypool({
      filename: path.join(process.cwd(), file),
      runtime: 'worker_threads',
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: 30_000,
      isolateWorkers: isAlone,
      resourceLimits: { maxOldGenerationSizeMb: MOST_READING_MB },
    });
    return { run: (name, request, signal) => pool.run(request, { name, signal }) };
  };
  return new Lanes({ makeThread, numLasting: 2, most, patienceMs: 500, limitMs: seconds * 1000, processorMs });
}

const readers = readingLanes({ file: READING_FILE, isAlone: false, most: 3, seconds: MOST_READING_SEC });
/** The engine that opens faces gives back no memory. */
const faceReaders = readingLanes({ file: FACE_FILE, isAlone: true, most: 2, seconds: MOST_FACE_SEC });
let numRead = 0;

/**
 * Reads in a thread of its own with a limit to its memory and time: what comes from outside must not keep a plan waiting,
 * let alone end the server. Waiting for others does not count as reading.
 */
async function readList(
  bytes: Uint8Array,
  fileName: string,
  encoding: Encoding | null,
): Promise<Outcome<ReadFile, FileProblem>> {
  try {
    const request: ReadRequest = { bytes, fileName, encoding };
    return await readers.run(`file ${numRead++}`, 'readList', request);
  } catch (error) {
    const end = jobEndOf(error);
    if (end?.kind === 'tookTooLong') return fail(end);
    if (end) return fail({ kind: 'tooMuchInside', mostBytes: MOST_INSIDE_BYTES });
    throw error;
  }
}

/** The same of a drawing: edges that all cross each other would take minutes. */
async function readDrawing(text: string, name: string): Promise<Outcome<ReadMotif, SvgProblem>> {
  try {
    return await readers.run(`file ${numRead++}`, 'motif', { text, name });
  } catch (error) {
    const end = jobEndOf(error);
    if (end) return fail({ kind: 'tookTooLong', seconds: MOST_READING_SEC });
    throw error;
  }
}

/** A font file, the same way: glyphs that hold each other would be drawn for ever. */
async function readFace(bytes: Uint8Array, fileName: string): Promise<Outcome<ReadFaceFile, FaceFileProblem>> {
  try {
    return await faceReaders.run(`file ${numRead++}`, 'face', { bytes, fileName });
  } catch (error) {
    if (jobEndOf(error)) return fail({ kind: 'tookTooLong', seconds: MOST_FACE_SEC });
    throw error;
  }
}
