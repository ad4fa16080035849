import { changeRule } from '@/core/edit';
import {
  createRun,
  benchOfRun,
  fitsOfRun,
  getRun,
  listRunSummaries,
  makeNextPass,
  planOfRun,
  removeRunById,
  replaceList,
  saveSpec,
  storeNewRun,
} from '.';
import { updateRunSpec } from '@/store';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';
import type { Context } from './context';

let context: Context;
beforeAll(async () => {
  context = await aContext();
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const start = (list: string) => createRun(context, { title: 'Ferry crew', dueOn: '2026-06-01', list });

test('a list alone gives fits and a plan', async () => {
  const { id } = valueOf(await start('Olivetti\nUm\nPetronella'));
  const { fits } = valueOf(await fitsOfRun(context, id, { withOutlines: true }));
  expect(fits.map(({ text }) => text[0])).toEqual(['Olivetti', 'Um', 'Petronella']);
  expect(fits.every(({ outline }) => outline !== null && outline.length > 0)).toBe(true);
  const { passes } = valueOf(await planOfRun(context, id));
  expect(passes.flatMap(({ patches }) => patches.flatMap(({ pieces }) => pieces))).toHaveLength(3);
});

test('a run begins on the blank and in the lettering of the shop that are named, or not at all', async () => {
  const begun = (more: object) => createRun(context, { title: 'Ferry crew', dueOn: null, list: 'Una\nBo', ...more });
  const { spec } = valueOf(await begun({ blankId: 'socks', letteringId: 'heavy-slab' }));
  expect([spec.uses.map(({ blankId }) => blankId), spec.shop.blanks.map(({ id }) => id)]).toEqual([
    ['socks'],
    ['socks'],
  ]);
  expect(spec.uses[0]!.places.map(({ letteringId }) => letteringId)).toContain('heavy-slab');
  // Gold on a cream towel is not told, and steel is not pressed.
  const filmOn = async (blankId: string) => {
    const run = valueOf(await begun({ blankId }));
    return run.spec.uses[0]!.places.flatMap(({ materials }) => Object.values(materials));
  };
  expect(await filmOn('tea-towel')).toEqual(['film-stretch']);
  expect(await filmOn('steel-bottle')).toEqual(['adhesive-silver']);
  const bare = valueOf(await begun({}));
  expect(bare.spec.uses[0]!.blankId).toBe('garment-bag');
  const before = (await listRunSummaries(context)).runs.length;
  expect(problemOf(await begun({ blankId: 'gone' }))).toMatchObject({ kind: 'shopThingNotFound', shelf: 'blanks' });
  expect(problemOf(await begun({ letteringId: 'gone' }))).toMatchObject({ shelf: 'letterings', id: 'gone' });
  expect((await listRunSummaries(context)).runs).toHaveLength(before);
});

test('an empty list is refused by its field, and nothing is stored', async () => {
  const before = (await listRunSummaries(context)).runs.length;
  expect(problemOf(await start(' \n '))).toMatchObject({ kind: 'invalidInput', issues: [{ field: 'list' }] });
  expect((await listRunSummaries(context)).runs).toHaveLength(before);
});

test('a spec is saved over the state that was seen, and over no other', async () => {
  const run = valueOf(await start('Ann'));
  const level = changeRule(run.spec, null, { kind: 'level', heightMm: null });
  expect(valueOf(await saveSpec(context, run.id, 1, level)).counter).toBe(2);
  expect(problemOf(await saveSpec(context, run.id, 1, run.spec))).toEqual({
    kind: 'changedElsewhere',
    yourCounter: 1,
    counter: 2,
  });
  expect(valueOf(await getRun(context, run.id)).spec.sizeGroups[0]!.rule.kind).toBe('level');
});

test('a spec that is not one, or whose ids lead nowhere, is refused with the field', async () => {
  const run = valueOf(await start('Ann'));
  expect(problemOf(await saveSpec(context, run.id, 1, { ...run.spec, title: '' }))).toMatchObject({
    issues: [{ field: 'title' }],
  });
  const lost = { ...run.spec, layout: { ...run.spec.layout, bedId: 'bed-none' } };
  expect(problemOf(await saveSpec(context, run.id, 1, lost))).toMatchObject({ issues: [{ field: 'layout.bedId' }] });
});

test('an entry with work recorded cannot be left out, only withdrawn; laying a list over does that by itself', async () => {
  const run = valueOf(await start('Ann\nBo'));
  valueOf(await makeNextPass(context, run.id, null));
  const without = { ...run.spec, entries: run.spec.entries.slice(1) };
  expect(problemOf(await saveSpec(context, run.id, 1, without))).toMatchObject({ issues: [{ field: 'entries' }] });
  const laid = valueOf(await replaceList(context, run.id, 1, { list: 'Bo\nCy' }));
  expect(laid.spec.entries.map(({ fields, withdrawn }) => [fields.text, withdrawn])).toEqual([
    ['Bo', false],
    ['Cy', false],
    ['Ann', true],
  ]);
});

test('a removed run is gone from every answer', async () => {
  const { id } = valueOf(await start('Ann'));
  valueOf(await removeRunById(context, id));
  for (const answer of [await getRun(context, id), await fitsOfRun(context, id), await removeRunById(context, id)]) {
    expect(problemOf(answer)).toEqual({ kind: 'runNotFound', runId: id });
  }
  expect((await listRunSummaries(context)).runs.map((run) => run.id)).not.toContain(id);
});

test('fits and the bench come in parts of one order, each with where the next begins', async () => {
  const { id } = valueOf(await createRun(context, { title: 'Parts', dueOn: null, list: 'Ann\nBo\nCy\nDi\nElin' }));
  const whole = valueOf(await fitsOfRun(context, id));
  expect(whole).toMatchObject({ numAll: 5, next: null });
  const keys: string[] = [];
  const items: string[] = [];
  for (let from: number | null = 0; from !== null;) {
    const part: Awaited<ReturnType<typeof fitsOfRun>> = await fitsOfRun(context, id, { page: { from, most: 2 } });
    const { fits, next, numAll, setSizes } = valueOf(part);
    expect([numAll, setSizes]).toEqual([5, whole.setSizes]);
    expect(fits).toEqual(whole.fits.slice(from, from + 2));
    keys.push(...fits.map(({ itemId }) => itemId));
    items.push(...valueOf(await benchOfRun(context, id, '', { from, most: 2 })).items.map(({ itemId }) => itemId));
    from = next;
  }
  expect(keys).toHaveLength(5);
  expect(items).toEqual(keys);
  expect(valueOf(await benchOfRun(context, id, '', { from: 9, most: 2 }))).toMatchObject({ items: [], next: null });
});

test('a run that is larger than one may be is refused by its row; one that is stored so can be opened and saved', async () => {
  const { id, counter, spec } = valueOf(await start('Olivetti\nUm'));
  const long = {
    ...spec,
    entries: spec.entries.map((entry, i) => (i === 1 ? { ...entry, fields: { text: 'x'.repeat(2001) } } : entry)),
  };
  const many = {
    ...spec,
    entries: spec.entries.map((entry) => ({ ...entry, quantity: 10_000 })),
    uses: spec.uses.map((use) => ({ ...use, each: 2 })),
  };
  for (const [candidate, row] of [
    [long, 2],
    [many, 1],
  ] as const) {
    expect(problemOf(await saveSpec(context, id, counter, candidate))).toMatchObject({
      kind: 'invalidInput',
      issues: [{ field: 'entries', row }],
    });
    expect(problemOf(await storeNewRun(context, candidate))).toMatchObject({ issues: [{ row }] });
  }
  expect(valueOf(await getRun(context, id)).counter).toBe(counter);
  // As an earlier Knurl may have left it.
  await updateRunSpec(context.store.db, { id, counter, spec: long }, context.nowIso());
  expect(valueOf(await getRun(context, id)).spec.entries[1]!.fields.text).toHaveLength(2001);
  const saved = valueOf(await saveSpec(context, id, counter + 1, { ...long, title: 'Still here' }));
  expect(saved.spec.title).toBe('Still here');
});
