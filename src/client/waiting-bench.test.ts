import type { Deed, NewAct } from '@/core/ledger';
import type { BenchView } from '@/services';
import { benchWith } from './waiting-bench';

const ITEM = 'aentry0001-ause000001-1';
const idOf = (layerId: string) => `${ITEM}-aplace0001-${layerId}-1`;
const piece = (layerId: string, passId: string) => ({
  pieceId: idOf(layerId),
  attempt: 1,
  stage: null,
  spoiledFor: null,
  placeId: 'aplace0001',
  layerId,
  passNo: 1,
  passId,
});
const bench = {
  items: [
    {
      itemId: ITEM,
      stage: 'open',
      numLost: 1,
      pieces: [piece('alayer0001', 'apass00001'), piece('alayer0002', 'apass00002')],
    },
  ],
  undo: null,
  redo: null,
} as unknown as BenchView;
const after = (...deeds: Deed[]) => {
  const act: NewAct = { id: 'act-1', by: { who: '', station: 's' }, at: '2027-01-01T08:00:00Z', deeds };
  const { items, undo } = benchWith(bench, [act], 's');
  return { stage: items[0]!.stage, numLost: items[0]!.numLost, pieces: items[0]!.pieces, undo };
};

test('what waits is decided on piece by piece, and the other pieces stay as they are', () => {
  const cut = after({ kind: 'cut', pieceId: idOf('alayer0001'), attempt: 1, passId: null });
  expect([cut.stage, cut.pieces.map(({ stage }) => stage), cut.undo]).toEqual(['open', ['cut', null], 'act-1']);
  const pieces = [{ pieceId: idOf('alayer0002'), attempt: 1 }];
  const spoiled = after({ kind: 'spoiled', pieces, blankLost: false, reason: 'crooked', note: '' });
  expect(spoiled.pieces.map(({ attempt, passNo, spoiledFor }) => [attempt, passNo, spoiledFor])).toEqual([
    [1, 1, null],
    [2, null, 'crooked'],
  ]);
  expect(spoiled.pieces[0]).toBe(bench.items[0]!.pieces[0]);
  expect(spoiled.numLost).toBe(1);
  expect(after({ kind: 'spoiled', pieces, blankLost: true, reason: 'crooked', note: '' }).numLost).toBe(2);
  const bonded = after({
    kind: 'bonded',
    itemId: ITEM,
    placeId: 'aplace0001',
    layerIds: ['alayer0002'],
    face: 'front',
  });
  expect(bonded.pieces.map(({ stage }) => stage)).toEqual([null, 'bonded']);
  const layerIds = ['alayer0001', 'alayer0002'];
  const whole = { itemId: ITEM, placeId: 'aplace0001', layerIds } as const;
  const again = after(
    { kind: 'bonded', ...whole, face: 'front' },
    { kind: 'pressedAgain', ...whole, layerIds: ['alayer0002'], attempts: [1], why: 'notBonded', seconds: 8 },
  );
  expect([again.stage, again.pieces.map(({ stage }) => stage)]).toEqual(['weeded', ['bonded', 'weeded']]);
  expect(after({ kind: 'packed', itemId: ITEM }).stage).toBe('packed');
});

test('a pass that is unmade takes its own pieces out of it, and no others', () => {
  const { pieces } = after({ kind: 'unmade', passId: 'apass00002' });
  expect(pieces.map(({ passNo, passId }) => [passNo, passId])).toEqual([
    [1, 'apass00001'],
    [null, null],
  ]);
  expect(benchWith(bench, [], 's')).toBe(bench);
});
