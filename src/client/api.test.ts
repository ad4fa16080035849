import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { api } from './api';

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
