import { changeLayout } from '@/core/run';
import { aRun } from '@/core/test';
import { SpecSaver } from './spec-saver';

/** A server in a few lines: one run with its counter, which can be made to be gone, slow or ahead. */
class FakeServer {
  counter = 1;
  spec: unknown = null;
  isGone = false;
  numPuts = 0;
  delayMs = 0;

  readonly fetch = async (path: string, init?: RequestInit): Promise<Response> => {
    if (this.delayMs > 0) await new Promise((resolve) => setTimeout(resolve, this.delayMs));
    if (this.isGone) throw new TypeError('fetch failed');
    const method = init?.method ?? 'GET';
    if (method === 'PUT') {
      this.numPuts++;
      if (new Headers(init?.headers).get('if-match') !== `"${this.counter}"`)
        return this.#answer(412, { kind: 'changedElsewhere', detail: 'x' });
      const body = JSON.parse(String(init?.body));
      if (body.title === 'refuse me') return this.#answer(422, { kind: 'invalidInput', detail: 'title: no.' });
      this.spec = path.endsWith('/list') ? { ...(this.spec as object), title: 'relaid' } : body;
      this.counter++;
    }
    return this.#answer(200, { id: 'arunnumber', counter: this.counter, spec: this.spec });
  };

  #answer(status: number, body: object): Response {
    return new Response(JSON.stringify(body), { status });
  }
}

const spec = aRun(['Ann']);
let server: FakeServer;
let saver: SpecSaver;
const space = (mm: number) => saver.change((now) => changeLayout(now, { spacingMm: mm }));
const savedSpace = () => (server.spec as typeof spec).layout.spacingMm;
const state = () => saver.getSnapshot().state;

const realFetch = globalThis.fetch;
beforeEach(() => {
  server = new FakeServer();
  server.spec = spec;
  globalThis.fetch = server.fetch as typeof fetch;
  saver = new SpecSaver('arunnumber', { id: 'arunnumber', counter: 1, spec });
});
// A saver goes on trying for as long as the page is open: each test ends with nothing left to save.
afterEach(async () => {
  server.isGone = false;
  await saver.flush();
});
afterAll(() => {
  globalThis.fetch = realFetch;
});

test('a change shows at once, is told to every subscriber, and is saved', async () => {
  let told = 0;
  const leave = saver.subscribe(() => told++);
  space(9);
  expect(saver.getSnapshot().spec.layout.spacingMm).toBe(9);
  expect(state()).toEqual({ kind: 'saving' });
  expect(await saver.flush()).toBe(true);
  expect([savedSpace(), server.numPuts, state().kind]).toEqual([9, 1, 'saved']);
  expect(told).toBeGreaterThan(1);
  leave();
  const before = told;
  space(10);
  expect(told).toBe(before);
  await saver.flush();
});

test('changes in quick succession go as one, and what changes during a save goes with the next', async () => {
  for (const mm of [1, 2, 3, 4]) space(mm);
  await saver.flush();
  expect([savedSpace(), server.numPuts]).toEqual([4, 1]);
  server.delayMs = 30;
  space(5);
  const first = saver.flush();
  await new Promise((resolve) => setTimeout(resolve, 5));
  space(6);
  await first;
  await saver.flush();
  expect([savedSpace(), server.numPuts]).toEqual([6, 3]);
});

test('nothing changed, nothing sent', async () => {
  expect(await saver.flush()).toBe(true);
  expect(server.numPuts).toBe(0);
});

test('with the server gone the change stays, and is saved when it is back', async () => {
  server.isGone = true;
  space(7);
  expect(await saver.flush()).toBe(false);
  expect(state()).toEqual({ kind: 'serverGone' });
  server.isGone = false;
  expect(await saver.flush()).toBe(true);
  expect([savedSpace(), state().kind]).toEqual([7, 'saved']);
});

test('when somebody else saved, a person decides: theirs', async () => {
  server.counter = 5;
  server.spec = changeLayout(spec, { edgeMm: 2 });
  space(7);
  await saver.flush();
  expect(state()).toEqual({ kind: 'conflict' });
  await saver.takeTheirs();
  expect(saver.getSnapshot().spec.layout).toMatchObject({ edgeMm: 2, spacingMm: 6 });
  expect(state()).toEqual({ kind: 'saved' });
});

test('when somebody else saved, a person decides: mine', async () => {
  server.counter = 5;
  space(7);
  await saver.flush();
  await saver.keepMine();
  expect([savedSpace(), server.counter, state().kind]).toEqual([7, 6, 'saved']);
});

test('a refused state says why and is kept until it is mended', async () => {
  saver.change((now) => ({ ...now, title: 'refuse me' }));
  await saver.flush();
  expect(state()).toEqual({ kind: 'refused', detail: 'title: no.' });
  expect(saver.getSnapshot().spec.title).toBe('refuse me');
  saver.change((now) => ({ ...now, title: 'mended' }));
  await saver.flush();
  expect(state()).toEqual({ kind: 'saved' });
});

test('laying a list over the run saves what waits first and takes the answer', async () => {
  space(8);
  expect(await saver.replaceList('Bo')).toEqual({ ok: true, value: null });
  expect(server.numPuts).toBe(2);
  expect(saver.getSnapshot().spec).toMatchObject({ title: 'relaid', layout: { spacingMm: 8 } });
  server.isGone = true;
  expect(await saver.replaceList('Cy')).toEqual({ ok: false, problem: { kind: 'serverGone' } });
});
