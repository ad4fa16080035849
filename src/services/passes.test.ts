import { changeMaterialValue, settleFilm } from '@/core/edit';
import { placedIn } from '@/core/freeze';
import type { Deed, NewAct } from '@/core/ledger';
import { changeField } from '@/core/roster';
import { proofRows, tickRows } from '@/core/wording';
import {
  type RunView,
  benchOfRun,
  createRun,
  cutFile,
  importBundle,
  listThings,
  makeNextPass,
  openInPasses,
  planOfRun,
  recordAct,
  releaseRun,
  saveSpec,
  saveThing,
  viewMadePasses,
} from '.';
import type { ActAnswers } from './check-deeds';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';
import { carried, jsonBytes } from './test/carried';

let context: Context;
let run: RunView;
let actNo = 0;
beforeAll(async () => {
  context = await aContext(7);
});
beforeEach(async () => {
  run = valueOf(await createRun(context, { title: 'Lock keepers', dueOn: null, list: 'Ottoline\nBo\nQuim' }));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const NONE: ActAnswers = { mayMake: false, notCut: false };
const act = (deeds: readonly Deed[], station = 'table-one'): NewAct => ({
  id: `act-number-${++actNo}`,
  by: { who: '', station },
  at: '2026-05-04T09:00:00Z',
  deeds,
});
const record = async (deeds: readonly Deed[], answers: Partial<ActAnswers> = {}) =>
  recordAct(context, run.id, act(deeds), { ...NONE, ...answers });
const marked = async (deeds: readonly Deed[]) => valueOf(await record(deeds, { mayMake: true }));
const pieceNo = async (i: number) => valueOf(await benchOfRun(context, run.id, 'x')).items[i]!.pieces[0]!;
const cut = async (i: number): Promise<Deed> => {
  const { pieceId, attempt, passId } = await pieceNo(i);
  return { kind: 'cut', pieceId, attempt, passId };
};
const passes = async () => valueOf(await viewMadePasses(context, run.id));
const told = async () => (await passes()).map(({ no, isUnmade }) => (isUnmade ? `${no} unmade` : String(no)));
const planned = async () =>
  valueOf(await planOfRun(context, run.id)).passes.map(({ no, patches }) => [
    no,
    patches.flatMap(({ pieces }) => pieces).length,
  ]);
const undone = (actId: string): Deed => ({ kind: 'undone', actId });

/** As they lie in the pass, which is the packer's business. */
const anyOrder = (...texts: string[]): unknown => expect.arrayContaining(texts);

describe('a mark that would make a pass', () => {
  test('asks first, with the number of the pass, its pieces and what is open; nothing is made or recorded', async () => {
    expect(problemOf(await record([await cut(1)]))).toEqual({
      kind: 'needsPass',
      plan: valueOf(await planOfRun(context, run.id)).name,
      passes: [
        {
          no: 1,
          numPieces: 3,
          notReleased: { num: 3, texts: anyOrder('Ottoline', 'Bo', 'Quim') },
          notProofed: { num: 3, texts: anyOrder('Ottoline', 'Bo', 'Quim') },
          checks: { num: 0, texts: [] },
        },
      ],
    });
    expect(await told()).toEqual([]);
    expect(valueOf(await benchOfRun(context, run.id, 'x')).tally.cut).toBe(0);
    expect((await marked([await cut(1)])).madePasses).toEqual([1]);
    // What lies in a made pass asks nothing more.
    expect(valueOf(await record([await cut(2)])).madePasses).toEqual([]);
  });

  test('what was released and ticked is not open; a change after it is not told where it is cut as it was released', async () => {
    const ticked = tickRows(run.spec, proofRows(run.spec).slice(1, 2), 'Jo', '2026-05-04T08:00:00Z');
    const saved = valueOf(await saveSpec(context, run.id, run.counter, ticked));
    valueOf(await releaseRun(context, run.id, { id: 'areleaseno', by: { who: 'Jo', station: 'x' } }));
    const later = changeField(saved.spec, run.spec.entries[2]!.id, 'text', 'Quimby');
    valueOf(await saveSpec(context, run.id, saved.counter, later));
    const {
      passes: [next],
    } = valueOf(await openInPasses(context, run.id, null));
    expect(next).toMatchObject({
      no: 1,
      notReleased: { num: 0 },
      notProofed: { num: 2, texts: anyOrder('Ottoline', 'Quim') },
    });
  });

  test('with everything in made passes nothing is asked and there is no next one', async () => {
    valueOf(await makeNextPass(context, run.id, null));
    expect(valueOf(await openInPasses(context, run.id, null)).passes).toEqual([]);
    expect(valueOf(await record([await cut(0)])).madePasses).toEqual([]);
  });
});

describe('a colour that was left open', () => {
  test('keeps its pass from being made until a film is named, and says which', async () => {
    const [id] = Object.values(run.spec.uses[0]!.places[0]!.materials);
    const open = changeMaterialValue(run.spec, id!, (value) => ({ ...value, open: true }));
    const saved = valueOf(await saveSpec(context, run.id, run.counter, open));
    const colour = open.shop.materials.find((copy) => copy.id === id)!.value.colour.name;
    expect(problemOf(await makeNextPass(context, run.id, null))).toEqual({ kind: 'filmOpen', films: [colour] });
    expect(problemOf(await record([await cut(0)], { mayMake: true }))).toEqual({ kind: 'filmOpen', films: [colour] });
    const film = run.spec.shop.materials.find((copy) => copy.id === 'film-white')!;
    valueOf(await saveSpec(context, run.id, saved.counter, settleFilm(open, id!, film)));
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    expect(pass.patches.map(({ materialId }) => materialId)).toEqual([id]);
    expect((await pieceNo(0)).materialName).toBe(film.value.name);
  });
});

describe('what is made is what was shown', () => {
  test('a plan that is named makes its pass; after a change its name makes none', async () => {
    const shown = valueOf(await planOfRun(context, run.id));
    const changed = changeField(run.spec, run.spec.entries[2]!.id, 'text', 'Quimberley');
    const saved = valueOf(await saveSpec(context, run.id, run.counter, changed));
    expect(problemOf(await makeNextPass(context, run.id, null, shown.name))).toEqual({ kind: 'otherPlan' });
    expect(await told()).toEqual([]);
    valueOf(await saveSpec(context, run.id, saved.counter, run.spec));
    const { pass } = valueOf(await makeNextPass(context, run.id, null, shown.name));
    const lying = (pieces: readonly { pieceId: string; xMm: number; yMm: number }[]) =>
      pieces.map(({ pieceId, xMm, yMm }) => [pieceId, xMm.toFixed(4), yMm.toFixed(4)]);
    expect(
      lying(pass.patches[0]!.placed.map(({ pieceId, x, y }) => ({ pieceId, xMm: x / 10_000, yMm: y / 10_000 }))),
    ).toEqual(lying(shown.passes[0]!.patches[0]!.pieces));
  });

  test('a yes to passes that are laid out otherwise by now is asked again', async () => {
    const asked = problemOf(await record([await cut(1)]));
    const changed = changeField(run.spec, run.spec.entries[2]!.id, 'text', 'Quimberley');
    valueOf(await saveSpec(context, run.id, run.counter, changed));
    const plan = asked.kind === 'needsPass' ? asked.plan : '';
    const again = problemOf(await record([await cut(1)], { mayMake: true, plan }));
    expect(again).toMatchObject({ kind: 'needsPass', passes: [{ no: 1, numPieces: 3 }] });
    expect(await told()).toEqual([]);
    const now = again.kind === 'needsPass' ? again.plan : '';
    expect(now).not.toBe(plan);
    expect(valueOf(await record([await cut(1)], { mayMake: true, plan: now })).madePasses).toEqual([1]);
  });
});

describe('a pass is unmade', () => {
  test('until something of it is cut: its pieces are laid out anew, its number and its row stay', async () => {
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    const answer = valueOf(await record([{ kind: 'unmade', passId: pass.id }]));
    expect(answer.bench.changed.map(({ pieces }) => pieces[0]!.passNo)).toEqual([null, null, null]);
    expect(await told()).toEqual(['1 unmade']);
    expect(await planned()).toEqual([[2, 3]]);
    expect(problemOf(await cutFile(context, run.id, 1))).toEqual({ kind: 'passUnmade', no: 1, isFile: true });
    expect(problemOf(await record([{ kind: 'unmade', passId: pass.id }]))).toMatchObject({ kind: 'passUnmade', no: 1 });
    const { pieceId } = await pieceNo(0);
    const late: Deed = { kind: 'cut', pieceId, attempt: 1, passId: pass.id };
    expect(problemOf(await record([late], { mayMake: true }))).toMatchObject({ kind: 'passUnmade', no: 1 });
    expect(valueOf(await makeNextPass(context, run.id, null)).pass.no).toBe(2);
  });

  test('never while a mark of any station stands on it', async () => {
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    const unmake: Deed = { kind: 'unmade', passId: pass.id };
    const { pieceId, placeId, layerId } = await pieceNo(1);
    const { itemId } = valueOf(await benchOfRun(context, run.id, 'x')).items[1]!;
    const face = 'front' as const;
    const marks: Deed[] = [
      { kind: 'cut', pieceId, attempt: 1, passId: pass.id },
      { kind: 'weeded', pieceId, attempt: 1, passId: pass.id },
      { kind: 'bonded', itemId, placeId, layerIds: [layerId], attempts: [1], face },
      { kind: 'bonded', itemId, placeId, layerIds: [layerId], attempts: [1], face: 'back' },
      { kind: 'checked', itemId },
      { kind: 'packed', itemId },
      { kind: 'spoiled', pieces: [{ pieceId, attempt: 1 }], blankLost: false, reason: 'crooked', note: '' },
    ];
    for (const mark of marks) {
      const { act: done } = valueOf(await recordAct(context, run.id, act([mark], 'table-two')));
      expect(problemOf(await record([unmake]))).toEqual({ kind: 'passMarked', no: 1, texts: ['Bo'] });
      valueOf(await recordAct(context, run.id, act([undone(done.id)], 'table-two')));
    }
    expect(valueOf(await record([unmake])).isRepeat).toBe(false);
  });

  test('after its file was taken only with the word that it was not cut; a bundle may have been cut elsewhere', async () => {
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    const unmake: Deed = { kind: 'unmade', passId: pass.id };
    const bytes = valueOf(await cutFile(context, run.id, 1));
    expect((await passes()).map(({ isTaken }) => isTaken)).toEqual([true]);
    expect(problemOf(await record([unmake]))).toEqual({ kind: 'wasItCut', no: 1 });
    const { act: unmaking } = valueOf(await record([unmake], { notCut: true }));
    // Undoing it brings back the same bytes, and a bundle carries all of it.
    const bundle = await carried(context, run.id);
    valueOf(await record([undone(unmaking.id)]));
    expect(valueOf(await cutFile(context, run.id, 1))).toBe(bytes);
    run = valueOf(await importBundle(context, jsonBytes(bundle)));
    expect(await told()).toEqual(['1 unmade']);
    valueOf(await record([undone(unmaking.id)]));
    expect(problemOf(await record([unmake]))).toEqual({ kind: 'wasItCut', no: 1 });
  });

  test('it does not come back once its pieces lie in another one', async () => {
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    const { act: unmaking } = valueOf(await record([{ kind: 'unmade', passId: pass.id }]));
    valueOf(await makeNextPass(context, run.id, null));
    expect(problemOf(await record([undone(unmaking.id)]))).toEqual({ kind: 'laidOutAnew', no: 1, laidInNo: 2 });
    expect(await told()).toEqual(['1 unmade', '2']);
    expect(problemOf(await record([{ kind: 'unmade', passId: 'nosuchpass' }]))).toMatchObject({ what: 'pass' });
  });
});

describe('undoing the mark that made a pass', () => {
  test('unmakes it when nothing else was done to it, and redo brings the same bytes back', async () => {
    const made = await marked([await cut(0)]);
    const undo = valueOf(await record([undone(made.act.id)]));
    const [first] = await passes();
    expect(undo.act.unmade).toEqual([first!.id]);
    expect(undo.bench.changed).toHaveLength(3);
    expect([await told(), await planned()]).toEqual([['1 unmade'], [[2, 3]]]);
    valueOf(await record([undone(undo.act.id)]));
    const bytes = valueOf(await cutFile(context, run.id, 1));
    expect(bytes).toContain('Ottoline');
    expect([await told(), await planned(), (await pieceNo(0)).stage]).toEqual([['1'], [], 'cut']);
  });

  test('leaves it when another piece of it was marked, or its file was taken', async () => {
    const first = await marked([await cut(0)]);
    const other = await marked([await cut(1)]);
    valueOf(await record([undone(first.act.id)]));
    expect(await told()).toEqual(['1']);
    // The mark that it was made for is gone already; undoing the other leaves nothing to keep it for.
    valueOf(await record([undone(other.act.id)]));
    expect(await told()).toEqual(['1 unmade']);
    const second = await marked([await cut(0)]);
    valueOf(await cutFile(context, run.id, 2));
    valueOf(await record([undone(second.act.id)]));
    expect(await told()).toEqual(['1 unmade', '2']);
  });

  test('a pass that was made on purpose stays', async () => {
    valueOf(await makeNextPass(context, run.id, null));
    const { act: mark } = valueOf(await record([await cut(0)]));
    expect(valueOf(await record([undone(mark.id)])).act.unmade).toBeUndefined();
    expect(await told()).toEqual(['1']);
  });

  test('redo after the pieces were laid out anew brings the marks back, and they count in the pass they lie in', async () => {
    const made = await marked([await cut(0)]);
    const undo = valueOf(await record([undone(made.act.id)]));
    const { pass } = valueOf(await makeNextPass(context, run.id, null));
    expect([...placedIn(pass)]).toHaveLength(3);
    const redo = valueOf(await record([undone(undo.act.id)]));
    expect(redo.act.unmade).toHaveLength(1);
    expect([await told(), (await pieceNo(0)).stage, (await pieceNo(0)).passNo]).toEqual([['1 unmade', '2'], 'cut', 2]);
  });

  test('a later mark cannot be brought back while its pass is unmade', async () => {
    const first = await marked([await cut(0)]);
    const later = await marked([await cut(1)]);
    const undoLater = valueOf(await record([undone(later.act.id)]));
    valueOf(await record([undone(first.act.id)]));
    expect(problemOf(await record([undone(undoLater.act.id)]))).toMatchObject({
      kind: 'passUnmade',
      no: 1,
      isFile: false,
    });
    expect((await pieceNo(1)).stage).toBeNull();
  });
});

test('a leftover is used up with the pass that was made on it: the shop has it no more, the rest goes on the usual bed', async () => {
  const value = { name: 'offcut', kind: 'bed', widthMm: 200, heightMm: 120, once: true };
  valueOf(await saveThing(context, 'beds', { id: 'offcut', rev: 0, candidate: value }));
  const names = Array.from({ length: 9 }, (_, i) => `Perpetua ${'abcdefghi'[i]}`).join('\n');
  const own = valueOf(await createRun(context, { title: 'Leftover', dueOn: null, list: names }));
  const gold = own.spec.uses[0]!.places[0]!.materials.main!;
  const layout = { ...own.spec.layout, beds: { [gold]: 'offcut' } };
  valueOf(await saveSpec(context, own.id, own.counter, { ...own.spec, layout }));
  const plan = async () => valueOf(await planOfRun(context, own.id)).passes.map(({ bed }) => bed.name);
  expect((await plan()).slice(0, 2)).toEqual(['offcut', 'small bed']);
  const { pass } = valueOf(await makeNextPass(context, own.id, null));
  expect([pass.bedId, pass.bed.name]).toEqual(['offcut', 'offcut']);
  expect(new Set(await plan())).toEqual(new Set(['small bed']));
  const onShelf = async () => (await listThings(context, 'beds')).some(({ id }) => id === 'offcut');
  expect(await onShelf()).toBe(false);
  // Taken back, it is there for others again; brought back, it is used up once more.
  const said = (id: string, deeds: readonly Deed[]) =>
    recordAct(context, own.id, { id, by: { who: '', station: 'table' }, at: '2026-05-04T08:00:00Z', deeds });
  valueOf(await said('leftover-1', [{ kind: 'unmade', passId: pass.id }]));
  expect([await onShelf(), (await plan())[0]]).toEqual([true, 'offcut']);
  valueOf(await said('leftover-2', [{ kind: 'undone', actId: 'leftover-1' }]));
  expect(await onShelf()).toBe(false);
});
