import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { api, wholeBench } from './api';

let server: Server;
const fetchOfNode = globalThis.fetch;

/** A server that dies in the middle of its answer: the head arrives whole, the body does not. */
beforeAll(async () => {
  server = createServer((_, response) => {
    response.writeHead(200, { 'content-type': 'application/json', 'content-length': '500' });
    response.write('{"id":"r');
    setTimeout(() => response.socket?.destroy(), 20);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  globalThis.fetch = (path, init) => fetchOfNode(`http://127.0.0.1:${port}${String(path)}`, init);
});

afterAll(() => {
  globalThis.fetch = fetchOfNode;
  server.close();
});

test('an answer that breaks off is no answer: the caller hears that the server is gone and can repeat', async () => {
  const act = { id: 'a', by: { who: '', station: 'here' }, at: '2026-01-01T00:00:00.000Z', deeds: [] };
  expect(await api.act('run', act, { mayMake: false, notCut: false })).toEqual({
    ok: false,
    problem: { kind: 'serverGone' },
  });
});

test('a bench that comes in pages is put together, and read anew where the run was changed in between', async () => {
  type Read = Parameters<typeof wholeBench>[0];
  const page = (spec: number, acts: number, items: string[], next: number | null) => {
    const value = { state: `${spec}.${acts}`, marks: { spec, acts }, items, next, numAll: 4, undo: `act-${acts}` };
    return { ok: true, value } as unknown as Awaited<ReturnType<Read>>;
  };
  const asked: number[] = [];
  const reading =
    (answers: Awaited<ReturnType<Read>>[]): Read =>
    (from) => {
      asked.push(from);
      return Promise.resolve(answers.shift()!);
    };
  const changed = [
    page(1, 7, ['a', 'b'], 2),
    page(2, 7, ['c'], null),
    page(2, 7, ['a', 'B'], 2),
    page(2, 7, ['c'], null),
  ];
  expect(await wholeBench(reading(changed))).toMatchObject({ value: { state: '2.7', items: ['a', 'B', 'c'] } });
  expect(asked.splice(0)).toEqual([0, 2, 0, 2]);
  // Marks come in all the time where many work: the whole goes by the oldest state that is in it.
  const marked = [page(1, 7, ['a', 'b'], 2), page(1, 9, ['C', 'd'], null)];
  expect(await wholeBench(reading(marked))).toEqual({
    ok: true,
    value: { state: '1.7', marks: { spec: 1, acts: 7 }, items: ['a', 'b', 'C', 'd'], undo: 'act-9' },
  });
  expect(asked).toEqual([0, 2]);
  expect(await wholeBench(async () => ({ ok: false, problem: { kind: 'serverGone' } }))).toMatchObject({ ok: false });
});
