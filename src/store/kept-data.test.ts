import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  closeSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { aRun } from '@/core/test';
import {
  ACKNOWLEDGED_FILE,
  DATABASE_FILE,
  type Store,
  appendAct,
  faultOf,
  findRun,
  inTransaction,
  insertRun,
  listRuns,
  openStore,
  updateRunSpec,
} from '.';

const NOW = '2026-05-04T08:00:00.000Z';
let dataDir: string;
beforeEach(() => {
  dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-kept-'));
});
afterEach(() => rmSync(dataDir, { recursive: true, force: true }));

async function opened(nowIso = NOW): Promise<Store> {
  const store = await openStore(dataDir, nowIso);
  if (!store.ok) throw new Error(JSON.stringify(store.problem));
  return store.value;
}

const file = () => path.join(dataDir, DATABASE_FILE);

async function act({ db }: Store, id: string): Promise<void> {
  const one = {
    id,
    by: { who: '', station: 's' },
    at: NOW,
    deeds: [{ kind: 'undone' as const, actId: 'none' }],
    unmade: [],
  };
  await inTransaction(db, (transaction) => appendAct(transaction, 'arunnumber', one, NOW));
}

describe('acknowledged writes', () => {
  test('what a cut log took is counted and told until it is put away, and new writes count from there', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    await store.close();
    const log = `${file()}-wal`;
    const again = await opened();
    for (let i = 0; i < 4; i++) await act(again, `act-${i}`);
    await updateRunSpec(again.db, { id: 'arunnumber', counter: 1, spec: aRun(['Ann', 'Bo']) }, NOW);
    await again.noteAcknowledged('2026-05-04T09:00:00.000Z');
    const copies = ['', '-shm'].map((ending) => [`${file()}${ending}`, `${file()}${ending}.kept`] as const);
    for (const [from, to] of copies) copyFileSync(from, to);
    expect(statSync(log).size).toBeGreaterThan(0);
    await again.close();
    // As if the power had gone and the log with it: what lay in the database before is all there is.
    copyFileSync(`${file()}.kept`, file());
    rmSync(log, { force: true });
    rmSync(`${file()}-shm`, { force: true });
    const short = await opened('2026-05-05T07:00:00.000Z');
    expect(short.acknowledged.loss).toEqual({
      acts: 4,
      saves: 1,
      until: '2026-05-04T09:00:00.000Z',
      noticedAt: '2026-05-05T07:00:00.000Z',
    });
    await act(short, 'act-after');
    await short.noteAcknowledged('2026-05-05T08:00:00.000Z');
    await short.close();
    const still = await opened('2026-05-06T07:00:00.000Z');
    expect(still.acknowledged.loss).toMatchObject({ acts: 4, saves: 1, noticedAt: '2026-05-05T07:00:00.000Z' });
    still.acknowledged.putAway();
    await still.close();
    const last = await opened();
    expect(last.acknowledged.loss).toBeNull();
    await last.close();
  });

  test('what another request has not committed yet is not noted, so that its rolling back is no loss', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    await store.noteAcknowledged(NOW);
    const noted = () =>
      (JSON.parse(readFileSync(path.join(dataDir, ACKNOWLEDGED_FILE), 'utf8')) as { saves: number }).saves;
    let insideDone: () => void = () => undefined;
    const inside = new Promise<void>((resolve) => (insideDone = resolve));
    let giveUp: () => void = () => undefined;
    const mayEnd = new Promise<void>((resolve) => (giveUp = resolve));
    const rolledBack = inTransaction(store.db, async (transaction) => {
      await insertRun(transaction, 'anotherrun', aRun(['Bo']), NOW);
      insideDone();
      await mayEnd;
      throw new Error('not after all');
    }).catch(() => undefined);
    await inside;
    const note = store.noteAcknowledged(NOW);
    giveUp();
    await Promise.all([rolledBack, note]);
    expect(noted()).toBe(1);
    await store.close();
    const again = await opened();
    expect(again.acknowledged.loss).toBeNull();
    await again.close();
  });

  test('a note that cannot be read or written is in nobody’s way', async () => {
    const store = await opened();
    await store.close();
    writeFileSync(path.join(dataDir, ACKNOWLEDGED_FILE), '{"acts": "many"');
    const again = await opened();
    expect(again.acknowledged.loss).toBeNull();
    await again.close();
    rmSync(path.join(dataDir, ACKNOWLEDGED_FILE));
    mkdirSync(path.join(dataDir, ACKNOWLEDGED_FILE));
    const third = await opened();
    await insertRun(third.db, 'arunnumber', aRun(['Ann']), NOW);
    await expect(third.noteAcknowledged(NOW)).resolves.toBeUndefined();
    await third.close();
  });

  test('as many acts as other changes gone are a loss of both', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    await store.close();
    const note = { acts: 2, saves: 3, at: NOW, loss: null };
    writeFileSync(path.join(dataDir, ACKNOWLEDGED_FILE), JSON.stringify(note));
    const again = await opened();
    expect(again.acknowledged.loss).toMatchObject({ acts: 2, saves: 2 });
    await again.close();
  });

  test('acts and everything else that is kept are counted apart', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    await act(store, 'one');
    await act(store, 'two');
    await store.noteAcknowledged(NOW);
    const note = () =>
      JSON.parse(readFileSync(path.join(dataDir, ACKNOWLEDGED_FILE), 'utf8')) as { acts: number; saves: number };
    expect(note()).toMatchObject({ acts: 2, saves: 1 });
    await updateRunSpec(store.db, { id: 'arunnumber', counter: 1, spec: aRun(['Bo']) }, NOW);
    expect(note().saves).toBe(1);
    await store.noteAcknowledged(NOW);
    expect(note()).toMatchObject({ acts: 2, saves: 2 });
    await store.close();
  });
});

describe('a database that is gone or damaged', () => {
  test('missing or empty beside other remains, it is no new shop: what is there and the newest good copy are named', async () => {
    const store = await opened();
    const copy = await store.backUp('2026-05-04T08:30:00.000Z');
    if (!copy.ok) throw new Error(copy.problem.kind);
    await store.close();
    const gone = {
      kind: 'databaseGone',
      found: [ACKNOWLEDGED_FILE, 'knurl-day-20260504083000.sqlite'],
      backup: 'knurl-day-20260504083000.sqlite',
    };
    rmSync(file());
    expect(await openStore(dataDir, NOW)).toMatchObject({ ok: false, problem: gone });
    expect(existsSync(file())).toBe(false);
    writeFileSync(file(), '');
    expect(await openStore(dataDir, NOW)).toMatchObject({ ok: false, problem: gone });
    new SqliteDatabase(file()).pragma('journal_mode = WAL');
    expect(await openStore(dataDir, NOW)).toMatchObject({ ok: false, problem: gone });
  });

  test('a log without its database is not thrown away', async () => {
    writeFileSync(`${file()}-wal`, 'what somebody did');
    expect(await openStore(dataDir, NOW)).toMatchObject({
      ok: false,
      problem: { kind: 'databaseGone', found: [`${DATABASE_FILE}-wal`], backup: null },
    });
    expect(readFileSync(`${file()}-wal`, 'utf8')).toBe('what somebody did');
  });

  test('an empty file alone, as a first start that was cut off leaves it, is a new shop', async () => {
    writeFileSync(file(), '');
    await (await opened()).close();
  });

  test('a broken head is refused with what is wrong, and the lock is let go', async () => {
    await (await opened()).close();
    const descriptor = openSync(file(), 'r+');
    writeSync(descriptor, 'nothing of a database', 0);
    closeSync(descriptor);
    for (let i = 0; i < 2; i++)
      expect(await openStore(dataDir, NOW)).toMatchObject({
        ok: false,
        problem: { kind: 'databaseDamaged', file: file(), backup: null },
      });
  });

  test('bad pages of one run are found at the start and hide that run alone', async () => {
    const store = await opened();
    const names = Array.from({ length: 400 }, (_, i) => `Name ${i}`);
    await insertRun(store.db, 'agoodrun01', aRun(['Ann']), NOW);
    await insertRun(store.db, 'abadrun001', aRun(names), NOW);
    await insertRun(store.db, 'agoodrun02', aRun(['Bo']), NOW);
    expect(store.faults).toEqual([]);
    await store.close();
    damage(names[200]!);
    const again = await opened();
    expect(again.faults).not.toEqual([]);
    const listings = await listRuns(again.db);
    expect(listings.map(({ id, kind }) => [id, kind])).toEqual([
      ['agoodrun01', 'readable'],
      ['agoodrun02', 'readable'],
      ['abadrun001', 'unreadable'],
    ]);
    const error: unknown = await findRun(again.db, 'abadrun001').catch((thrown: unknown) => thrown);
    expect(['damaged', 'unreadableRun']).toContain(faultOf(error)?.kind);
    await again.close();
  });

  /** Overwrites the page that holds a text. */
  function damage(text: string): void {
    const bytes = readFileSync(file());
    const at = bytes.indexOf(text);
    const page = Math.floor(at / 4096) * 4096;
    expect(page).toBeGreaterThan(0);
    const descriptor = openSync(file(), 'r+');
    writeSync(descriptor, Buffer.alloc(4096, 0xee), 0, 4096, page);
    closeSync(descriptor);
  }
});

test('a fault is told by its code; what has none is the program’s own', () => {
  const coded = (code: string) => faultOf(Object.assign(new Error('x'), { code }))?.kind;
  expect(
    [
      'SQLITE_FULL',
      'ENOSPC',
      'SQLITE_IOERR_SHMSIZE',
      'SQLITE_READONLY_DBMOVED',
      'EACCES',
      'SQLITE_CORRUPT_VTAB',
      'SQLITE_NOTADB',
      'SQLITE_IOERR_WRITE',
    ].map(coded),
  ).toEqual(['diskFull', 'diskFull', 'diskFull', 'readOnly', 'readOnly', 'damaged', 'damaged', 'diskFails']);
  expect([coded('SQLITE_CONSTRAINT'), coded('SQLITE_BUSY'), faultOf('text'), faultOf(new Error('x'))]).toEqual([
    undefined,
    undefined,
    null,
    null,
  ]);
});

test('a full disk says so, whatever rolling back says after it', async () => {
  const store = await opened();
  await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
  const full = inTransaction(store.db, async () => {
    throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
  });
  expect(faultOf(await full.catch((error: unknown) => error))).toEqual({ kind: 'diskFull' });
  await store.close();
});
