import { type Act, type Deed, actSchema, foldActs, itemIdsTouched, itemWork, sentActSchema } from '.';

const ITEM = 'aentry0001-ause000001-1';
const PLACE = 'aplace0001';
const LAYER = 'alayer0001';
const PIECE = `${ITEM}-${PLACE}-${LAYER}-1`;
const AT = '2026-01-01T10:00:00Z';

const ledger = (...deeds: readonly Deed[]): Act[] =>
  deeds.map((deed, i) => {
    const by = { who: '', station: 'bench' };
    return actSchema.parse({ id: `act-${i + 1}-xxxx`, seq: i + 1, by, at: AT, receivedAt: AT, deeds: [deed] });
  });
const cut = (attempt = 1): Deed => ({ kind: 'cut', pieceId: PIECE, attempt, passId: null });
const bonded: Deed = { kind: 'bonded', itemId: ITEM, placeId: PLACE, layerIds: [LAYER], face: 'front' };
const checked: Deed = { kind: 'checked', itemId: ITEM };
const packed: Deed = { kind: 'packed', itemId: ITEM };
const spoiled = (): Deed => ({
  kind: 'spoiled',
  pieces: [{ pieceId: PIECE, attempt: 1 }],
  blankLost: false,
  reason: 'not bonded',
  note: '',
});
const undo = (no: number): Deed => ({ kind: 'undone', actId: `act-${no}-xxxx` });
const again = (seconds: number, why: 'notBonded' | 'edgeLifts' = 'notBonded', attempt = 1): Deed => ({
  kind: 'pressedAgain',
  itemId: ITEM,
  placeId: PLACE,
  layerIds: [LAYER],
  attempts: [attempt],
  why,
  seconds,
});

test('what does not hold is weeded again, unmarked as a whole, and its seconds are counted by cutting', () => {
  const work = (...list: readonly Deed[]) => {
    const { stage, pieces } = itemWork(foldActs(ledger(...list)), ITEM, [PIECE]);
    return [stage, pieces[0]!.again];
  };
  expect(work(cut(), bonded)).toEqual(['bonded', null]);
  expect(work(cut(), bonded, again(8))).toEqual(['weeded', { times: 1, seconds: 8 }]);
  expect(work(bonded, packed, again(8))).toEqual(['weeded', { times: 1, seconds: 8 }]);
  expect(work(bonded, checked, again(8))[0]).toBe('weeded');
  expect(work(cut(), again(8), again(5, 'edgeLifts'), bonded)).toEqual(['bonded', { times: 2, seconds: 13 }]);
  // What is bought ready-made was never weeded.
  const bought = itemWork(foldActs(ledger(bonded, again(8))), ITEM, [PIECE], (stage) => stage === 'bonded');
  expect([bought.stage, bought.pieces[0]!.stage]).toEqual(['open', null]);
  // Taken back, it never was.
  expect(work(cut(), bonded, again(8), undo(3))).toEqual(['bonded', null]);
  // Another cutting begins at nothing.
  expect(work(cut(), again(8), spoiled(), cut(2))).toEqual(['cut', null]);
  const second = { ...bonded, attempts: [2] } as Deed;
  expect(work(again(8), spoiled(), second)).toEqual(['bonded', null]);
  expect(work(again(8), spoiled(), second, again(4, 'notBonded', 2))).toEqual(['weeded', { times: 1, seconds: 4 }]);
  expect(itemIdsTouched(ledger(again(8))[0]!, () => undefined)).toEqual(new Set([ITEM]));
  const isRight = (seconds: number) =>
    sentActSchema.safeParse({ ...ledger(cut())[0], deeds: [again(seconds)] }).success;
  expect([0, 1, 900, 901].map(isRight)).toEqual([false, true, true, false]);
});
