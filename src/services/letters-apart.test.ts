import { changePlaceUse, setApart } from '@/core/edit';
import type { Deed, NewAct } from '@/core/ledger';
import {
  type RunView,
  benchOfRun,
  createRun,
  cutFile,
  fitsOfRun,
  makeNextPass,
  planOfRun,
  recordAct,
  releaseRun,
  saveSpec,
} from '.';
import type { Context } from './context';
import { aContext, problemOf, removeFolders, valueOf } from './test/a-context';

let context: Context;
let run: RunView;
beforeAll(async () => {
  context = await aContext(11);
  const { spec, ...made } = valueOf(await createRun(context, { title: 'Quay flags', dueOn: null, list: 'Una\nNaun' }));
  const block = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'stand-block' }));
  const apart = setApart(block, null, { slot: 'main', isApart: true });
  run = valueOf(await saveSpec(context, made.id, made.counter, apart));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

let actNo = 0;
const record = (deeds: readonly Deed[]) => {
  const act: NewAct = {
    id: `letters-act-${++actNo}`,
    by: { who: '', station: 'quay' },
    at: '2026-05-04T09:00:00Z',
    deeds,
  };
  return recordAct(context, run.id, act, { mayMake: false, notCut: false });
};
const items = async () => valueOf(await benchOfRun(context, run.id, 'quay')).items;

test('letters are laid out, released, cut, marked and cut again each by itself', async () => {
  valueOf(await releaseRun(context, run.id, { id: 'released77', by: { who: 'Juno', station: 'quay' } }));
  const { passes } = valueOf(await planOfRun(context, run.id));
  expect(passes.flatMap(({ patches }) => patches.flatMap(({ pieces }) => pieces))).toHaveLength(7);
  const { pass } = valueOf(await makeNextPass(context, run.id, null));
  const svg = valueOf(await cutFile(context, run.id, pass.no));
  const groups = [...svg.matchAll(/<g id="piece-([^"]+)"/g)].map(([, id]) => id);
  expect(new Set(groups).size).toBe(7);
  const [una, naun] = await items();
  expect(una!.pieces.map(({ letter, stage }) => [letter, stage])).toEqual([
    ['U', null],
    ['n', null],
    ['a', null],
  ]);
  expect([...groups].sort()).toEqual([...una!.pieces, ...naun!.pieces].map(({ pieceId }) => pieceId).sort());
  const cut = una!.pieces.map(({ pieceId, attempt }): Deed => ({ kind: 'cut', pieceId, attempt, passId: pass.id }));
  valueOf(await record(cut));
  const [piece] = una!.pieces;
  const { itemId } = una!;
  const bond = (parts: readonly number[], attempts: readonly number[]): Deed => ({
    kind: 'bonded',
    itemId,
    placeId: piece!.placeId,
    layerIds: parts.map(() => piece!.layerId),
    attempts: [...attempts],
    parts: [...parts],
    face: 'front',
  });
  expect(problemOf(await record([bond([4], [1])]))).toMatchObject({ kind: 'unknownTarget', what: 'item' });
  valueOf(await record([bond([1, 2, 3], [1, 1, 1])]));
  expect((await items())[0]!.stage).toBe('bonded');
  const torn = una!.pieces[1]!;
  valueOf(
    await record([
      {
        kind: 'spoiled',
        pieces: [{ pieceId: torn.pieceId, attempt: 1 }],
        blankLost: false,
        reason: 'came off',
        note: '',
      },
    ]),
  );
  const [after] = await items();
  expect([after!.stage, after!.pieces.map(({ stage, attempt }) => [stage, attempt])]).toEqual([
    'open',
    [
      ['bonded', 1],
      [null, 2],
      ['bonded', 1],
    ],
  ]);
  const again = valueOf(await planOfRun(context, run.id));
  expect(
    again.passes.flatMap(({ patches }) => patches.flatMap(({ pieces }) => pieces.map(({ pieceId }) => pieceId))),
  ).toEqual([torn.pieceId]);
});

test('another program is told each letter with where it lies, and which piece it is', async () => {
  const { fits } = valueOf(await fitsOfRun(context, run.id));
  const [una] = await items();
  const [{ layers }] = fits as [(typeof fits)[number]];
  expect(layers.map(({ letters }) => letters?.map(({ letter, pieceId }) => [letter, pieceId]))).toEqual([
    una!.pieces.map(({ letter, pieceId }) => [letter, pieceId]),
  ]);
  const lefts = layers[0]!.letters!.map(({ spot }) => spot!.xMm);
  expect(lefts).toEqual([...lefts].sort((a, b) => a - b));
  expect(layers[0]!.letters!.every(({ frozen }) => frozen !== null)).toBe(true);
});
