import { mkdtempSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { aRun } from '@/core/test';
import {
  ACKNOWLEDGED_FILE,
  BACKUP_FOLDER,
  DATABASE_FILE,
  type Store,
  backupsKept,
  insertRun,
  isBackupDue,
  listBackups,
  listRuns,
  openStore,
  restoreBackup,
  setAside,
} from '.';

const NOW = '2026-05-04T08:00:00.000Z';
let dataDir: string;
beforeEach(() => {
  dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-copies-'));
});
afterEach(() => rmSync(dataDir, { recursive: true, force: true }));

async function opened(nowIso = NOW): Promise<Store> {
  const store = await openStore(dataDir, nowIso);
  if (!store.ok) throw new Error(JSON.stringify(store.problem));
  return store.value;
}

describe('copies', () => {
  test('a copy of the day is whole, plain and named by its time', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    expect(isBackupDue(listBackups(dataDir), NOW)).toBe(true);
    await store.backUp(NOW);
    const [copy] = listBackups(dataDir);
    expect(copy).toMatchObject({ name: 'knurl-day-20260504080000.sqlite', at: NOW });
    expect(readdirSync(path.join(dataDir, BACKUP_FOLDER))).toEqual(['knurl-day-20260504080000.sqlite']);
    const read = new SqliteDatabase(copy!.file, { readonly: true });
    expect(read.prepare('SELECT id FROM run').all()).toEqual([{ id: 'arunnumber' }]);
    expect(read.pragma('journal_mode', { simple: true })).toBe('delete');
    read.close();
    expect(isBackupDue(listBackups(dataDir), '2026-05-05T07:59:59.000Z')).toBe(false);
    expect(isBackupDue(listBackups(dataDir), '2026-05-05T08:00:00.000Z')).toBe(true);
    await store.close();
  });

  test('a copy that does not hold together is not kept', async () => {
    const store = await opened();
    const made = await store.backUp(NOW, async () => ['page 7 is lost']);
    expect(made).toEqual({ ok: false, problem: { kind: 'copyDamaged', faults: ['page 7 is lost'] } });
    expect(listBackups(dataDir)).toEqual([]);
    expect(readdirSync(path.join(dataDir, BACKUP_FOLDER))).toEqual([]);
    await store.close();
  });

  test('seven days and four weeks are kept, the newest of each', () => {
    const at = (day: number, hour = 8) => new Date(Date.UTC(2026, 4, day, hour)).toISOString();
    const backups = Array.from({ length: 40 }, (_, i) => 40 - i).flatMap((day) =>
      [20, 8].map((hour) => ({ name: `d${day}-${hour}`, file: '', at: at(day, hour), bytes: 1 })),
    );
    const kept = [...backupsKept(backups)];
    expect(kept.slice(0, 7)).toEqual(['d40-20', 'd39-20', 'd38-20', 'd37-20', 'd36-20', 'd35-20', 'd34-20']);
    // Two of the four weeks lie within those days.
    expect(kept.slice(7)).toEqual(['d27-20', 'd20-20']);
    expect(backupsKept([])).toEqual(new Set());
  });
});

describe('starting over and bringing back', () => {
  test('everything of Knurl’s goes into a folder of its own, and nothing else; a server’s is not touched', async () => {
    const store = await opened();
    await store.backUp(NOW);
    for (const name of ['notes.txt', 'knurl-notes.txt', 'other.sqlite']) writeFileSync(path.join(dataDir, name), '');
    const before = readdirSync(dataDir).sort();
    expect(setAside(dataDir, NOW)).toEqual({ ok: false, problem: { kind: 'dataInUse' } });
    expect(readdirSync(dataDir).sort()).toEqual(before);
    await store.close();
    const done = setAside(dataDir, NOW);
    const folder = path.join(dataDir, 'set-aside-20260504080000');
    expect(done).toMatchObject({ ok: true, value: { folder } });
    expect(readdirSync(dataDir).sort()).toEqual(
      ['knurl-notes.txt', 'knurl.lock', 'notes.txt', 'other.sqlite', 'set-aside-20260504080000'].sort(),
    );
    expect(readdirSync(folder).sort()).toEqual([BACKUP_FOLDER, ACKNOWLEDGED_FILE, DATABASE_FILE].sort());
    expect(setAside(dataDir, NOW)).toEqual({ ok: true, value: { folder: null, names: [] } });
    await (await opened()).close();
    expect(setAside(dataDir, NOW)).toMatchObject({ ok: true, value: { folder: `${folder}-2` } });
    expect(setAside(path.join(dataDir, 'nowhere'), NOW)).toMatchObject({ ok: true, value: { folder: null } });
  });

  test('the newest copy that holds together comes back, what was there is set aside, and no loss is told', async () => {
    const store = await opened();
    await insertRun(store.db, 'arunnumber', aRun(['Ann']), NOW);
    await store.backUp('2026-05-03T08:00:00.000Z');
    await insertRun(store.db, 'alaterrun1', aRun(['Bo']), NOW);
    await store.backUp('2026-05-04T08:00:00.000Z');
    await store.noteAcknowledged(NOW);
    expect(restoreBackup(dataDir, null, NOW)).toMatchObject({ ok: false, problem: { kind: 'dataInUse' } });
    await store.close();
    truncateSync(path.join(dataDir, BACKUP_FOLDER, 'knurl-day-20260504080000.sqlite'), 5000);
    expect(restoreBackup(dataDir, 'knurl-day-20260504080000.sqlite', NOW)).toMatchObject({
      ok: false,
      problem: { kind: 'backupDamaged' },
    });
    expect(restoreBackup(dataDir, 'knurl-day-2', NOW)).toMatchObject({
      ok: false,
      problem: { kind: 'noBackup', has: ['knurl-day-20260504080000.sqlite', 'knurl-day-20260503080000.sqlite'] },
    });
    const restored = restoreBackup(dataDir, null, NOW);
    expect(restored).toMatchObject({
      ok: true,
      value: { file: path.join(dataDir, BACKUP_FOLDER, 'knurl-day-20260503080000.sqlite') },
    });
    const again = await opened();
    expect((await listRuns(again.db)).map(({ id }) => id)).toEqual(['arunnumber']);
    expect(again.acknowledged.loss).toBeNull();
    await again.close();
    // What was set aside can come back the same way.
    const aside = path.join('set-aside-20260504080000', DATABASE_FILE);
    expect(restoreBackup(dataDir, aside, '2026-05-04T09:00:00.000Z').ok).toBe(true);
    const third = await opened();
    expect((await listRuns(third.db)).map(({ id }) => id)).toEqual(['alaterrun1', 'arunnumber']);
    await third.close();
  });
});
