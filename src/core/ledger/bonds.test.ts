import { type Act, type Deed, actSchema, foldActs, pieceStage } from '.';

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
const weeded = (attempt = 1): Deed => ({ kind: 'weeded', pieceId: PIECE, attempt, passId: null });
const bonded: Deed = { kind: 'bonded', itemId: ITEM, placeId: PLACE, layerIds: [LAYER], face: 'front' };
const checked: Deed = { kind: 'checked', itemId: ITEM };
const packed: Deed = { kind: 'packed', itemId: ITEM };
const spoiled = (attempt = 1): Extract<Deed, { kind: 'spoiled' }> => ({
  kind: 'spoiled',
  pieces: [{ pieceId: PIECE, attempt }],
  blankLost: false,
  reason: 'crooked',
  note: '',
});

describe('bonding names its cutting', () => {
  const other = 'blayer0002';
  const second = `${ITEM}-${PLACE}-${other}-1`;
  const bondBoth = (attempts?: readonly number[]): Deed =>
    ({ ...bonded, layerIds: [LAYER, other], ...(attempts ? { attempts } : {}) }) as Deed;
  const stages = (...list: Deed[]) => {
    const state = foldActs(ledger(...list));
    return [PIECE, second].map((id) => pieceStage(state, id));
  };

  test('a bond counts for the cutting that it names, layer by layer', () => {
    expect(stages(spoiled(), cut(2), bondBoth([2, 1]))).toEqual(['bonded', 'bonded']);
    // Sent late, of a cutting that was spoiled meanwhile: the next one is not bonded by it.
    expect(stages(spoiled(), cut(2), bondBoth([1, 1]))).toEqual(['cut', 'bonded']);
    expect(stages(bondBoth([1, 1]), spoiled())).toEqual([null, 'bonded']);
  });

  test('one of an earlier Knurl, which named none, counts for the cutting of then', () => {
    expect(stages(spoiled(), cut(2), bondBoth())).toEqual(['bonded', 'bonded']);
    expect(stages(bondBoth(), spoiled(), cut(2))).toEqual(['cut', 'bonded']);
  });

  test('letters of one layer that are pieces of their own are bonded each by itself', () => {
    const letter = (no: number) => `${ITEM}-${PLACE}-${LAYER}-${no}`;
    const three = (deed: Deed, attempts: readonly number[]): Deed =>
      ({ ...deed, layerIds: [LAYER, LAYER, LAYER], attempts, parts: [1, 2, 3] }) as Deed;
    const at = (...list: Deed[]) => {
      const state = foldActs(ledger(...list));
      return [1, 2, 3].map((no) => pieceStage(state, letter(no)));
    };
    const lost: Deed = {
      ...(spoiled() as Extract<Deed, { kind: 'spoiled' }>),
      pieces: [{ pieceId: letter(2), attempt: 1 }],
    };
    const bondAll = three(bonded as Deed, [1, 1, 1]);
    expect(at(bondAll)).toEqual(['bonded', 'bonded', 'bonded']);
    // One that came off is cut again, and its neighbours stay on; bonded it is only once that is said of its new cutting.
    expect(at(bondAll, lost)).toEqual(['bonded', null, 'bonded']);
    expect(at(bondAll, lost, { ...bonded, layerIds: [LAYER], attempts: [2], parts: [2] } as Deed)).toEqual([
      'bonded',
      'bonded',
      'bonded',
    ]);
    expect(at(lost, three(bonded as Deed, [1, 2, 1]), lost)).toEqual(['bonded', 'bonded', 'bonded']);
    const again = { kind: 'pressedAgain', itemId: ITEM, placeId: PLACE, why: 'edgeLifts', seconds: 8 } as const;
    expect(at(bondAll, { ...again, layerIds: [LAYER], attempts: [1], parts: [3] })).toEqual([
      'bonded',
      'bonded',
      'weeded',
    ]);
    expect(at({ ...bonded, layerIds: [LAYER], attempts: [1] } as Deed)).toEqual(['bonded', null, null]);
  });

  test('the back is kept apart from the front', () => {
    const { bonded: front, bondedBack } = foldActs(ledger(cut(), { ...bonded, face: 'back' } as Deed));
    expect([front.size, [...bondedBack.pieceIds()]]).toEqual([0, [`${ITEM}-${PLACE}-${LAYER}-1`]]);
    expect(foldActs(ledger(cut(), weeded(), checked, packed)).bondedBack.size).toBe(0);
  });

  test('the schema takes as many attempts as a bond has layers, from one on', () => {
    const [act] = ledger({ ...bonded, attempts: [3] } as Deed);
    expect(act!.deeds).toEqual([{ ...bonded, attempts: [3] }]);
    const withOffset = { ...act!, receivedAt: '2026-01-01T10:00:00+02:00' };
    expect(actSchema.parse(withOffset).receivedAt).toBe(withOffset.receivedAt);
  });
});
