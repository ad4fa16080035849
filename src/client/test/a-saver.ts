import { aRun } from '@/core/test';
import { SpecSaver } from '../spec-saver';
import { FakeServer } from './fake-server';

/** For tests: a run of one name, and savers of it against a server in a few lines. */
export const spec = aRun(['Ann']);
export const ann = spec.entries[0]!.id;

const realFetch = globalThis.fetch;

/** A new server that holds the run, asked by whatever asks from now on. */
export function serveFake(): FakeServer {
  const server = new FakeServer();
  server.spec = spec;
  globalThis.fetch = server.fetch as typeof fetch;
  return server;
}

export function endServing(): void {
  globalThis.fetch = realFetch;
}

/** As a page opens the run that the server has now. */
export function aSaver(server: FakeServer, parts?: ConstructorParameters<typeof SpecSaver>[2]): SpecSaver {
  return new SpecSaver(
    'arunnumber',
    { id: 'arunnumber', counter: server.counter, spec: server.spec as typeof spec },
    parts,
  );
}

/** A saver goes on trying for as long as its page is open: each test ends with nothing left to save. */
export async function finish(server: FakeServer, saver: SpecSaver): Promise<void> {
  server.isGone = false;
  await saver.flush();
}
