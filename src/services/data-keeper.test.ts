import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { type StoreFault, listBackups } from '@/store';
import { DataKeeper } from './data-keeper';
import { damageSentence, dataNotices, faultWords, lossSentence, runFaultSentence } from './data-words';
import { health } from './health';
import { openLog, openLogAt } from './log';
import { aContext, freshFolder, removeFolders } from './test/a-context';

afterAll(removeFolders);

const HOUR_MS = 3_600_000;

/** A keeper on a real database, with a clock to be moved on and an engine that finds what it is told to. */
async function aKeeper({ isLarge = false } = {}) {
  const { store } = await aContext(1);
  let nowMs = Date.parse('2026-05-04T08:00:00.000Z');
  const found = { database: [] as string[], copy: [] as string[], looks: 0 };
  const keeper = new DataKeeper({
    store: isLarge ? { ...store, faults: null } : store,
    nowIso: () => new Date(nowMs).toISOString(),
    databaseFile: 'the database',
    check: async (file) => {
      if (file !== 'the database') return found.copy;
      found.looks++;
      return found.database;
    },
  });
  return { keeper, found, store, pass: (hours: number) => (nowMs += hours * HOUR_MS) };
}

test('the day’s copy is made once a day, and the database looked through as often', async () => {
  const { keeper, found, store, pass } = await aKeeper();
  expect(keeper.state()).toMatchObject({ condition: { kind: 'sound' }, newestBackup: null });
  await Promise.all([keeper.lookAfter(), keeper.lookAfter()]);
  expect(keeper.state().newestBackup).toEqual({
    name: 'knurl-day-20260504080000.sqlite',
    at: '2026-05-04T08:00:00.000Z',
  });
  pass(23);
  await keeper.lookAfter();
  expect([listBackups(store.dataDir).length, found.looks]).toEqual([1, 0]);
  pass(1);
  await keeper.lookAfter();
  expect([listBackups(store.dataDir).length, found.looks]).toEqual([2, 1]);
  expect(keeper.state().condition.checkedAt).toBe('2026-05-05T08:00:00.000Z');
});

test('a large database is looked through beside all else; of a damaged one no copy is made', async () => {
  const { keeper, found, store, pass } = await aKeeper({ isLarge: true });
  expect(keeper.state().condition).toEqual({ kind: 'checking', faults: [], checkedAt: null });
  found.database = ['page 7 is lost'];
  await keeper.lookAfter();
  expect(keeper.state().condition).toMatchObject({ kind: 'damaged', faults: ['page 7 is lost'] });
  expect(listBackups(store.dataDir)).toEqual([]);
  found.database = [];
  pass(24);
  await keeper.lookAfter();
  expect(keeper.state().condition.kind).toBe('sound');
  expect(listBackups(store.dataDir)).toHaveLength(1);
});

test('a copy that could not be made is told until one is', async () => {
  const { keeper, found, pass } = await aKeeper();
  found.copy = ['page 7 is lost'];
  await keeper.lookAfter();
  expect(keeper.state().backupProblem).toEqual({ kind: 'copyDamaged', faults: ['page 7 is lost'] });
  expect(dataNotices(keeper.state())).toEqual([
    'The day’s copy of the data was not kept, since it does not hold together (page 7 is lost).',
  ]);
  found.copy = [];
  pass(1);
  await keeper.lookAfter();
  expect([keeper.state().backupProblem, dataNotices(keeper.state())]).toEqual([null, []]);
});

test('looking after the data that goes wrong is told, and ends nothing', async () => {
  const { store } = await aContext(4);
  const check = () => Promise.reject(new Error('the thread could not be started'));
  const parts = {
    store: { ...store, faults: null },
    nowIso: () => '2026-05-04T08:00:00.000Z',
    databaseFile: 'x',
    check,
  };
  const keeper = new DataKeeper(parts);
  keeper.start();
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(keeper.state()).toMatchObject({
    condition: { kind: 'checking' },
    backupProblem: { kind: 'failed', cause: 'the thread could not be started' },
  });
  rmSync(path.join(store.dataDir, 'backups'), { recursive: true, force: true });
  writeFileSync(path.join(store.dataDir, 'backups'), 'no folder at all');
  expect(keeper.state().newestBackup).toBeNull();
});

test('health tells what is wrong with the data and does not fail itself', async () => {
  const context = await aContext(2);
  expect(await health(context)).toMatchObject({
    status: 'ok',
    writeTest: 'ok',
    condition: { kind: 'sound' },
    loss: null,
  });
  const keeper = {
    state: () => ({ ...context.keeper.state(), condition: { kind: 'damaged', faults: ['x'], checkedAt: null } }),
  };
  expect(await health({ ...context, keeper: keeper as unknown as DataKeeper })).toMatchObject({
    status: 'damaged',
    writeTest: 'ok',
  });
  const db = {
    insertInto: () => {
      throw Object.assign(new Error('full'), { code: 'SQLITE_FULL' });
    },
  };
  const full = { ...context, store: { ...context.store, db: db as unknown as typeof context.store.db } };
  expect(await health(full)).toMatchObject({ status: 'cannotWrite', writeTest: 'diskFull' });
  const wrong = {
    insertInto: () => {
      throw new Error('a bug');
    },
  };
  await expect(
    health({ ...context, store: { ...context.store, db: wrong as unknown as typeof context.store.db } }),
  ).rejects.toThrow('a bug');
});

test('every fault has words that say what is kept and what to do, and blames no mistake', () => {
  const faults: StoreFault[] = [
    { kind: 'diskFull' },
    { kind: 'readOnly' },
    { kind: 'diskFails' },
    { kind: 'damaged' },
    { kind: 'newerRun', runId: 'arunnumber', title: 'Chess club' },
    { kind: 'unreadableRun', runId: 'arunnumber', title: '' },
  ];
  for (const fault of faults) {
    const { title, detail } = faultWords(fault);
    expect(`${title} ${detail}`).not.toMatch(/mistake|arunnumber/);
    expect(detail).toMatch(/is kept|set aside/);
    expect(detail).toMatch(/Free|Give|Copy|Stop|start|brings back/);
  }
  expect(faultWords(faults[4]!).detail).toContain('“Chess club”');
  expect(faultWords(faults[5]!).detail).toContain('What is kept of this run cannot');
  const loss = { acts: 1, saves: 2, until: '2026-05-04T09:05:00.000Z', noticedAt: '' };
  expect(lossSentence(loss)).toContain('1 mark and 2 other changes that Knurl had acknowledged until 4 May 2026, ');
  expect(lossSentence({ ...loss, acts: 40, saves: 0 })).toMatch(/^40 marks that/);
  expect(damageSentence(['a', 'b', 'c'])).toContain('What was found: a; b.');
  expect(runFaultSentence({ kind: 'damaged' })).toMatch(/^It lies on a damaged part/);
  expect(runFaultSentence(faults[4]!)).toBe(faultWords(faults[4]!).detail);
});

test('a log that cannot be written fails nothing and keeps nobody waiting', async () => {
  const folder = freshFolder();
  const log = openLog(folder);
  log.info({ requestId: 'one' });
  const written = () =>
    existsSync(path.join(folder, 'knurl.log')) ? readFileSync(path.join(folder, 'knurl.log'), 'utf8') : '';
  for (let i = 0; i < 200 && written() === ''; i++) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(written()).toContain('"requestId":"one"');
  const blocked = freshFolder();
  mkdirSync(path.join(blocked, 'knurl.log'));
  expect(() => openLog(blocked).info({ requestId: 'two' })).not.toThrow();
  const pipe = freshFolder();
  execFileSync('mkfifo', [path.join(pipe, 'knurl.log')]);
  // Opening a pipe that nobody reads would never end.
  expect(() => openLog(pipe).error({})).not.toThrow();
  writeFileSync(path.join(pipe, 'a-file'), '');
  expect(() => openLog(path.join(pipe, 'a-file')).info({})).not.toThrow();
  const large = freshFolder();
  writeFileSync(path.join(large, 'knurl.log'), 'x'.repeat(5_000_001));
  openLog(large);
  expect(existsSync(path.join(large, 'knurl.log.old'))).toBe(true);
});

test('a log on a disk that fills up, or that cannot be opened at all, throws at no line', async () => {
  const full = openLogAt('/dev/full');
  for (let i = 0; i < 200; i++) expect(() => full.error({ i, words: 'x'.repeat(200) })).not.toThrow();
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(() => full.error({ last: true })).not.toThrow();
  const nowhere = openLogAt('/proc/no-such-folder/knurl.log');
  for (let i = 0; i < 3; i++) expect(() => nowhere.info({ i })).not.toThrow();
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(() => nowhere.info({ last: true })).not.toThrow();
});
