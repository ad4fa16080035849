import fc from 'fast-check';
import { type Act, type Deed, foldActs, foldFurther, itemIdsTouched, itemWork, lastDeedOf } from '.';

const ITEMS = [1, 2, 3].map((no) => `aentry000${no}-ause000001-1`);
const [PLACE, LAYER] = ['aplace0001', 'alayer0001'];
const pieceOf = (itemId: string) => `${itemId}-${PLACE}-${LAYER}-1`;

const deed = fc
  .tuple(
    fc.constantFrom('cut', 'weeded', 'bonded', 'back', 'again', 'checked', 'packed', 'spoiled', 'unmade', 'undone'),
    fc.constantFrom(...ITEMS),
    fc.integer({ min: 1, max: 3 }),
    fc.integer({ min: 1, max: 12 }),
  )
  .map(([kind, itemId, attempt, no]): Deed => {
    const pieceId = pieceOf(itemId);
    const at = { itemId, placeId: PLACE!, layerIds: [LAYER!], attempts: [attempt] };
    switch (kind) {
      case 'cut':
      case 'weeded':
        return { kind, pieceId, attempt, passId: null };
      case 'bonded':
        return { kind: 'bonded', ...at, face: 'front' };
      case 'back':
        return { kind: 'bonded', itemId, placeId: PLACE!, layerIds: [LAYER!], face: 'back' };
      case 'again':
        return { kind: 'pressedAgain', ...at, why: 'edgeLifts', seconds: 10 };
      case 'spoiled':
        return { kind, pieces: [{ pieceId, attempt }], blankLost: no % 2 === 0, reason: 'torn', note: '' };
      case 'unmade':
        return { kind, passId: 'apassmade1' };
      case 'undone':
        return { kind, actId: `act-${no}` };
      default:
        return { kind: kind as 'checked' | 'packed', itemId };
    }
  });

const ledger = fc
  .array(fc.tuple(fc.array(deed, { minLength: 1, maxLength: 3 }), fc.boolean()), { maxLength: 14 })
  .map((acts): Act[] =>
    acts.map(([deeds, isBench], i) => ({
      id: `act-${i + 1}`,
      seq: i + 1,
      by: { who: '', station: isBench ? 'bench' : 'press' },
      at: '',
      receivedAt: '',
      deeds,
      ...(i % 5 === 4 ? { unmade: [`apass000${i % 10}`] } : {}),
    })),
  );

/** All that can be asked of a state. */
function asked(state: ReturnType<typeof foldActs>) {
  return {
    works: ITEMS.map((itemId) => itemWork(state, itemId, [pieceOf(itemId)])),
    unmade: [...state.unmade].sort(),
    back: ITEMS.map((itemId) => [1, 2, 3].map((no) => state.bondedBack.has(`${itemId}-${PLACE}-${LAYER}`, no))),
    sizes: [state.cut.size, state.weeded.size, state.bonded.size, state.spoiled.size],
  };
}

test('a ledger that goes on comes to the same as one folded from its beginning, and the state before stays as it was', () => {
  let numFurther = 0;
  fc.assert(
    fc.property(ledger, fc.nat(), (acts, at) => {
      const known = acts.slice(0, at % (acts.length + 1));
      const before = foldActs(known);
      const asBefore = asked(before);
      const rest = acts.slice(known.length);
      const further = foldFurther(before, rest);
      const takesBack = rest.some(({ deeds }) => deeds.some(({ kind }) => kind === 'undone'));
      expect(further === null).toBe(takesBack);
      if (further) numFurther++;
      if (further) expect(asked(further)).toEqual(asked(foldActs(acts)));
      expect(asked(before)).toEqual(asBefore);
    }),
    { numRuns: 400, seed: 16 },
  );
  expect(numFurther).toBeGreaterThan(50);
});

/** As it is said: the last working act that counts, and the last undo that counts and takes no undo back, if it came after that. */
function undoableByWords(acts: readonly Act[], station: string) {
  const undoneBy = (act: Act) => act.deeds.flatMap((one) => (one.kind === 'undone' ? [one.actId] : []));
  const counts = (act: Act): boolean =>
    !acts.some((other) => other.seq > act.seq && undoneBy(other).includes(act.id) && counts(other));
  const byId = (id: string) => acts.find((act) => act.id === id);
  const mine = acts.filter((act) => act.by.station === station && counts(act));
  const undo = mine.filter((act) => undoneBy(act).length === 0).at(-1) ?? null;
  const isRedo = (act: Act) =>
    undoneBy(act).some((id) => {
      const target = byId(id);
      return target !== undefined && target.seq < act.seq && undoneBy(target).length > 0;
    });
  const last = mine.filter((act) => undoneBy(act).length > 0 && !isRedo(act)).at(-1) ?? null;
  return { undo: undo?.id ?? null, redo: last && (!undo || undo.seq < last.seq) ? last.id : null };
}

test('what undo and redo take back is what their words say, whatever was undone and done again', () => {
  fc.assert(
    fc.property(ledger, (acts) => {
      for (const station of ['bench', 'press']) {
        const { undo, redo } = lastDeedOf(acts, station);
        expect({ undo: undo?.id ?? null, redo: redo?.id ?? null }).toEqual(undoableByWords(acts, station));
      }
    }),
    { numRuns: 600, seed: 16 },
  );
});

test('twenty thousand undos of undos are read to their beginning', () => {
  const chain = Array.from({ length: 20_000 }, (_, i): Act => {
    const deeds: Deed[] = i === 0 ? [{ kind: 'checked', itemId: ITEMS[0]! }] : [{ kind: 'undone', actId: `act-${i}` }];
    return { id: `act-${i + 1}`, seq: i + 1, by: { who: '', station: 'bench' }, at: '', receivedAt: '', deeds };
  });
  const byId = new Map(chain.map((act) => [act.id, act]));
  expect([...itemIdsTouched(chain.at(-1)!, (id) => byId.get(id))]).toEqual([ITEMS[0]]);
  expect(foldActs(chain).checked.size).toBe(0);
  expect(foldActs(chain.slice(0, -1)).checked.size).toBe(1);
  expect(lastDeedOf(chain, 'bench')).toMatchObject({ undo: null });
});
