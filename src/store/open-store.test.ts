import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { aRun } from '@/core/test';
import type { Release } from '@/core/freeze';
import type { NewAct } from '@/core/ledger';
import {
  DATABASE_FILE,
  appendAct,
  countCountdowns,
  findColumnChoice,
  filesTaken,
  findRun,
  noteFileTaken,
  inTransaction,
  insertCountdown,
  insertPass,
  insertRelease,
  insertRun,
  keepColumnChoice,
  listActs,
  listPasses,
  listReleases,
  listRuns,
  listShopThings,
  openStore,
  proveWritable,
  removeShopThing,
  schemaVersion,
  setArchived,
  updateCountdown,
  updateRunSpec,
} from '.';

const NOW = '2026-05-04T08:00:00.000Z';
let dataDir: string;
beforeEach(() => {
  dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-store-'));
});
afterEach(() => rmSync(dataDir, { recursive: true, force: true }));

async function opened() {
  const store = await openStore(dataDir, NOW);
  if (!store.ok) throw new Error(store.problem.kind);
  return store.value;
}

test('a new folder gets a database with strict tables, full synchronisation and a write-ahead log', async () => {
  const store = await opened();
  expect(store.schema).toBe(schemaVersion());
  await proveWritable(store.db, NOW);
  await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
  const refusal = await store.db
    .updateTable('run')
    .set({ counter: 'many' as unknown as number })
    .execute()
    .catch((error: { message: string }) => error.message);
  expect(refusal).toMatch(/cannot store TEXT/);
  await store.close();
  const raw = new SqliteDatabase(path.join(dataDir, DATABASE_FILE));
  expect(raw.pragma('journal_mode', { simple: true })).toBe('wal');
  raw.close();
});

test('a second store on the same folder is refused, and may come when the first has gone', async () => {
  const first = await opened();
  expect(await openStore(dataDir, NOW)).toMatchObject({ ok: false, problem: { kind: 'dataInUse' } });
  await first.close();
  await (await opened()).close();
});

test('a database newer than the program is refused and not touched', async () => {
  await (await opened()).close();
  const raw = new SqliteDatabase(path.join(dataDir, DATABASE_FILE));
  raw.prepare('INSERT INTO kysely_migration (name, timestamp) VALUES (?, ?)').run('9999-from-the-future', NOW);
  raw.close();
  expect(await openStore(dataDir, NOW)).toMatchObject({
    ok: false,
    problem: { kind: 'newerDatabase', unknownMigrations: ['9999-from-the-future'] },
  });
});

test('before a migration a copy is made that holds everything', async () => {
  const store = await opened();
  await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
  await store.close();
  const raw = new SqliteDatabase(path.join(dataDir, DATABASE_FILE));
  raw.exec(
    'DELETE FROM kysely_migration; DROP TABLE act; DROP TABLE taken_file; DROP TABLE made_pass; DROP TABLE outline; DROP TABLE write_test; DROP TABLE column_choice; DROP TABLE shop; DROP TABLE attachment; DROP TABLE release; DROP TABLE countdown; DROP TABLE write_count; DROP TRIGGER count_run_insert; DROP TRIGGER count_run_update',
  );
  raw.exec('ALTER TABLE run RENAME TO run_before');
  raw.close();
  await (await opened()).close();
  const copies = readdirSync(path.join(dataDir, 'backups')).filter((name) => name.startsWith('knurl-before-'));
  expect(copies).toEqual(['knurl-before-0001-runs-passes-acts-20260504080000.sqlite']);
  const copy = new SqliteDatabase(path.join(dataDir, 'backups', copies[0]!), { readonly: true });
  expect(copy.prepare('SELECT id FROM run_before').all()).toEqual([{ id: 'arunnumber' }]);
  copy.close();
});

test('a database of the first step gains what came since, with everything in it, after a copy', async () => {
  const store = await opened();
  await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
  await store.close();
  const raw = new SqliteDatabase(path.join(dataDir, DATABASE_FILE));
  raw.exec(
    "DELETE FROM kysely_migration WHERE name > '0002'; ALTER TABLE run DROP COLUMN archived_at; DROP TABLE column_choice; DROP TABLE shop; DROP TABLE attachment; DROP TABLE release; DROP TABLE taken_file; DROP TABLE countdown; DROP TABLE write_count; DROP TRIGGER count_run_insert; DROP TRIGGER count_run_update; DROP TRIGGER count_act; DROP TRIGGER count_made_pass_insert",
  );
  // Whether the file of a pass was taken was not kept then: it may have been.
  raw
    .prepare('INSERT INTO made_pass (run_id, no, id, pass_json) VALUES (?, ?, ?, ?)')
    .run('arunnumber', 3, 'apassmade1', '{}');
  raw.close();
  const again = await opened();
  expect(await findRun(again.db, 'arunnumber')).toMatchObject({ counter: 1, archivedAt: null });
  expect(await setArchived(again.db, 'arunnumber', NOW)).toBe(true);
  expect(await findRun(again.db, 'arunnumber')).toMatchObject({ archivedAt: NOW });
  expect(await findColumnChoice(again.db, 'name\tsize')).toBeNull();
  const choice = { roles: ['text', 'size'], keyAt: null } as const;
  await keepColumnChoice(again.db, 'name\tsize', choice, NOW);
  await keepColumnChoice(again.db, 'name\tsize', { ...choice, keyAt: 1 }, NOW);
  expect(await findColumnChoice(again.db, 'name\tsize')).toEqual({ ...choice, keyAt: 1 });
  expect(await listShopThings(again.db, { kind: 'blank', parse: (json) => json })).toEqual([]);
  expect([...(await filesTaken(again.db, 'arunnumber'))]).toEqual([3]);
  await noteFileTaken(again.db, 'arunnumber', 4, NOW);
  await noteFileTaken(again.db, 'arunnumber', 4, NOW);
  expect([...(await filesTaken(again.db, 'arunnumber'))]).toEqual([3, 4]);
  await again.close();
  expect(
    readdirSync(path.join(dataDir, 'backups')).some((name) => name.startsWith('knurl-before-0002-archived-runs')),
  ).toBe(true);
});

test('a run that cannot be read is told by its title and hides no other', async () => {
  const { db, close } = await opened();
  await insertRun(db, 'agoodrun01', aRun(['Ann']), NOW);
  for (const [id, json] of [
    ['anewerrun1', '{"title":"From next year","formatVersion":99}'],
    ['abrokenrun', '{"title":'],
  ] as const) {
    await insertRun(db, id, aRun(['Bo']), NOW);
    await db.updateTable('run').set({ spec_json: json }).where('id', '=', id).execute();
  }
  const listings = await listRuns(db);
  expect(listings.filter(({ kind }) => kind === 'readable').map(({ id }) => id)).toEqual(['agoodrun01']);
  expect(listings.filter(({ kind }) => kind === 'unreadable')).toMatchObject([
    { id: 'abrokenrun', title: '' },
    { id: 'anewerrun1', title: 'From next year' },
  ]);
  await close();
});

test('a ledger that was read inside a transaction that failed is read anew', async () => {
  const { db, close } = await opened();
  await insertRun(db, 'arunnumber', aRun(['Ann']), NOW);
  const act = (id: string): NewAct => ({
    id,
    by: { who: '', station: 's' },
    at: NOW,
    deeds: [{ kind: 'undone', actId: 'none' }],
  });
  await appendAct(db, 'arunnumber', act('act-first-1'), NOW);
  expect(await listActs(db, 'arunnumber')).toBe(await listActs(db, 'arunnumber'));
  const failing = inTransaction(db, async (transaction) => {
    await appendAct(transaction, 'arunnumber', act('act-lost-02'), NOW);
    expect(await listActs(transaction, 'arunnumber')).toHaveLength(2);
    throw new Error('on purpose');
  });
  await expect(failing).rejects.toThrow('on purpose');
  await appendAct(db, 'arunnumber', act('act-kept-02'), NOW);
  expect((await listActs(db, 'arunnumber')).map(({ id }) => id)).toEqual(['act-first-1', 'act-kept-02']);
  await close();
});

test('a failed migration says which, where the copy is, and keeps the data', async () => {
  const store = await opened();
  await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
  await store.close();
  const raw = new SqliteDatabase(path.join(dataDir, DATABASE_FILE));
  raw.exec('DELETE FROM kysely_migration');
  raw.close();
  const again = await openStore(dataDir, NOW);
  expect(again).toMatchObject({ ok: false, problem: { kind: 'migrationFailed', migration: '0001-runs-passes-acts' } });
  if (!again.ok && again.problem.kind === 'migrationFailed') expect(existsSync(again.problem.copy!)).toBe(true);
});

test('a folder that cannot be made is told', async () => {
  writeFileSync(path.join(dataDir, 'file'), 'in the way');
  const blocked = await openStore(path.join(dataDir, 'file', 'below'), NOW);
  expect(blocked).toMatchObject({ ok: false, problem: { kind: 'cannotOpen' } });
});

test('a transaction that throws leaves nothing, and one counter lets one save through', async () => {
  const { db, close } = await opened();
  const spec = aRun(['Ann']);
  const failing = inTransaction(db, async (transaction) => {
    await insertRun(transaction, 'arunnumber', spec, NOW);
    throw new Error('on purpose');
  });
  await expect(failing).rejects.toThrow('on purpose');
  expect(await findRun(db, 'arunnumber')).toBeNull();
  await insertRun(db, 'arunnumber', spec, NOW);
  const saves = await Promise.all([1, 2].map(() => updateRunSpec(db, { id: 'arunnumber', counter: 1, spec }, NOW)));
  expect(saves.sort()).toEqual([2, null]);
  await close();
});

test('countdowns are counted with those that ended early; a removed thing that was never saved has its first state', async () => {
  const { db, close } = await opened();
  await insertRun(db, 'arunnumber', aRun(['Ann']), NOW);
  const item = { itemId: 'aentry0001-ause000001-1', placeId: 'aplace0001', attempt: 1 };
  const countdown = (id: string) => ({
    id,
    kind: 'press' as const,
    film: '',
    items: [item],
    seconds: 15,
    by: { who: '', station: 's' },
    startedAt: NOW,
    endedEarly: null,
  });
  for (const id of ['countdown-1', 'countdown-2', 'countdown-3'])
    await insertCountdown(db, 'arunnumber', countdown(id));
  expect(await countCountdowns(db, 'arunnumber')).toBe(3);
  const ended = { why: 'slip', by: { who: '', station: 's' }, at: NOW } as never;
  await updateCountdown(db, 'arunnumber', { ...countdown('countdown-2'), endedEarly: ended });
  expect(await countCountdowns(db, 'arunnumber')).toBe(4);
  const kind = { kind: 'bed' as const, parse: (json: unknown) => json };
  await removeShopThing(db, kind, { id: 'mat', value: { name: 'mat' } }, NOW);
  expect(await listShopThings(db, kind)).toEqual([{ id: 'mat', rev: 1, value: null }]);
  await removeShopThing(db, kind, { id: 'mat', value: { name: 'mat' } }, NOW);
  expect(await listShopThings(db, kind)).toMatchObject([{ rev: 2 }]);
  await close();
});

test('a pass that was made is known at once, one that was rolled back is not', async () => {
  const { db, close } = await opened();
  await insertRun(db, 'arunnumber', aRun(['Ann']), NOW);
  const pass = (id: string, no: number) => ({ id, no, patches: [] }) as never;
  expect(await listPasses(db, 'arunnumber')).toEqual([]);
  await insertPass(db, 'arunnumber', pass('apassmade1', 1));
  const [known] = await listPasses(db, 'arunnumber');
  expect(known).toMatchObject({ no: 1 });
  await inTransaction(db, async (transaction) => {
    await insertPass(transaction, 'arunnumber', pass('apassmade2', 2));
    throw new Error('not after all');
  }).catch(() => undefined);
  const after = await listPasses(db, 'arunnumber');
  expect(after.map(({ no }) => no)).toEqual([1]);
  expect(after[0]).toBe(known);
  await close();
});

test('a release that was read inside a transaction that failed is not taken for the one that came instead', async () => {
  const { db, close } = await opened();
  await insertRun(db, 'arunnumber', aRun(['Ann']), NOW);
  const release = (id: string) =>
    ({ id, no: 1, at: NOW, by: { who: '', station: 's' }, engine: {}, pieces: [] }) as unknown as Release;
  await inTransaction(db, async (transaction) => {
    await insertRelease(transaction, 'arunnumber', release('areleaseno'));
    expect(await listReleases(transaction, 'arunnumber')).toHaveLength(1);
    throw new Error('not after all');
  }).catch(() => undefined);
  expect(await listReleases(db, 'arunnumber')).toEqual([]);
  await insertRelease(db, 'arunnumber', release('areleaseon'));
  const [first] = await listReleases(db, 'arunnumber');
  expect(first?.id).toBe('areleaseon');
  expect((await listReleases(db, 'arunnumber'))[0]).toBe(first);
  await close();
});
