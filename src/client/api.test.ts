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

test('a bench that comes in pages is put together, and read anew where it changed in between', async () => {
  const page = (state: string, items: string[], next: number | null) =>
    ({ ok: true, value: { state, items, next, numAll: 4, undo: null } }) as unknown as Awaited<
      Parameters<typeof wholeBench>[0] extends (from: number) => infer R ? R : never
    >;
  const asked: number[] = [];
  const answers = [
    page('1', ['a', 'b'], 2),
    page('2', ['c', 'd'], null),
    page('2', ['a', 'B'], 2),
    page('2', ['c', 'd'], null),
  ];
  const read = async (from: number) => {
    asked.push(from);
    return answers.shift()!;
  };
  expect(await wholeBench(read)).toEqual({ ok: true, value: { state: '2', items: ['a', 'B', 'c', 'd'], undo: null } });
  expect(asked).toEqual([0, 2, 0, 2]);
  expect(await wholeBench(async () => ({ ok: false, problem: { kind: 'serverGone' } }))).toMatchObject({ ok: false });
});
