import { readFileSync } from 'node:fs';
import { type APIRequestContext, expect, test } from '@playwright/test';
import { listFiles, spoiltBytes, spoiltJson } from './hostile';
import { STAND_BLOCK_SHA, faceFilePath } from '@/core/shop';
import { KnurlServer } from './knurl-server';
import { seeded } from './seeded';

/** A few here; `npm run check:fuzz 3000 7` sends as many as wanted, by a seed of one’s own. */
const NUM_INPUTS = Number(process.env.KNURL_INPUTS ?? 60);
const SEED = Number(process.env.KNURL_SEED ?? 20_261_128);

let server: KnurlServer;
test.beforeAll(async () => {
  server = await KnurlServer.start();
});
test.afterAll(() => server.stop());

interface Input {
  readonly method: string;
  readonly path: string;
  readonly body: BodyInit | null;
  readonly headers: Record<string, string>;
}

const by = { who: '', station: 'hostile' };
const at = '2026-05-04T08:00:00Z';

/** What well-meaning programs send, to be spoilt. */
async function goodInputs(request: APIRequestContext, id: string) {
  const json = async (path: string) => (await request.get(server.url + path)).json();
  const { spec } = await json(`/api/runs/${id}`);
  const { items } = await json(`/api/runs/${id}/tally`);
  const { pieceId, placeId } = items[0].pieces[0];
  const { itemId } = items[0];
  const blank = (await json('/api/shop/blanks')).blanks[0];
  const [{ face }] = spec.shop.letterings[0].value.lines;
  const finest = { strokeMm: 1, gapMm: 0.8, holeMm: 1 };
  const bundle = await json(`/api/runs/${id}/bundle`);
  const act = (deeds: unknown[]) => ({ id: 'hostile-act-1', by, at, deeds });
  return [
    ['POST', '/api/runs', { title: 'Choir', list: 'name\tsize\nOttoline\tM\nBo\tL' }],
    ['POST', '/api/runs', { spec }],
    ['POST', '/api/runs', bundle],
    ['PUT', `/api/runs/${id}`, spec],
    ['PUT', `/api/runs/${id}/list`, { list: 'Ottoline\nBo\nQuim' }],
    ['POST', `/api/runs/${id}/acts`, act([{ kind: 'cut', pieceId, attempt: 1, passId: null }])],
    [
      'POST',
      `/api/runs/${id}/acts`,
      act([
        { kind: 'checked', itemId },
        { kind: 'undone', actId: 'an-act-before' },
      ]),
    ],
    ['POST', `/api/runs/${id}/passes`, { id: 'apass00001', plan: 'x' }],
    [
      'POST',
      `/api/runs/${id}/countdowns`,
      { id: 'countdown1', kind: 'press', film: 'x', items: [{ itemId, placeId, attempt: 1 }], seconds: 15, by },
    ],
    ['POST', `/api/runs/${id}/releases`, { id: 'arelease01', by }],
    ['PUT', `/api/runs/${id}/archived`, { isArchived: false }],
    ['PUT', `/api/shop/blanks/${blank.id}`, blank.value],
    ['POST', '/api/lettering-samples', { lettering: spec.shop.letterings[0].value, text: 'Ottoline' }],
    ['POST', '/api/face-rows', { face, texts: ['Ottoline', 'Bo'], letterHeightMm: 15, finest }],
    ['POST', '/api/lettering-alternates', { lettering: spec.shop.letterings[0].value, text: 'Ottoline' }],
    ['POST', '/api/lists/columns', { key: 'name' }],
  ] as const;
}

const PATHS = [
  'fits',
  'plan',
  'tally',
  'passes/1',
  'passes/0/cut.svg',
  'proof.pdf?paper=x',
  'template.pdf?use=x&place=y',
  'press-sheet.pdf?pass=9',
  'roster.csv',
  'roster.xlsx',
  'releases',
  'bundle',
];
const SCRAPS = [
  '',
  '%00',
  '..%2f..',
  "'",
  'constructor',
  '__proto__',
  'x'.repeat(3000),
  '%F0%9F%8E%BA',
  '-1',
  '1e9',
  '?outlines=1',
  '?station=%00',
  '?station=constructor',
];

/** One input, by chance: a spoilt body, a spoilt file, or an address that nobody meant. */
function inputOf(good: Awaited<ReturnType<typeof goodInputs>>, id: string, random: () => number): Input {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;
  const kind = random();
  if (kind < 0.12) {
    const file = pick(listFiles());
    const bytes = random() < 0.8 ? spoiltBytes(file.bytes, random) : file.bytes;
    const headers = { 'content-type': 'application/octet-stream', 'x-file-name': encodeURIComponent(file.name) };
    return {
      method: 'POST',
      path: `/api/lists?name=${encodeURIComponent(file.name)}`,
      body: Buffer.from(bytes),
      headers,
    };
  }
  if (kind < 0.17) {
    const jpeg = spoiltBytes(
      Uint8Array.from([
        0xff, 0xd8, 0xff, 0xc0, 0, 11, 8, 0, 9, 0, 9, 1, 1, 17, 0, 0xff, 0xda, 0, 8, 1, 1, 0, 0, 63, 0, 1, 0xff, 0xd9,
      ]),
      random,
    );
    return { method: 'POST', path: '/api/photos', body: Buffer.from(jpeg), headers: { 'content-type': 'image/jpeg' } };
  }
  if (kind < 0.18) {
    const font = readFileSync(`public${faceFilePath(STAND_BLOCK_SHA)}`);
    const headers = { 'content-type': 'application/octet-stream' };
    return { method: 'POST', path: '/api/faces?name=a.ttf', body: Buffer.from(spoiltBytes(font, random)), headers };
  }
  if (kind < 0.35) {
    const path = `/api/runs/${random() < 0.7 ? id : pick(SCRAPS)}/${pick(PATHS)}${random() < 0.5 ? pick(SCRAPS) : ''}`;
    return {
      method: pick(['GET', 'GET', 'DELETE', 'POST', 'HEAD']),
      path: path.replace(`/api/runs/${id}/bundle`, `/api/runs/${id}/roster.csv`),
      body: null,
      headers: {},
    };
  }
  const [method, path, body] = pick(good);
  const text = JSON.stringify(spoiltJson(body, random)) ?? 'undefined';
  const bytes = random() < 0.1 ? Buffer.from(spoiltBytes(Buffer.from(text), random)) : text;
  const headers: Record<string, string> = { 'content-type': random() < 0.95 ? 'application/json' : 'text/html' };
  if (method === 'PUT') headers['if-match'] = pick(['"1"', '"2"', '"0"', '*', '"constructor"']);
  return { method, path, body: bytes, headers };
}

test('whatever is sent is answered in time and in words, and what is kept stays as it was', async ({ request }) => {
  test.setTimeout(120_000 + NUM_INPUTS * 1600);
  const list = 'Ottoline\nBo\nQuim\nZelda';
  const post = (title: string) => request.post(`${server.url}/api/runs`, { data: { title, list } });
  const { id } = await (await post('Hit')).json();
  const { id: kept } = await (await post('Kept')).json();
  const bundleOf = async () => (await request.get(`${server.url}/api/runs/${kept}/bundle`)).text();
  const before = await bundleOf();
  const good = await goodInputs(request, id);
  const random = seeded(SEED);
  const statuses = new Map<number, number>();
  for (let i = 0; i < NUM_INPUTS; i++) {
    const { method, path, body, headers } = inputOf(good, id, random);
    const told = `input ${i} of seed ${SEED}: ${method} ${path.slice(0, 120)} ${String(body).slice(0, 200)}`;
    const answer = await fetch(server.url + path, { method, headers, body, signal: AbortSignal.timeout(30_000) }).catch(
      (error: unknown) => error,
    );
    if (!(answer instanceof Response)) throw new Error(`${told}: ${String(answer)}`);
    statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
    if (answer.status >= 500) throw new Error(`${told}: ${answer.status} ${await answer.text()}`);
    const said = await answer.text();
    if (answer.status >= 400 && path.startsWith('/api/') && method !== 'HEAD')
      if (said !== '' && !said.startsWith('{')) throw new Error(`${told}: ${answer.status} ${said.slice(0, 300)}`);
    if (answer.status >= 400 && said.startsWith('{'))
      expect([told, JSON.parse(said).detail?.length > 10]).toEqual([told, true]);
  }
  test.info().annotations.push({ type: 'answers by status', description: JSON.stringify([...statuses].sort()) });
  expect(await bundleOf()).toBe(before);
  expect(await (await request.get(`${server.url}/api/health`)).json()).toMatchObject({ status: 'ok', loss: null });
  const numAccepted = [...statuses].filter(([status]) => status < 300).reduce((sum, [, count]) => sum + count, 0);
  const numRefused = [...statuses].filter(([status]) => status >= 400).reduce((sum, [, count]) => sum + count, 0);
  // Some of it is harmless and taken, most of it is not.
  expect(numAccepted).toBeGreaterThan(0);
  expect(numRefused).toBeGreaterThan(numAccepted);
});
