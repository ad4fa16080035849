import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { type Socket, connect } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';

/** The starter as a person runs it, on a folder of its own. What is installed and built stays as it is. */
const dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-starter-'));
const env = { ...process.env, KNURL_DATA_DIR: dataDir };
const PORT = 4711;
const URL = `http://127.0.0.1:${PORT}`;

// Whole programs are started one in the other; on a machine that does everything else at once each has taken a minute.
test.describe.configure({ timeout: 300_000 });
const STARTS_WITHIN_MS = 150_000;

let running: ChildProcess | null = null;
test.afterEach(async () => {
  await stop();
});
test.afterAll(() => rmSync(dataDir, { recursive: true, force: true }));

/** Starts and answers what was printed until the address came. */
async function start(...words: string[]): Promise<{ printed: string }> {
  const child = spawn(process.execPath, ['scripts/knurl.cjs', ...words, '--port', String(PORT)], { env });
  running = child;
  let printed = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (printed += String(text)));
  await expect
    .poll(() => printed, { timeout: STARTS_WITHIN_MS })
    .toMatch(/Knurl runs at|\nKnurl cannot|already runs|could not/);
  return { printed };
}

async function stop(): Promise<void> {
  const child = running;
  running = null;
  if (!child || child.exitCode !== null) return;
  const ended = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGINT');
  await ended;
}

test('the demo: seeded once, there again after a restart, without installing or building', async ({ page }) => {
  const first = await start('demo');
  expect(first.printed).toContain(`Knurl runs at ${URL}`);
  expect(first.printed).toContain('Seeding the demo');
  await page.goto(URL);
  const row = page.getByRole('listitem').filter({ hasText: 'garment bags' });
  await expect(row).toContainText('in 17 days');
  await expect(row).toContainText('1 piece waits to be cut again');
  await expect(page.getByRole('listitem').filter({ hasText: 'mute pouches' })).toContainText('in 24 days');
  await expect(page.getByRole('listitem').filter({ hasText: 'presents' })).toContainText('in 31 days');
  const ids = async () =>
    (await (await page.request.get(`${URL}/api/runs`)).json()).runs.map((run: { id: string }) => run.id) as string[];
  const seeded = await ids();
  await stop();

  const second = await start('demo');
  expect(second.printed).not.toMatch(/Install|Build|Seed/);
  expect(await ids()).toEqual(seeded);
});

test('a second start on the same data names the first one', async () => {
  await start('start');
  const other = spawnSync(process.execPath, ['scripts/knurl.cjs', 'start', '--port', String(PORT + 1)], {
    env,
    encoding: 'utf8',
  });
  expect(other.status).toBe(1);
  expect(other.stderr).toContain(`Knurl already runs on ${dataDir}, at ${URL}`);
});

/** Asks for the port again as soon as it was refused, and keeps what it gets, as a page that was left open does. */
function keepsAsking(): () => void {
  let isOver = false;
  let socket: Socket;
  const ask = () => {
    socket = connect(PORT, '127.0.0.1').on('error', () => undefined);
    socket.on('close', () => !isOver && setImmediate(ask));
  };
  ask();
  return () => {
    isOver = true;
    socket.destroy();
  };
}

test('pages that were left open and ask for their server do not keep it from starting', async () => {
  const pages = [keepsAsking(), keepsAsking(), keepsAsking()];
  try {
    expect((await start('start')).printed).toContain(`Knurl runs at ${URL}`);
  } finally {
    for (const close of pages) close();
  }
});

test('starting over brings the demo anew and leaves what is not Knurl’s', async ({ request }) => {
  writeFileSync(path.join(dataDir, 'my-notes.txt'), 'keep me');
  const { printed } = await start('demo', '--reset');
  expect(printed).toContain('is set aside in');
  expect(printed).toContain('Seeding the demo');
  expect(readFileSync(path.join(dataDir, 'my-notes.txt'), 'utf8')).toBe('keep me');
  expect((await (await request.get(`${URL}/api/runs`)).json()).runs).toHaveLength(3);
  const [aside] = readdirSync(dataDir).filter((name) => name.startsWith('set-aside-'));
  expect(existsSync(path.join(dataDir, aside!, 'knurl.sqlite'))).toBe(true);
});

test('starting over where a server works touches nothing, also through a link and with a server that does not answer', async ({
  request,
}) => {
  await start('start');
  const runsOf = async () => (await (await request.get(`${URL}/api/runs`)).json()).runs as object[];
  const runs = await runsOf();
  const link = `${dataDir}-link`;
  symlinkSync(dataDir, link);
  const reset = () =>
    spawnSync(process.execPath, ['scripts/knurl.cjs', 'start', '--reset', '--port', String(PORT + 1)], {
      env: { ...env, KNURL_DATA_DIR: link },
      encoding: 'utf8',
    });
  // The day's copy is made by itself a moment after the start.
  const listed = () =>
    readdirSync(dataDir)
      .filter((name) => name !== 'backups')
      .sort();
  const before = listed();
  expect(reset().stderr).toContain('already runs');
  // Nobody is told where the server is, as if it were too slow to answer: the lock knows.
  const note = readFileSync(path.join(dataDir, 'knurl-server.json'));
  writeFileSync(path.join(dataDir, 'knurl-server.json'), '{}');
  const second = reset();
  expect(second.status).toBe(1);
  expect(second.stderr).toContain('A Knurl works on');
  writeFileSync(path.join(dataDir, 'knurl-server.json'), note);
  expect(listed()).toEqual(before);
  expect(await runsOf()).toEqual(runs);
  rmSync(link);
});

test('without the demo an empty folder stays empty of runs', async ({ request }) => {
  await start('start', '--reset');
  expect((await (await request.get(`${URL}/api/runs`)).json()).runs).toEqual([]);
  expect(existsSync(path.join(dataDir, 'knurl.sqlite'))).toBe(true);
});

test('a server that is killed is told, with a word about the data', async () => {
  await start('start');
  const { pid } = JSON.parse(readFileSync(path.join(dataDir, 'knurl-server.json'), 'utf8')) as { pid: number };
  const child = running!;
  let told = '';
  child.stderr!.on('data', (text) => (told += String(text)));
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
  process.kill(pid, 'SIGKILL');
  expect(await ended).toBe(1);
  expect(told).toContain('ended by SIGKILL. Every mark it had acknowledged is kept');
});
