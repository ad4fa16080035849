import { changeLayout } from '@/core/edit';
import { changeField } from '@/core/roster';
import { memoryKeeper } from './keeper';
import { StepKeeper, keepSteps } from './kept-steps';
import type { SpecSaver } from './spec-saver';
import { aSaver, ann, endServing, finish, serveFake } from './test/a-saver';
import type { FakeServer } from './test/fake-server';

let server: FakeServer;
let saver: SpecSaver;
const space = (mm: number) => saver.change((now) => changeLayout(now, { spacingMm: mm }));

beforeEach(() => {
  server = serveFake();
  saver = aSaver(server);
});
afterEach(() => finish(server, saver));
afterAll(endServing);

describe('steps that are kept by tab', () => {
  const opened = () => aSaver(server);

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

describe('a page keeps its steps by itself', () => {
  const soon = (ms = 30) => new Promise((resolve) => setTimeout(resolve, ms));
  const kept = async (keeper: StepKeeper) => (await keeper.takeUp())?.undo.length ?? 0;

  test('once somebody pauses, or leaves the page; taken up at once by the next', async () => {
    const tab = new StepKeeper(memoryKeeper(), 'arunnumber', 'atab');
    const page = new EventTarget();
    const stop = keepSteps(saver, tab, page as never, 10);
    await soon(5);
    space(7);
    saver.change((now) => changeField(now, ann, 'text', 'Anna'));
    expect(await kept(tab)).toBe(0);
    await soon();
    expect(await kept(tab)).toBe(2);
    saver.change((now) => changeField(now, ann, 'size', 'M'));
    page.dispatchEvent(new Event('pagehide'));
    expect(await kept(tab)).toBe(3);
    // A step taken back moves to what can be done again.
    saver.undo();
    await soon();
    expect([await kept(tab), (await tab.takeUp())?.redo.length]).toEqual([2, 1]);
    stop();
    space(9);
    page.dispatchEvent(new Event('pagehide'));
    await soon();
    expect(await kept(tab)).toBe(2);
    await saver.flush();
    saver = aSaver(server);
    const again = keepSteps(saver, tab, page as never, 10);
    await soon(5);
    expect(saver.getSnapshot()).toMatchObject({ canUndo: true, canRedo: true });
    again();
  });

  test('while somebody works on without a pause, and when the page is about to be left', async () => {
    const tab = new StepKeeper(memoryKeeper(), 'arunnumber', 'atab');
    const page = new EventTarget();
    const stop = keepSteps(saver, tab, page as never, 40);
    await soon(5);
    for (let mm = 7; mm < 20; mm++) {
      space(mm);
      await soon(10);
    }
    expect(await kept(tab)).toBe(1);
    saver.change((now) => changeField(now, ann, 'text', 'Anna'));
    page.dispatchEvent(new Event('beforeunload'));
    expect(await kept(tab)).toBe(2);
    stop();
  });

  test('a page that is left before its steps were taken up writes nothing over them', async () => {
    const keeper = memoryKeeper();
    const tab = new StepKeeper(keeper, 'arunnumber', 'atab');
    space(7);
    await tab.keep(saver.steps());
    const next = aSaver(server);
    const stop = keepSteps(next, tab, new EventTarget() as never, 1);
    next.change((now) => changeField(now, ann, 'text', 'Anna'));
    stop();
    await soon();
    expect([await kept(tab), next.steps().undo.length]).toEqual([1, 1]);
    await Promise.all([saver.flush(), next.flush()]);
  });
});
