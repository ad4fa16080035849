import { changeLayout } from '@/core/edit';
import { addEntry, changeField } from '@/core/roster';
import { seededBytes } from '@/core/test';
import { memoryKeeper } from './keeper';
import { savedWords } from './save-state';
import type { SpecSaver } from './spec-saver';
import { aSaver, ann, endServing, finish, serveFake, spec } from './test/a-saver';
import type { FakeServer } from './test/fake-server';

let server: FakeServer;
let saver: SpecSaver;
const space = (mm: number) => saver.change((now) => changeLayout(now, { spacingMm: mm }));
const savedSpace = () => (server.spec as typeof spec).layout.spacingMm;
const state = () => saver.getSnapshot().state;

beforeEach(() => {
  server = serveFake();
  saver = aSaver(server);
});
afterEach(() => finish(server, saver));
afterAll(endServing);

test('a change shows at once, is told to every subscriber, and is saved', async () => {
  let told = 0;
  const leave = saver.subscribe(() => told++);
  space(9);
  expect(saver.getSnapshot().spec.layout.spacingMm).toBe(9);
  expect(state()).toEqual({ kind: 'saving' });
  expect(await saver.flush()).toBe(true);
  expect([savedSpace(), server.numPuts, state().kind]).toEqual([9, 1, 'saved']);
  expect(told).toBeGreaterThan(1);
  leave();
  const before = told;
  space(10);
  expect(told).toBe(before);
  await saver.flush();
});

test('changes in quick succession go as one, and what changes during a save goes with the next', async () => {
  for (const mm of [1, 2, 3, 4]) space(mm);
  await saver.flush();
  expect([savedSpace(), server.numPuts]).toEqual([4, 1]);
  server.delayMs = 30;
  space(5);
  const first = saver.flush();
  await new Promise((resolve) => setTimeout(resolve, 5));
  space(6);
  space(6.5);
  space(6);
  const told: string[] = [];
  saver.subscribe(() => told.push(`${saver.getSnapshot().numUnsaved} ${state().kind}`));
  await first;
  await saver.flush();
  expect(told).toEqual(['3 saving', '0 saved']);
  expect([savedSpace(), server.numPuts]).toEqual([6, 3]);
});

test('nothing changed, nothing sent', async () => {
  expect(await saver.flush()).toBe(true);
  expect(server.numPuts).toBe(0);
});

test('with the server gone the change stays, and is saved when it is back', async () => {
  server.isGone = true;
  space(7);
  expect(await saver.flush()).toBe(false);
  expect(state()).toEqual({ kind: 'serverGone', why: null });
  server.isGone = false;
  expect(await saver.flush()).toBe(true);
  expect([savedSpace(), state().kind]).toEqual([7, 'saved']);
});

test('when somebody else changed other spots, both changes are saved and nobody is asked', async () => {
  server.counter = 5;
  server.spec = changeField(changeLayout(spec, { edgeMm: 2 }), ann, 'text', 'Anna');
  saver.change((now) => changeField(now, ann, 'size', 'M'));
  space(7);
  await saver.flush();
  await saver.flush();
  expect(state()).toEqual({ kind: 'saved' });
  expect(server.spec).toMatchObject({
    layout: { edgeMm: 2, spacingMm: 7 },
    entries: [{ fields: { text: 'Anna', size: 'M' } }],
  });
});

test('a run that was removed elsewhere keeps what was typed here: as a run of its own, or brought back', async () => {
  space(8);
  server.isRemoved = true;
  expect(await saver.flush()).toBe(false);
  expect([state(), saver.getSnapshot().numUnsaved]).toEqual([{ kind: 'removed' }, 1]);
  saver.change((now) => changeField(now, ann, 'text', 'Anna'));
  expect([state().kind, saver.getSnapshot().numUnsaved]).toEqual(['removed', 2]);
  expect(await saver.keepMineAsCopy()).toEqual({ ok: true, value: 'arunnumber' });
  expect(server.copies).toMatchObject([{ layout: { spacingMm: 8 }, entries: [{ fields: { text: 'Anna' } }] }]);
  expect(await saver.bringBack()).toEqual({ ok: true, value: null });
  expect([state().kind, server.spec]).toMatchObject([
    'saved',
    { layout: { spacingMm: 8 }, entries: [{ fields: { text: 'Anna' } }] },
  ]);
  server.isRemoved = true;
  await saver.catchUp();
  expect(state()).toEqual({ kind: 'removed' });
  server.isGone = true;
  expect(await saver.bringBack()).toEqual({ ok: false, problem: { kind: 'serverGone' } });
  server.isGone = false;
  await saver.bringBack();
  expect(state()).toEqual({ kind: 'saved' });
});

test('changes of several earlier pages are all taken up, and every spot that is disputed is asked about', async () => {
  const keeper = memoryKeeper();
  const left = (text: string, mm: number) => ({
    base: spec,
    spec: changeField(changeLayout(spec, { spacingMm: mm }), ann, 'text', text),
    numUnsaved: 2,
  });
  await keeper.keep('spec:arunnumber:one', left('Anna', 8));
  await keeper.keep('spec:arunnumber:two', left('Annie', 8));
  const page = aSaver(server, { keeper, pageId: 'three' });
  expect(await page.takeUpKept()).toBe(4);
  expect(page.getSnapshot().state).toMatchObject({ kind: 'conflict', conflicts: [{ mine: 'Annie', theirs: 'Anna' }] });
  expect(await page.flush()).toBe(false);
  await page.takeTheirs();
  expect(server.spec).toMatchObject({ layout: { spacingMm: 8 }, entries: [{ fields: { text: 'Anna' } }] });
  expect(await keeper.kept('spec:')).toEqual([]);
});

test('what a refused state holds can be dropped, and undo brings it back', async () => {
  saver.change((now) => ({ ...now, title: 'refuse me' }));
  await saver.flush();
  await saver.dropMine();
  expect([state().kind, saver.getSnapshot().spec.title]).toEqual(['saved', spec.title]);
  saver.undo();
  expect(saver.getSnapshot().spec.title).toBe('refuse me');
  saver.redo();
});

test('saved is said only when changes and marks both are', () => {
  const told = (
    kind: 'saved' | 'saving' | 'serverGone' | 'refused' | 'removed',
    numUnsaved: number,
    numWaiting: number,
    isServerGone = false,
  ) => {
    const save =
      kind === 'refused' ? { kind, detail: '' } : kind === 'serverGone' ? { kind, why: null } : ({ kind } as const);
    return savedWords({ save, numUnsaved, numWaiting, isServerGone });
  };
  expect(told('saved', 0, 0)).toBe('saved');
  expect(told('saved', 0, 2)).toBe('saving…');
  expect(told('saved', 0, 2, true)).toBe('2 not saved yet');
  expect(told('serverGone', 3, 2, true)).toBe('5 not saved yet');
  expect([told('saving', 1, 0), told('refused', 1, 0), told('removed', 1, 0)]).toEqual([
    'saving…',
    'not saved',
    'removed elsewhere',
  ]);
  expect(
    savedWords({ save: { kind: 'conflict', conflicts: [] }, numUnsaved: 1, numWaiting: 0, isServerGone: false }),
  ).toBe('changed elsewhere');
});

test('changes wait in the browser: a page opened later takes them up, merges them and saves them', async () => {
  const keeper = memoryKeeper();
  const first = aSaver(server, { keeper, pageId: 'one' });
  server.isGone = true;
  first.change((now) => changeField(now, ann, 'text', 'Anna'));
  first.change((now) => changeLayout(now, { spacingMm: 8 }));
  await first.flush();
  expect(first.getSnapshot()).toMatchObject({ numUnsaved: 2, state: { kind: 'serverGone' } });
  server.isGone = false;
  server.counter = 3;
  server.spec = changeLayout(spec, { edgeMm: 2 });
  const later = aSaver(server, { keeper, pageId: 'two' });
  expect(await later.takeUpKept()).toBe(2);
  expect(await later.flush()).toBe(true);
  expect(server.spec).toMatchObject({ layout: { edgeMm: 2, spacingMm: 8 }, entries: [{ fields: { text: 'Anna' } }] });
  expect(await keeper.kept('spec:')).toEqual([]);
  // The first page is still open: what it sends again is in the run already.
  expect(await first.flush()).toBe(true);
  await first.flush();
  expect(first.getSnapshot().state.kind).toBe('saved');
});

test('undo and redo take back this page’s changes, one spot at a time, and leave what others did', async () => {
  let now = 0;
  const page = aSaver(server, { nowMs: () => now });
  const text = () => page.getSnapshot().spec.entries[0]!.fields.text;
  const spacing = () => page.getSnapshot().spec.layout.spacingMm;
  for (const mm of [1, 12, 12.5]) page.change((s) => changeLayout(s, { spacingMm: mm }));
  page.change((s) => changeField(s, ann, 'text', 'Anna'));
  now = 60_000;
  page.change((s) => changeField(s, ann, 'text', 'Annie'));
  server.counter = 9;
  server.spec = changeLayout(spec, { edgeMm: 2 });
  await page.flush();
  await page.flush();
  page.undo();
  expect(text()).toBe('Anna');
  page.undo();
  expect([text(), spacing()]).toEqual(['Ann', 12.5]);
  page.undo();
  expect([spacing(), page.getSnapshot().canUndo]).toEqual([6, false]);
  page.undo();
  page.redo();
  page.redo();
  expect([text(), spacing(), page.getSnapshot().spec.layout.edgeMm]).toEqual(['Anna', 12.5, 2]);
  page.change((s) => changeField(s, ann, 'text', 'Nan'));
  expect(page.getSnapshot().canRedo).toBe(false);
  await page.flush();
});

test('a change taken back before it was sent leaves nothing to save, and says so', async () => {
  const page = aSaver(server, {});
  page.change((s) => changeField(s, ann, 'text', 'Anna'));
  page.undo();
  expect(await page.flush()).toBe(true);
  expect(page.getSnapshot()).toMatchObject({ state: { kind: 'saved' }, numUnsaved: 0 });
});

test('undoing never drops an entry that work is recorded for', async () => {
  const page = aSaver(server, { hasWork: (id) => id !== ann });
  page.change((s) => addEntry(s, 'Bo', seededBytes(4)));
  page.undo();
  expect(page.getSnapshot().spec.entries.map(({ withdrawn }) => withdrawn)).toEqual([false, true]);
  await page.flush();
});

test('what others saved is read when the page is looked at again, unless it has changes of its own', async () => {
  server.counter = 4;
  server.spec = changeLayout(spec, { edgeMm: 3 });
  await saver.catchUp();
  expect(saver.getSnapshot().spec.layout.edgeMm).toBe(3);
  server.counter = 5;
  server.spec = changeLayout(spec, { edgeMm: 4 });
  space(9);
  await saver.catchUp();
  expect(saver.getSnapshot().spec.layout.edgeMm).toBe(3);
});

test('a refused state says why and is kept until it is mended', async () => {
  saver.change((now) => ({ ...now, title: 'refuse me' }));
  await saver.flush();
  expect(state()).toEqual({ kind: 'refused', detail: 'title: no.' });
  expect(saver.getSnapshot().spec.title).toBe('refuse me');
  saver.change((now) => ({ ...now, title: 'mended' }));
  await saver.flush();
  expect(state()).toEqual({ kind: 'saved' });
});

test('laying a list over the run saves what waits first and takes the answer', async () => {
  space(8);
  expect(await saver.replaceList({ list: 'Bo' })).toEqual({ ok: true, value: null });
  expect(server.numPuts).toBe(2);
  expect(saver.getSnapshot().spec).toMatchObject({ title: 'relaid', layout: { spacingMm: 8 } });
  server.isGone = true;
  expect(await saver.replaceList({ list: 'Cy' })).toEqual({ ok: false, problem: { kind: 'serverGone' } });
});
