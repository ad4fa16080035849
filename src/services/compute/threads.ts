import path from 'node:path';
import { Tinypool } from 'tinypool';
import type { Compute } from './compute';

/** Where the build leaves the thread's bundle. */
const THREAD_FILE = 'build/compute-thread.mjs';

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
  return {
    fits: (spec, withOutlines) => pool.run({ spec, withOutlines }, { name: 'fits' }),
    plan: (request) => pool.run(request, { name: 'plan' }),
    freezeNext: (request) => pool.run(request, { name: 'freezeNext' }),
  };
}
