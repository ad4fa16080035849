import { changeLayout } from '@/core/edit';
import { changeField } from '@/core/roster';
import type { SpecSaver } from './spec-saver';
import { aSaver, ann, endServing, finish, serveFake, spec } from './test/a-saver';
import type { FakeServer } from './test/fake-server';

let server: FakeServer;
let saver: SpecSaver;
const space = (mm: number) => saver.change((now) => changeLayout(now, { spacingMm: mm }));
const state = () => saver.getSnapshot().state;

beforeEach(() => {
  server = serveFake();
  saver = aSaver(server);
});
afterEach(() => finish(server, saver));
afterAll(endServing);

describe('when both changed the same spot, a person decides', () => {
  beforeEach(async () => {
    server.counter = 5;
    server.spec = changeField(changeLayout(spec, { edgeMm: 2 }), ann, 'text', 'Annie');
    saver.change((now) => changeField(now, ann, 'text', 'Anna'));
    space(7);
    await saver.flush();
    expect(state()).toEqual({
      kind: 'conflict',
      conflicts: [{ path: ['entries', ann, 'fields', 'text'], mine: 'Anna', theirs: 'Annie' }],
    });
    expect(server.spec).toMatchObject({ layout: { spacingMm: 6 } });
  });

  test('theirs', async () => {
    // What was typed elsewhere stays, also what was typed while the question stood.
    saver.change((now) => changeField(now, ann, 'size', 'XL'));
    await saver.takeTheirs();
    expect(server.spec).toMatchObject({
      layout: { edgeMm: 2, spacingMm: 7 },
      entries: [{ fields: { text: 'Annie', size: 'XL' } }],
    });
    expect(state()).toEqual({ kind: 'saved' });
    // One step takes the answer back, and nothing else.
    saver.undo();
    expect(saver.getSnapshot().spec).toMatchObject({
      layout: { edgeMm: 2, spacingMm: 7 },
      entries: [{ fields: { text: 'Anna', size: 'XL' } }],
    });
  });

  test('mine, with what they changed elsewhere', async () => {
    await saver.keepMine();
    expect(server.spec).toMatchObject({ layout: { edgeMm: 2, spacingMm: 7 }, entries: [{ fields: { text: 'Anna' } }] });
    expect(state()).toEqual({ kind: 'saved' });
    saver.undo();
    expect(saver.getSnapshot().spec).toMatchObject({
      layout: { spacingMm: 7 },
      entries: [{ fields: { text: 'Annie' } }],
    });
    // Without a question there is nothing to decide.
    await saver.flush();
    const { numPuts } = server;
    await saver.takeTheirs();
    expect([server.numPuts, state().kind]).toEqual([numPuts, 'saved']);
  });

  test('mine as a copy', async () => {
    expect(await saver.keepMineAsCopy()).toEqual({ ok: true, value: 'arunnumber' });
    expect(server.copies).toMatchObject([{ title: 'Test run (my copy)', entries: [{ fields: { text: 'Anna' } }] }]);
    expect(saver.getSnapshot().spec).toMatchObject({
      layout: { spacingMm: 7 },
      entries: [{ fields: { text: 'Annie' } }],
    });
  });
});

describe('while the cursor stands in a field', () => {
  const theirsIs = async (text: string) => {
    server.counter++;
    server.spec = changeField(server.spec as typeof spec, ann, 'text', text);
    await saver.catchUp();
  };

  test('what comes meanwhile is asked about when the same was typed here, and is taken where it was not', async () => {
    saver.enterField();
    await theirsIs('Annie');
    expect(saver.getSnapshot().spec.entries[0]!.fields.text).toBe('Annie');
    saver.change((now) => changeField(now, ann, 'size', 'M'));
    expect([state().kind, saver.getSnapshot().spec.entries[0]!.fields]).toEqual([
      'saving',
      { text: 'Annie', size: 'M' },
    ]);
    saver.change((now) => changeField(now, ann, 'text', 'Anna'));
    expect(state()).toEqual({
      kind: 'conflict',
      conflicts: [{ path: ['entries', ann, 'fields', 'text'], mine: 'Anna', theirs: 'Annie' }],
    });
    // Going on typing in it is no new question.
    saver.change((now) => changeField(now, ann, 'text', 'Annabel'));
    saver.leaveField();
    expect(state()).toMatchObject({ conflicts: [{ mine: 'Annabel', theirs: 'Annie' }] });
    await saver.takeTheirs();
    expect(server.spec).toMatchObject({ entries: [{ fields: { size: 'M' } }] });
  });

  test('left again, changes are made from the run as it is', async () => {
    saver.enterField();
    await theirsIs('Annie');
    saver.leaveField();
    saver.change((now) => changeField(now, ann, 'text', `${now.entries[0]!.fields.text}!`));
    await saver.flush();
    expect([state().kind, server.spec]).toMatchObject(['saved', { entries: [{ fields: { text: 'Annie!' } }] }]);
  });
});
