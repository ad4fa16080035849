import { randomBytes } from 'node:crypto';
import type { RandomBytes } from '@/core/ids';
import { type OpenProblem, type Store, openStore } from '@/store';
import type { Outcome } from '@/core/outcome';
import { RunEvents } from './run-events';
import { dataDirOfServer } from './data-dir';
import { VERSION } from './version';
import type { Compute } from './compute/compute';
import { threadCompute } from './compute/threads';

/** What every use case works with. */
export interface Context {
  readonly store: Store;
  readonly events: RunEvents;
  readonly compute: Compute;
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
  parts: Pick<Context, 'compute' | 'nowIso' | 'randomBytes'>,
): Promise<Outcome<Context, OpenProblem>> {
  const store = await openStore(dataDir, parts.nowIso());
  return store.ok
    ? { ok: true, value: { ...parts, store: store.value, events: new RunEvents(), version: VERSION } }
    : store;
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
    nowIso: () => new Date().toISOString(),
    randomBytes: (count) => randomBytes(count),
  });
  if (!context.ok) throw new CannotOpenError(context.problem);
  return context.value;
}
