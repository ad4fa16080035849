import type { Deed, NewAct } from '@/core/ledger';
import { changeMaterial, changePlaceUse, changeRule } from '@/core/edit';
import { readPieceId } from '@/core/spec';
import {
  type BenchView,
  type RunView,
  benchOfRun,
  createRun,
  cutFile,
  getRun,
  listMadePasses,
  makeNextPass,
  planOfRun,
  recordAct,
  saveSpec,
} from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
let run: RunView;
let actNo = 0;
beforeAll(async () => {
  context = await aContext(2);
});
beforeEach(async () => {
  run = valueOf(await createRun(context, { title: 'Ferry crew', dueOn: null, list: 'Ottoline\nBo\nQuim\n漢' }));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const act = (deeds: readonly Deed[], id = `act-number-${++actNo}`): NewAct => ({
  id,
  by: { who: '', station: 'table-one' },
  at: '2026-05-04T09:00:00Z',
  deeds,
});
const bench = async (): Promise<BenchView> => valueOf(await benchOfRun(context, run.id, 'table-one'));
const pieceNo = async (i: number) => (await bench()).items[i]!.pieces[0]!;
const MAY_MAKE = { mayMake: true, notCut: false };
const cut = (pieceId: string, attempt = 1): Deed => ({ kind: 'cut', pieceId, attempt, passId: null });

test('marking a piece makes its pass, once, and the mark is there', async () => {
  const { pieceId } = await pieceNo(0);
  const answer = valueOf(await recordAct(context, run.id, act([cut(pieceId)]), MAY_MAKE));
  expect(answer).toMatchObject({ isRepeat: false, madePasses: [1], act: { seq: 1 } });
  expect(answer.bench.tally).toMatchObject({ items: 4, cut: 1 });
  const again = valueOf(await recordAct(context, run.id, act([{ ...cut(pieceId), kind: 'weeded' } as Deed])));
  expect(again.madePasses).toEqual([]);
  expect(valueOf(await listMadePasses(context, run.id))).toHaveLength(1);
});

test('a mark freezes the pass that its piece lies in, and no other', async () => {
  const names = Array.from({ length: 24 }, (_, i) => `Perpetua ${'abcdefghijklmnopqrstuvwx'[i]}`);
  run = valueOf(await createRun(context, { title: 'Many', dueOn: null, list: names.join('\n') }));
  const { passes } = valueOf(await planOfRun(context, run.id));
  expect(passes.length).toBeGreaterThan(2);
  const firstOn = (pass: (typeof passes)[number]) => pass.patches[0]!.pieces[0]!.pieceId;
  const last = firstOn(passes.at(-1)!);
  const first = firstOn(passes[0]!);
  expect(valueOf(await recordAct(context, run.id, act([cut(last)]), MAY_MAKE)).madePasses).toEqual([1]);
  const [made] = valueOf(await listMadePasses(context, run.id));
  const inPass = made!.patches[0]!.placed.map(({ pieceId }) => pieceId);
  expect([inPass.includes(last), inPass.includes(first)]).toEqual([true, false]);
  const both = [first, firstOn(passes[1]!)].map((id) => cut(id));
  expect(valueOf(await recordAct(context, run.id, act(both), MAY_MAKE)).bench.tally.cut).toBe(3);
});

test('the same act again is harmless; another act under its id is refused', async () => {
  const { pieceId } = await pieceNo(0);
  const first = act([cut(pieceId)]);
  valueOf(await recordAct(context, run.id, first, MAY_MAKE));
  expect(valueOf(await recordAct(context, run.id, first))).toMatchObject({ isRepeat: true, act: { seq: 1 } });
  const other = act([cut((await pieceNo(1)).pieceId)], first.id);
  expect(problemOf(await recordAct(context, run.id, other))).toEqual({ kind: 'idTaken', what: 'act', id: first.id });
});

test('a piece with a stop cannot be marked, and trying makes no pass', async () => {
  const { pieceId } = await pieceNo(3);
  expect(problemOf(await recordAct(context, run.id, act([cut(pieceId)]), MAY_MAKE))).toMatchObject({
    kind: 'notCuttable',
    text: '漢',
  });
  expect(valueOf(await listMadePasses(context, run.id))).toEqual([]);
});

test('targets that do not exist are named', async () => {
  const { pieceId } = await pieceNo(0);
  const strange = pieceId.replace(/^\w{10}/, 'zzzzzzzzzz');
  const tries: [Deed, string][] = [
    [cut(strange), strange],
    [{ kind: 'checked', itemId: 'zzzzzzzzzz-zzzzzzzzzz-1' }, 'zzzzzzzzzz-zzzzzzzzzz-1'],
    [{ kind: 'undone', actId: 'no-such-act' }, 'no-such-act'],
    [{ ...cut(pieceId), passId: 'zzzzzzzzzz' } as Deed, 'zzzzzzzzzz'],
  ];
  for (const [deed, id] of tries) {
    expect(problemOf(await recordAct(context, run.id, act([deed])))).toMatchObject({ kind: 'unknownTarget', id });
  }
});

test('a spoiled piece joins the next pass as its second cutting, and its first stays as it was', async () => {
  const { pieceId } = await pieceNo(1);
  valueOf(await recordAct(context, run.id, act([cut(pieceId)]), MAY_MAKE));
  const spoiled: Deed = {
    kind: 'spoiled',
    pieces: [{ pieceId, attempt: 1 }],
    blankLost: false,
    reason: 'crooked',
    note: '',
  };
  const after = valueOf(await recordAct(context, run.id, act([spoiled])));
  expect(after.bench.tally).toMatchObject({ cut: 0, recuts: 1 });
  expect(problemOf(await recordAct(context, run.id, act([cut(pieceId, 1)])))).toMatchObject({
    kind: 'notTheCurrentCutting',
    current: 2,
  });
  const { passes } = valueOf(await planOfRun(context, run.id));
  expect(
    passes.map(({ no, patches }) => [
      no,
      patches.flatMap(({ pieces }) => pieces.map((piece) => [piece.pieceId, piece.attempt])),
    ]),
  ).toEqual([[2, [[pieceId, 2]]]]);
  const undone = valueOf(await recordAct(context, run.id, act([{ kind: 'undone', actId: after.bench.undo! }])));
  expect(undone.bench.tally).toMatchObject({ cut: 1, recuts: 0 });
  expect(valueOf(await planOfRun(context, run.id)).passes).toEqual([]);
});

test('a made pass keeps its bytes whatever is changed afterwards, and the bench says when the text differs', async () => {
  const { pass } = valueOf(await makeNextPass(context, run.id, null));
  const before = valueOf(await cutFile(context, run.id, pass.no));
  const entries = run.spec.entries.map((entry) => ({ ...entry, fields: { text: 'Changed' } }));
  const changed = changePlaceUse(
    changeRule({ ...run.spec, entries }, null, { kind: 'level', heightMm: 15 }),
    null,
    (place) => ({
      ...place,
      letteringId: 'stand-block',
      materials: { main: 'card-cream' },
    }),
  );
  valueOf(await saveSpec(context, run.id, 1, changed));
  expect(valueOf(await cutFile(context, run.id, pass.no))).toBe(before);
  // What was cut from film stays film at the bench, though the run would now take card.
  expect(await pieceNo(0)).toMatchObject({
    frozenText: ['Ottoline'],
    process: 'film',
    materialName: 'gold heat-transfer film',
  });
});

test('making passes: the id makes it repeatable, the numbers go up, and at the end nothing is left', async () => {
  const first = valueOf(await makeNextPass(context, run.id, 'apassfirst'));
  expect(valueOf(await makeNextPass(context, run.id, 'apassfirst'))).toEqual({ pass: first.pass, isRepeat: true });
  expect(first.pass).toMatchObject({ id: 'apassfirst', no: 1 });
  expect(problemOf(await makeNextPass(context, run.id, null))).toEqual({
    kind: 'nothingToMake',
    numStopped: 1,
    numTooLarge: 0,
  });
  expect(problemOf(await cutFile(context, run.id, 7))).toEqual({ kind: 'passNotFound', no: 7, lastNo: 1 });
});

test('passes made at the same moment have different numbers and share no piece', async () => {
  const names = Array.from({ length: 30 }, (_, i) => `Player ${'abcdefghijklmnopqrstuvwxyzäöüß'[i]}`);
  run = valueOf(await createRun(context, { title: 'Many', dueOn: null, list: names.join('\n') }));
  const made = await Promise.all([1, 2, 3].map(() => makeNextPass(context, run.id, null)));
  const passes = made.map((answer) => valueOf(answer).pass);
  expect(new Set(passes.map(({ no }) => no)).size).toBe(3);
  const pieces = passes.flatMap(({ patches }) => patches.flatMap(({ placed }) => placed.map(({ pieceId }) => pieceId)));
  expect(new Set(pieces).size).toBe(pieces.length);
});

test('many items in one act, pressed by place and layer, undone in one step by this station only', async () => {
  const items = (await bench()).items.slice(0, 3);
  const deeds = items.map(({ pieces: [piece] }): Deed => {
    const { itemId, placeId, layerId } = readPieceId(piece!.pieceId)!;
    return { kind: 'bonded', itemId, placeId, layerIds: [layerId], face: 'front' };
  });
  const { bench: after } = valueOf(await recordAct(context, run.id, act(deeds), MAY_MAKE));
  expect(after.tally.bonded).toBe(3);
  expect(valueOf(await benchOfRun(context, run.id, 'elsewhere')).undo).toBeNull();
  const undone = valueOf(await recordAct(context, run.id, act([{ kind: 'undone', actId: after.undo! }])));
  expect(undone.bench.tally).toMatchObject({ cut: 0, bonded: 0 });
  expect(undone.bench.redo).not.toBeNull();
});

test('a piece that lies in a pass of another film than the run takes now says which; what is only planned follows', async () => {
  valueOf(await recordAct(context, run.id, act([cut((await pieceNo(0)).pieceId)]), MAY_MAKE));
  const before = await bench();
  expect(before.items.map(({ pieces }) => pieces[0]!.filmNow)).toEqual([null, null, null, null]);
  const saved = valueOf(await getRun(context, run.id));
  const white = changeMaterial(saved.spec, null, 'film-white');
  valueOf(await saveSpec(context, run.id, saved.counter, white));
  const after = await bench();
  const told = after.items.map(({ pieces: [piece] }) => [piece!.passNo, piece!.materialName, piece!.filmNow]);
  for (const [passNo, name, now] of told) {
    if (passNo === null) expect([name, now]).toEqual(['white heat-transfer film', null]);
    else expect([name, now]).toEqual(['gold heat-transfer film', 'white heat-transfer film']);
  }
  expect(told.some(([passNo]) => passNo !== null)).toBe(true);
});

test('what the bench is told after each act is what it would read anew, also after undoing', async () => {
  let known = await bench();
  const apply = async (deeds: readonly Deed[]) => {
    const answer = valueOf(await recordAct(context, run.id, act(deeds), MAY_MAKE));
    expect(answer.bench.since).toBe(known.state);
    const changed = new Map(answer.bench.changed.map((item) => [item.itemId, item]));
    known = { ...(await bench()), items: known.items.map((item) => changed.get(item.itemId) ?? item) };
    expect(known.items).toEqual((await bench()).items);
    expect(answer.bench.tally).toEqual(known.tally);
    return answer.act.id;
  };
  const [first, second] = [await pieceNo(0), await pieceNo(1)];
  const itemId = readPieceId(first.pieceId)!.itemId;
  const cutId = await apply([cut(first.pieceId), cut(second.pieceId)]);
  await apply([{ kind: 'checked', itemId }]);
  const undoId = await apply([{ kind: 'undone', actId: cutId }]);
  expect(known.tally).toMatchObject({ cut: 1, checked: 1 });
  await apply([{ kind: 'undone', actId: undoId }]);
  expect(known.tally).toMatchObject({ cut: 2, checked: 1 });
});

test('size and colour are said where the blank has several, and only there', async () => {
  expect(new Set((await bench()).items.map(({ variantWords }) => variantWords))).toEqual(new Set(['']));
  const [copy, ...others] = run.spec.shop.blanks;
  const [variant] = copy!.value.variants;
  const second = { ...variant!, id: 'variant002', size: 'L', colour: { name: 'teal', hex: '#107070' } };
  const value = { ...copy!.value, variants: [{ ...variant!, size: 'M' }, second] };
  const spec = { ...run.spec, shop: { ...run.spec.shop, blanks: [{ ...copy!, value }, ...others] } };
  valueOf(await saveSpec(context, run.id, run.counter, spec));
  for (const { variantWords } of (await bench()).items) expect(variantWords).toMatch(/^M, /);
});
