import { randomBytes } from 'node:crypto';
import type { RandomBytes } from '@/core/ids';
import path from 'node:path';
import { DATABASE_FILE, type OpenProblem, type Store, faultsOfFile, openStore } from '@/store';
import { type Outcome, ok } from '@/core/outcome';
import { RunEvents } from './run-events';
import { dataDirOfServer } from './data-dir';
import { DataKeeper } from './data-keeper';
import type { KnownRuns } from './known-runs';
import { VERSION } from './version';
import type { Compute } from './compute/compute';
import { checkFile, threadCompute } from './compute/threads';

/** What every use case works with. */
export interface Context {
  readonly store: Store;
  readonly events: RunEvents;
  readonly compute: Compute;
  /** What the list of runs shows, whoever asks for it: pages and the interface load their code each for themselves. */
  readonly knownRuns: KnownRuns;
  /** Looks after what is kept. */
  readonly keeper: DataKeeper;
  readonly nowIso: () => string;
  readonly randomBytes: RandomBytes;
  readonly version: string;
}

/** Thrown when the data folder cannot be opened: there is nothing to serve without it. */
export class CannotOpenError extends Error {
  constructor(readonly problem: OpenProblem) {
    super(`cannot open the data folder: ${problem.kind}`);
  }
}

/** A context on a folder; tests give their own computing, clock and chance. */
export async function contextOn(
  dataDir: string,
  { check = async (file) => faultsOfFile(file), ...parts }: ContextParts,
): Promise<Outcome<Context, OpenProblem>> {
  const opened = await openStore(dataDir, parts.nowIso());
  if (!opened.ok) return opened;
  const store = opened.value;
  const databaseFile = path.join(dataDir, DATABASE_FILE);
  const keeper = new DataKeeper({ store, nowIso: parts.nowIso, check, databaseFile });
  return ok({ ...parts, store, keeper, knownRuns: new Map(), events: new RunEvents(), version: VERSION });
}

interface ContextParts extends Pick<Context, 'compute' | 'nowIso' | 'randomBytes'> {
  /** What is wrong with a database's file; a server does it in a thread. */
  readonly check?: (file: string) => Promise<readonly string[]>;
}

/** The server keeps one context for its whole life, also when the framework loads this file more than once. */
const holder = globalThis as typeof globalThis & { knurlContext?: Promise<Context> };

export function getContext(): Promise<Context> {
  holder.knurlContext ??= openServerContext();
  return holder.knurlContext;
}

async function openServerContext(): Promise<Context> {
  const context = await contextOn(dataDirOfServer(), {
    compute: threadCompute(),
    check: checkFile,
    nowIso: () => new Date().toISOString(),
    randomBytes: (count) => randomBytes(count),
  });
  if (!context.ok) throw new CannotOpenError(context.problem);
  context.value.keeper.start();
  return context.value;
}
