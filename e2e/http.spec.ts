import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request as rawRequest } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type APIRequestContext, expect, test } from '@playwright/test';
import { KnurlServer } from './knurl-server';

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

async function startRun(
  request: APIRequestContext,
  list = 'Odalys\nBram',
): Promise<{
  id: string;
  spec: { readonly title: string; readonly entries: readonly object[]; readonly layout: object };
}> {
  return (await request.post(`${server.url}/api/runs`, { data: { title: 'Ferry', list } })).json();
}

test('the documented examples run as they stand', async () => {
  const script = [...readFileSync('docs/http.md', 'utf8').matchAll(/```sh\n([\s\S]*?)```/g)]
    .map(([, block]) => block)
    .join('\n');
  expect(script.split('\n').length).toBeGreaterThan(20);
  const folder = mkdtempSync(path.join(tmpdir(), 'knurl-docs-'));
  const printed = execFileSync('bash', ['-euo', 'pipefail', '-c', script], {
    cwd: folder,
    env: { ...process.env, KNURL: server.url },
    encoding: 'utf8',
  });
  expect(printed).toContain('"writeTest":"ok"');
  expect(printed).toContain('"isRepeat":true');
  rmSync(folder, { recursive: true });
});

test('saving over another state, without a state, or without sense is refused by its own status', async ({
  request,
}) => {
  const { id, spec } = await startRun(request);
  const address = `${server.url}/api/runs/${id}`;
  const got = await request.get(address);
  expect(got.headers().etag).toBe('"1"');
  const put = (data: object, etag?: string) =>
    request.put(address, { data, headers: etag === undefined ? {} : { 'if-match': etag } });
  expect((await put({ ...spec, title: 'Other' }, '"1"')).headers().etag).toBe('"2"');
  const late = await put({ ...spec, title: 'Late' }, '"1"');
  expect(late.status()).toBe(412);
  expect(late.headers()['content-type']).toContain('application/problem+json');
  expect(await late.json()).toMatchObject({ kind: 'changedElsewhere', status: 412, requestId: expect.any(String) });
  expect((await put(spec)).status()).toBe(428);
  const senseless = await put({ ...spec, layout: { ...spec.layout, spacingMm: -1 } }, '"2"');
  expect(senseless.status()).toBe(422);
  expect(await senseless.json()).toMatchObject({ field: 'layout.spacingMm', errors: [{ field: 'layout.spacingMm' }] });
});

test('a run is duplicated, archived, removed and brought back; a spec alone makes a run', async ({ request }) => {
  const { id, spec } = await startRun(request);
  const runs = async () =>
    (await (await request.get(`${server.url}/api/runs`)).json()).runs as { id: string; isArchived: boolean }[];
  const find = async (runId: string) => (await runs()).find((run) => run.id === runId);
  const address = `${server.url}/api/runs/${id}`;
  const copied = await request.post(`${address}/copies`, { data: {} });
  expect(copied.status()).toBe(201);
  const copy = await copied.json();
  expect(copied.headers().location).toBe(`/api/runs/${copy.id}`);
  expect(copy.spec.title).toBe(`${spec.title} (copy)`);
  expect(copy.spec.entries).toEqual(spec.entries);
  expect((await request.put(`${address}/archived`, { data: { isArchived: true } })).status()).toBe(204);
  expect(await find(id)).toMatchObject({ isArchived: true });
  expect((await request.put(`${address}/archived`, { data: { isArchived: 'yes' } })).status()).toBe(422);
  expect((await request.delete(address)).status()).toBe(204);
  expect(await find(id)).toBeUndefined();
  expect((await request.post(`${address}/restored`, { data: {} })).status()).toBe(204);
  expect(await find(id)).toMatchObject({ isArchived: true });
  const own = await request.post(`${server.url}/api/runs`, { data: { spec: { ...spec, title: 'Mine alone' } } });
  expect([own.status(), (await own.json()).spec.title]).toEqual([201, 'Mine alone']);
  for (const [method, path] of [
    ['POST', 'copies'],
    ['POST', 'restored'],
    ['PUT', 'archived'],
  ] as const) {
    const missing = await request.fetch(`${server.url}/api/runs/zzzzzzzzzz/${path}`, {
      method,
      data: { isArchived: true },
    });
    expect([path, missing.status()]).toEqual([path, 404]);
  }
});

test('a list that is empty or too long is refused with field and row, and nothing is created', async ({ request }) => {
  const count = async () => (await (await request.get(`${server.url}/api/runs`)).json()).runs.length;
  const before = await count();
  const post = (list: string) => request.post(`${server.url}/api/runs`, { data: { title: 'x', list } });
  expect(await (await post('\n')).json()).toMatchObject({ status: 422, field: 'list' });
  expect(await (await post('Nora\n'.repeat(20_001))).json()).toMatchObject({ status: 422, field: 'list', row: 20_001 });
  expect(await count()).toBe(before);
});

test('bodies that are no JSON, no JSON type or too large are refused', async ({ request }) => {
  const address = `${server.url}/api/runs`;
  // Not through the test's own client, which would mend what is meant to be broken.
  const send = (body: string, type: string) =>
    fetch(address, { method: 'POST', body, headers: { 'content-type': type } });
  expect((await send('title=x', 'application/x-www-form-urlencoded')).status).toBe(415);
  expect(await (await send('{"title": ', 'application/json')).json()).toMatchObject({
    status: 400,
    kind: 'brokenJson',
  });
  expect((await send('{"__proto__": {"title": "x"}, "list": "a"}', 'application/json')).status).toBe(422);
  const { id } = await startRun(request);
  const huge = await request.put(`${address}/${id}`, {
    data: `"${'x'.repeat(17_000_000)}"`,
    headers: { 'content-type': 'application/json', 'if-match': '"1"' },
  });
  expect(huge.status()).toBe(413);
});

test('other origins and other host names are refused, whatever they ask for', async ({ request }) => {
  const { id } = await startRun(request);
  const foreign: Record<string, string>[] = [
    { origin: 'http://evil.example' },
    { 'sec-fetch-site': 'cross-site' },
    { 'sec-fetch-site': 'same-site' },
  ];
  for (const headers of foreign) {
    expect((await request.get(`${server.url}/api/runs/${id}`, { headers })).status()).toBe(403);
    expect((await request.post(`${server.url}/api/runs/${id}/passes`, { headers })).status()).toBe(403);
  }
  for (const address of ['/api/runs', '/', '/icon.svg', '/faces/x', '/_next/static/x'])
    expect([address, await statusOf(address, { host: 'evil.example' })]).toEqual([address, 403]);
  expect(await statusOf('/api/health', { host: `localhost:${server.port}` })).toBe(200);
});

test('addresses that cannot be read and methods that nobody uses are no mistake of the server’s', async () => {
  const statuses = await Promise.all(
    ['/api/runs/%zz', '/runs/%zz', '/%E0%A4%A', '/api/runs/%00', '/runs/..%2f..%2fetc'].map((address) =>
      statusOf(address),
    ),
  );
  expect(statuses).toEqual([400, 400, 400, 404, 404]);
  for (const method of ['TRACE', 'PROPFIND', 'OPTIONS', 'PATCH'])
    for (const address of ['/api/runs', '/']) expect(await statusOf(address, { method })).toBeLessThan(500);
});

function statusOf(
  address: string,
  { host = `127.0.0.1:${server.port}`, method = 'GET' }: { host?: string; method?: string } = {},
): Promise<number> {
  return new Promise((resolve, reject) => {
    rawRequest({ host: '127.0.0.1', port: server.port, path: address, method, headers: { host } }, (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    })
      .on('error', reject)
      .end();
  });
}

test('what is not there is a problem in words, whatever the address', async ({ request }) => {
  const { id } = await startRun(request);
  for (const address of [
    '/api/nothing',
    '/api/runs/zzzzzzzzzz',
    `/api/runs/${id}/passes/9/cut.svg`,
    `/api/runs/${id}/passes/x/cut.svg`,
    '/api/outlines/ff',
  ]) {
    const answer = await request.get(server.url + address);
    expect([address, answer.status()]).toEqual([address, 404]);
    expect((await answer.json()).detail.length).toBeGreaterThan(20);
  }
});

test('cut files are attachments that can run nothing; pages allow their own scripts only', async ({ request }) => {
  const { id } = await startRun(request);
  await request.post(`${server.url}/api/runs/${id}/passes`);
  const headers = (await request.get(`${server.url}/api/runs/${id}/passes/1/cut.svg`)).headers();
  expect(headers).toMatchObject({
    'content-disposition': 'attachment; filename="ferry-pass-1.svg"',
    'content-security-policy': "default-src 'none'",
    'x-content-type-options': 'nosniff',
  });
  const page = (await request.get(server.url)).headers()['content-security-policy'] ?? '';
  expect(page).toContain("script-src 'self' 'nonce-");
  expect(page).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/);
});

test('the log has ids and no names', async ({ request }) => {
  const { id } = await startRun(request, 'Secretivia');
  await request.get(`${server.url}/api/runs/${id}/fits`);
  const log = readFileSync(path.join(server.dataDir, 'knurl.log'), 'utf8');
  expect(log).toContain(`/api/runs/${id}/fits`);
  expect(log).toMatch(/"requestId":"[a-z][a-z0-9]{9}"/);
  expect(log).not.toContain('Secretivia');
});

test('a second server on the same data says where the first one is, and ends', async () => {
  await expect(KnurlServer.start(server.dataDir)).rejects.toThrow(
    `Another Knurl already works on ${server.dataDir}, at ${server.url}`,
  );
});

test('lists as files: broken or of another kind they are refused whole, with what to do', async ({ request }) => {
  const send = (data: Buffer, name = 'club.xlsx') =>
    request.post(`${server.url}/api/lists?name=${name}`, {
      data,
      headers: { 'content-type': 'application/octet-stream' },
    });
  const broken = await send(Buffer.from('PK\u0003\u0004nothing in it'));
  expect([broken.status(), (await broken.json()).kind]).toEqual([422, 'unreadableFile']);
  const empty = await send(Buffer.alloc(0), 'none.csv');
  expect(((await empty.json()) as { detail: string }).detail).toContain('none.csv has nothing in it');
  const read = await send(Buffer.from('Nombre;Apellidos;Fecha\nAna;Vega;3/4/1990\n'), 'lista.csv');
  expect(await read.json()).toMatchObject({
    kind: 'list',
    format: 'text',
    sheets: [{ isRemembered: false, mapping: { columns: [{ role: 'given' }, { role: 'family' }, { role: 'date' }] } }],
  });
});

test('a mark is recorded while a long list is being read', async ({ request }) => {
  const { id } = await startRun(request);
  await request.post(`${server.url}/api/runs/${id}/passes`);
  const { passes } = await (await request.get(`${server.url}/api/runs/${id}/passes`)).json();
  const pieceId = passes[0].patches[0].placed[0].pieceId as string;
  const list = Buffer.from(`Name;Note\n${Array.from({ length: 19_000 }, (_, i) => `Odalys ${i};x`).join('\n')}`);
  const reading = request.post(`${server.url}/api/lists?name=long.csv`, {
    data: list,
    headers: { 'content-type': 'application/octet-stream' },
  });
  const act = {
    id: 'mark-beside-a-list',
    by: { who: '', station: 'table-1' },
    at: '2027-01-01T08:00:00Z',
    deeds: [{ kind: 'cut', pieceId, attempt: 1, passId: null }],
  };
  expect((await request.post(`${server.url}/api/runs/${id}/acts`, { data: act })).status()).toBe(201);
  expect(
    ((await (await reading).json()) as { sheets: { table: { rows: unknown[] } }[] }).sheets[0]!.table.rows,
  ).toHaveLength(19_001);
});
