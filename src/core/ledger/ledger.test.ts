import fc from 'fast-check';
import {
  type Act,
  type Deed,
  actSchema,
  actsInForce,
  currentAttempt,
  entryIdsNamed,
  ITEM_STAGES,
  type ItemStage,
  type ItemWork,
  effectsOf,
  foldActs,
  isMarked,
  itemIdsTouched,
  itemStageIndex,
  itemWork,
  lastDeedOf,
  leastStage,
  passIdsTouched,
  pieceStage,
  sentActSchema,
  tallyOf,
} from '.';

const ITEM = 'aentry0001-ause000001-1';
const PLACE = 'aplace0001';
const LAYER = 'alayer0001';
const PIECE = `${ITEM}-${PLACE}-${LAYER}-1`;

function ledger(...list: readonly (Deed | readonly Deed[] | { station: string; deed: Deed })[]): Act[] {
  return list.map((entry, i) => {
    const station = 'station' in entry ? entry.station : 'bench';
    const deeds = 'deed' in entry ? [entry.deed] : Array.isArray(entry) ? entry : [entry as Deed];
    const at = '2026-01-01T10:00:00Z';
    return actSchema.parse({
      id: `act-${i + 1}-xxxx`,
      seq: i + 1,
      by: { who: '', station },
      at,
      receivedAt: at,
      deeds,
    });
  });
}

const cut = (attempt = 1): Deed => ({ kind: 'cut', pieceId: PIECE, attempt, passId: null });
const weeded = (attempt = 1): Deed => ({ kind: 'weeded', pieceId: PIECE, attempt, passId: null });
const bonded: Deed = { kind: 'bonded', itemId: ITEM, placeId: PLACE, layerIds: [LAYER], face: 'front' };
const checked: Deed = { kind: 'checked', itemId: ITEM };
const packed: Deed = { kind: 'packed', itemId: ITEM };
const spoiled = (attempt = 1): Deed => ({
  kind: 'spoiled',
  pieces: [{ pieceId: PIECE, attempt }],
  blankLost: false,
  reason: 'crooked',
  note: '',
});
const undo = (no: number): Deed => ({ kind: 'undone', actId: `act-${no}-xxxx` });

const stageAfter = (...list: Deed[]) => itemWork(foldActs(ledger(...list)), ITEM, [PIECE]).stage;

test('stages follow the deeds, and a later stage includes the earlier ones', () => {
  expect(stageAfter()).toBe('open');
  expect(stageAfter(cut())).toBe('cut');
  expect(stageAfter(cut(), weeded())).toBe('weeded');
  expect(stageAfter(bonded)).toBe('bonded');
  expect(stageAfter(bonded, checked)).toBe('checked');
  expect(stageAfter(packed)).toBe('packed');
});

test('a blank that went with what was spoiled is counted once for its item, and comes back with the undoing', () => {
  const other = PIECE.replace(/-1$/, '-2');
  const lost: Deed = {
    ...spoiled(),
    pieces: [
      { pieceId: PIECE, attempt: 1 },
      { pieceId: other, attempt: 1 },
    ],
    blankLost: true,
  } as Deed;
  const numLost = (...list: Deed[]) => itemWork(foldActs(ledger(...list)), ITEM, [PIECE, other]).numLost;
  expect(numLost(spoiled())).toBe(0);
  expect(numLost(lost)).toBe(1);
  expect(numLost(lost, { ...lost, pieces: [{ pieceId: PIECE, attempt: 2 }] } as Deed)).toBe(2);
  expect(numLost(lost, undo(1))).toBe(0);
  expect(effectsOf(lost).map(({ kind }) => kind)).toEqual(['spoil', 'spoil', 'lose']);
});

test('pressing the back alone is not a stage', () => {
  expect(stageAfter(cut(), { ...bonded, face: 'back' } as Deed)).toBe('cut');
});

test('a spoiled piece starts again as the next cutting, with the reason, and takes the item’s marks with it', () => {
  const state = foldActs(ledger(cut(), weeded(), bonded, checked, packed, spoiled()));
  expect(itemWork(state, ITEM, [PIECE])).toEqual({
    itemId: ITEM,
    stage: 'open',
    numLost: 0,
    pieces: [{ pieceId: PIECE, attempt: 2, stage: null, spoiledFor: 'crooked', again: null }],
  });
  expect(tallyOf([itemWork(state, ITEM, [PIECE])])).toMatchObject({ items: 1, cut: 0, recuts: 1 });
  expect(stageAfter(cut(), spoiled(), cut(2), weeded(2))).toBe('weeded');
});

test('spoiling the same cutting twice costs one recut', () => {
  const state = foldActs(ledger(cut(), spoiled(), cut(2), bonded, spoiled()));
  expect(currentAttempt(state, PIECE)).toBe(2);
  expect(pieceStage(state, PIECE)).toBe('bonded');
});

test('an item is as far as its slowest piece', () => {
  const other = `${ITEM}-${PLACE}-blayer0002-1`;
  const state = foldActs(ledger([cut(), weeded()]));
  expect(itemWork(state, ITEM, [PIECE, other]).stage).toBe('open');
  expect(itemWork(state, ITEM, []).stage).toBe('open');
});

test('undo takes an act back, redo brings it again, and both are acts', () => {
  expect(stageAfter(cut(), weeded(), undo(2))).toBe('cut');
  expect(stageAfter(cut(), weeded(), undo(2), undo(3))).toBe('weeded');
  expect(stageAfter(cut(), weeded(), undo(2), undo(3), undo(4))).toBe('cut');
  expect(stageAfter(cut(), spoiled(), undo(2))).toBe('cut');
});

test('undo and redo walk back and forth like in a text editor, each station on its own', () => {
  const acts = ledger(cut(), { station: 'other', deed: checked }, weeded());
  expect(lastDeedOf(acts, 'bench').undo?.seq).toBe(3);
  expect(lastDeedOf(acts, 'other').undo?.seq).toBe(2);
  expect(lastDeedOf(acts, 'nobody')).toEqual({ undo: null, redo: null });
  const once = ledger(cut(), weeded(), undo(2));
  expect(lastDeedOf(once, 'bench')).toMatchObject({ undo: { seq: 1 }, redo: { seq: 3 } });
  const twice = ledger(cut(), weeded(), undo(2), undo(1));
  expect(lastDeedOf(twice, 'bench')).toMatchObject({ undo: null, redo: { seq: 4 } });
  const redone = ledger(cut(), weeded(), undo(2), undo(1), undo(4));
  expect(lastDeedOf(redone, 'bench')).toMatchObject({ undo: { seq: 1 }, redo: { seq: 3 } });
  const workedOn = ledger(cut(), weeded(), undo(2), bonded);
  expect(lastDeedOf(workedOn, 'bench')).toMatchObject({ undo: { seq: 4 }, redo: null });
});

test('undoing everything in any order of steps leaves nothing in force but undoing', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(cut(), weeded(), bonded, checked), { minLength: 1, maxLength: 8 }),
      (deeds) => {
        let acts = ledger(...deeds);
        for (let undone = lastDeedOf(acts, 'bench').undo; undone; undone = lastDeedOf(acts, 'bench').undo) {
          acts = ledger(...acts.map(({ deeds: kept }) => kept), { kind: 'undone', actId: undone.id });
        }
        expect(acts).toHaveLength(deeds.length * 2);
        expect(actsInForce(acts).every(({ deeds: [deed] }) => deed?.kind === 'undone')).toBe(true);
        expect(itemWork(foldActs(acts), ITEM, [PIECE]).stage).toBe('open');
      },
    ),
  );
});

test('entries named by any act are known, also by undone ones', () => {
  expect([...entryIdsNamed(ledger(cut(), undo(1)))]).toEqual(['aentry0001']);
  expect([...entryIdsNamed(ledger(spoiled()))]).toEqual(['aentry0001']);
});

test('the tally counts items by how far they are at least, and pieces that wait to be cut again', () => {
  const items = fc.array(
    fc.record({
      stage: fc.constantFrom(...ITEM_STAGES),
      pieces: fc.array(
        fc.record({
          pieceId: fc.constant(PIECE),
          attempt: fc.integer({ min: 1, max: 3 }),
          stage: fc.constantFrom(null, 'cut' as const),
          spoiledFor: fc.constant(null),
          again: fc.constant(null),
        }),
        { maxLength: 3 },
      ),
      numLost: fc.constant(0),
      itemId: fc.constant(ITEM),
    }),
  );
  fc.assert(
    fc.property(items, (all: ItemWork[]) => {
      const tally = tallyOf(all);
      const order: readonly ItemStage[] = ['cut', 'weeded', 'bonded', 'checked', 'packed'];
      expect(tally.items).toBe(all.length);
      for (const [i, stage] of order.entries()) {
        const reached = all.filter((item) => order.slice(i).includes(item.stage));
        expect(tally[stage as 'cut']).toBe(reached.length);
      }
      let recuts = 0;
      for (const item of all) {
        if (item.stage === 'checked' || item.stage === 'packed') continue;
        for (const { attempt, stage } of item.pieces) if (attempt !== 1 && stage === null) recuts++;
      }
      expect(tally.recuts).toBe(recuts);
    }),
  );
});

test('what is least far decides', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...ITEM_STAGES), { minLength: 1 }), (stages) => {
      const least = leastStage(stages);
      expect(stages).toContain(least);
      expect(stages.every((stage) => itemStageIndex(stage) >= itemStageIndex(least))).toBe(true);
    }),
  );
  expect(leastStage([])).toBe('open');
});

test('an act touches the items that it names, and those of the acts that it takes back or brings again', () => {
  const [there, else_] = ['aentry0001-ause000001-2', 'bentry0002-ause000001-1'];
  const acts = ledger(
    [cut(), { kind: 'checked', itemId: there! }],
    { ...bonded, itemId: else_! } as Deed,
    undo(1),
    undo(3),
    // Of itself and of what comes after it, nothing.
    undo(5),
    undo(7),
    packed,
    spoiled(),
  );
  const find = (id: string) => acts.find((act) => act.id === id);
  const touched = acts.map((act) => [...itemIdsTouched(act, find)].sort());
  expect(touched).toEqual([[ITEM, there], [else_], [ITEM, there], [ITEM, there], [], [], [ITEM], [ITEM]]);
  expect([...entryIdsNamed(acts)].sort()).toEqual(['aentry0001', 'bentry0002']);
});

test('an act that answers nothing beforehand says no; what is written in it has least and most', () => {
  const sent = (deed: object, more: object = {}) =>
    sentActSchema.safeParse({
      id: 'act-1-xxxx',
      by: { who: '', station: 's' },
      at: '2026-01-01T10:00:00Z',
      deeds: [deed],
      ...more,
    });
  expect(sent(checked).data).toMatchObject({ mayMake: false, notCut: false });
  expect(sent(checked, { mayMake: true, notCut: true }).data).toMatchObject({ mayMake: true, notCut: true });
  const spoiledFor = (reason: string) => sent({ ...spoiled(), reason }).success;
  expect(['', ' ', 'x', 'x'.repeat(200), 'x'.repeat(201)].map(spoiledFor)).toEqual([false, false, true, true, false]);
  const undoing = (actId: string) => sent({ kind: 'undone', actId }).success;
  expect(['', 'a', 'a'.repeat(64), 'a'.repeat(65)].map(undoing)).toEqual([false, true, true, false]);
  const unmaking = (passId: string) => sent({ kind: 'unmade', passId }).success;
  expect(['apass00001', '1pass00001', 'apass'].map(unmaking)).toEqual([true, false, false]);
});

test('unmaking counts as long as it is not undone, said by a deed or by the act that took something back', () => {
  const passId = 'apass00001';
  const unmade: Deed = { kind: 'unmade', passId };
  expect([...foldActs(ledger(unmade)).unmade]).toEqual([passId]);
  expect([...foldActs(ledger(unmade, undo(1))).unmade]).toEqual([]);
  expect([...foldActs(ledger(unmade, undo(1), undo(2))).unmade]).toEqual([passId]);
  const [first, second] = ledger(cut(), undo(1));
  const acts = [first!, { ...second!, unmade: [passId] }];
  expect([...foldActs(acts).unmade]).toEqual([passId]);
  const find = (id: string) => acts.find((act) => act.id === id);
  expect([...passIdsTouched(acts[1]!, find)]).toEqual([passId]);
  const [, , redo] = ledger(cut(), undo(1), undo(2));
  expect([...passIdsTouched(redo!, find)]).toEqual([passId]);
  expect([...passIdsTouched(first!, find)]).toEqual([]);
});

test('a cutting is marked by whatever says that it was in hand, and by nothing that speaks of another', () => {
  const marked = (attempt: number, ...list: Deed[]) => isMarked(foldActs(ledger(...list)), PIECE, attempt);
  const back = { ...bonded, face: 'back' } as Deed;
  const again = { ...bonded, kind: 'pressedAgain', attempts: [1], why: 'notBonded', seconds: 8 } as Deed;
  for (const deed of [cut(), weeded(), bonded, back, again, spoiled(), checked, packed])
    expect(marked(1, deed)).toBe(true);
  expect([marked(1), marked(2, cut()), marked(2, spoiled()), marked(1, checked, undo(1))]).toEqual(
    Array(4).fill(false),
  );
  // An item that is checked after a recut was checked with the second cutting.
  expect([marked(1, spoiled(), checked), marked(2, spoiled(), checked)]).toEqual([true, true]);
  expect(marked(2, checked)).toBe(false);
});
