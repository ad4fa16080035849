import { changeLayout } from '@/core/edit';
import { changeField } from '@/core/roster';
import { aRun } from '@/core/test';
import { memoryKeeper } from './keeper';
import { StepKeeper } from './kept-steps';
import { SpecSaver } from './spec-saver';
import { FakeServer } from './test/fake-server';

const spec = aRun(['Ann']);
const ann = spec.entries[0]!.id;
let server: FakeServer;
let saver: SpecSaver;
const space = (mm: number) => saver.change((now) => changeLayout(now, { spacingMm: mm }));

const realFetch = globalThis.fetch;
beforeEach(() => {
  server = new FakeServer();
  server.spec = spec;
  globalThis.fetch = server.fetch as typeof fetch;
  saver = new SpecSaver('arunnumber', { id: 'arunnumber', counter: 1, spec });
});
// A saver goes on trying for as long as the page is open: each test ends with nothing left to save.
afterEach(async () => {
  server.isGone = false;
  await saver.flush();
});
afterAll(() => {
  globalThis.fetch = realFetch;
});

describe('steps that are kept by tab', () => {
  const opened = () =>
    new SpecSaver('arunnumber', { id: 'arunnumber', counter: server.counter, spec: server.spec as typeof spec });

  test('undo reaches back over a reload, and redo forth again', async () => {
    const keeper = memoryKeeper();
    const tab = new StepKeeper(keeper, 'arunnumber', 'atab');
    saver.change((now) => changeField(now, ann, 'text', 'Anna'));
    space(9);
    saver.undo();
    await saver.flush();
    await tab.keep(saver.steps());
    saver = opened();
    expect(saver.getSnapshot().canUndo).toBe(false);
    saver.takeUpSteps((await tab.takeUp())!);
    expect(saver.getSnapshot()).toMatchObject({ canUndo: true, canRedo: true });
    saver.redo();
    expect(saver.getSnapshot().spec.layout.spacingMm).toBe(9);
    saver.undo();
    saver.undo();
    expect(saver.getSnapshot().spec.entries[0]!.fields.text).toBe('Ann');
    expect(saver.getSnapshot().canUndo).toBe(false);
    await saver.flush();
  });

  test('another tab has its own, the last fifty are kept, and those of tabs long closed go', async () => {
    const keeper = memoryKeeper();
    let dayNo = 0;
    const of = (tabId: string) => new StepKeeper(keeper, 'arunnumber', tabId, () => dayNo * 86_400_000);
    for (let i = 1; i <= 60; i++) saver.change((now) => changeField(now, ann, i % 2 ? 'size' : 'text', `v${i}`));
    await of('one').keep(saver.steps());
    await saver.flush();
    expect(await of('two').takeUp()).toBeNull();
    const kept = (await of('one').takeUp())!;
    expect([kept.undo.length, kept.redo.length]).toEqual([50, 0]);
    // What was done since is taken back first.
    saver = opened();
    saver.change((now) => changeField(now, ann, 'note', 'late'));
    saver.takeUpSteps(kept);
    saver.undo();
    expect(saver.getSnapshot().spec.entries[0]!.fields.note).toBeUndefined();
    expect(saver.getSnapshot().canUndo).toBe(true);
    dayNo = 20;
    await of('two').takeUp();
    expect(await of('one').takeUp()).toBeNull();
    await of('one').keep(saver.steps());
    await of('one').keep({ undo: [], redo: [] });
    expect(await keeper.kept('undo:')).toEqual([]);
    await saver.flush();
  });
});
