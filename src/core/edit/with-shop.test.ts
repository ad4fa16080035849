import { runSpecSchema, specFaults } from '../spec';
import { DEFAULT_BEDS, DEFAULT_CARDS, DEFAULT_LETTERINGS, STARTER_MATERIALS } from '../shop';
import { aRun } from '../test';
import { changeLayout, withShop } from '.';

const shop = {
  materials: STARTER_MATERIALS,
  beds: DEFAULT_BEDS,
  letterings: DEFAULT_LETTERINGS,
  cards: DEFAULT_CARDS,
};
const isSound = (spec: ReturnType<typeof aRun>) => [runSpecSchema.safeParse(spec).success, specFaults(spec)];

test('a run of a bare shop is as it was', () => {
  const run = aRun(['Ann']);
  expect(withShop(run, shop)).toEqual(run);
});

test('a fresh run has its materials as the shop has them, every bed and every card', () => {
  const run = aRun(['Ann']);
  const changed = STARTER_MATERIALS.map((copy) =>
    copy.id === 'film-white' ? { ...copy, fromRev: 4, value: { ...copy.value, blade: 'shallow' } } : copy,
  );
  const bed = { id: 'offcut', fromRev: 1, value: { name: 'offcut', kind: 'bed' as const, widthMm: 90, heightMm: 60 } };
  const own = { ...DEFAULT_LETTERINGS[3]!, id: 'own-block', fromRev: 2 };
  const card = { ...DEFAULT_CARDS[3]!, id: 'own-card', fromRev: 1 };
  const taken = withShop(run, { materials: changed, beds: [...DEFAULT_BEDS, bed], letterings: [own], cards: [card] });
  expect(taken.shop.materials).toHaveLength(run.shop.materials.length);
  expect(taken.shop.materials.find(({ id }) => id === 'film-white')).toMatchObject({
    fromRev: 4,
    value: { blade: 'shallow' },
  });
  expect(taken.shop.beds.at(-1)).toEqual(bed);
  expect(taken.shop.cards).toEqual([card]);
  // What the fresh run is lettered with stays, though this shop has it no more.
  expect(taken.shop.letterings.map(({ id }) => id)).toEqual(['brass-script', 'own-block']);
  expect(isSound(taken)).toEqual([true, []]);
});

test('what the shop has taken out a fresh run does not offer, but keeps where it is used', () => {
  const run = changeLayout(aRun(['Ann']), { bedId: 'bed-small' });
  const bare = withShop(run, { materials: [], beds: DEFAULT_BEDS.slice(1), letterings: [], cards: [] });
  expect(bare.shop.letterings.map(({ id }) => id)).toEqual(['brass-script']);
  expect(bare.shop.materials.map(({ id }) => id)).toEqual(['film-gold']);
  expect(bare.shop.beds.map(({ id }) => id)).toEqual(['bed-small', 'bed-long', 'roll']);
  expect(isSound(bare)).toEqual([true, []]);
});
