import { fabricFacts, DEFAULT_BLANK, DEFAULT_CARDS, type Blank, valueDifferences } from '@/core/shop';
import { blankDifferences, cardDifferences } from './difference-words';

const words = { lengths: { exact: (mm: number) => `${mm} mm` }, heats: { heat: (celsius: number) => `${celsius} °C` } };
const told = (own: Blank, shop: Blank) =>
  blankDifferences(own, shop, words).map(({ name, here, there }) => `${name}: ${here} / ${there}`);

const { value: bag } = DEFAULT_BLANK;
const withBody = (widthMm: number, part: Partial<Blank> = {}): Blank => ({
  ...bag,
  ...part,
  variants: bag.variants.map((variant) => ({ ...variant, body: { ...variant.body, widthMm } })),
});

test('each value that differs is told with both of its states, by size, place and what it is', () => {
  expect(told(bag, bag)).toEqual([]);
  const [variant] = bag.variants;
  expect(told(withBody(600), withBody(610))).toEqual([
    `${variant!.size}, ${variant!.colour.name}, width: 600 mm / 610 mm`,
  ]);
  const drop = (dropMm: number): Blank => ({
    ...bag,
    variants: bag.variants.map((one) => ({
      ...one,
      places: Object.fromEntries(
        Object.entries(one.places).map(([id, place]) => [id, { ...place, datum: { ...place.datum, dropMm } }]),
      ),
    })),
  });
  expect(told(drop(100), drop(90))).toEqual([
    `${variant!.size}, ${variant!.colour.name}, ${bag.places[0]!.name}, drop: 100 mm / 90 mm`,
  ]);
  expect(told({ ...bag, bearsC: null, fabricClass: null }, { ...bag, bearsC: 150, fabricClass: 'nylon' })).toEqual([
    `pressed like: not said / ${fabricFacts('nylon').words}`,
    'bears: not said / 150 °C',
  ]);
  expect(told({ ...bag, preparation: [] }, { ...bag, preparation: ['clean', 'preWash'] })).toEqual([
    'preparation: none / clean, preWash',
  ]);
  // A word is said as it stands.
  expect(told({ ...bag, fabric: 'felt' }, { ...bag, fabric: 'nylon' })).toEqual(['fabric: felt / nylon']);
  // What is on hand is the shop's own affair.
  const counted = bag.variants.map((one) => ({ ...one, stock: { ...one.stock, onHand: 77 } }));
  expect(told(bag, { ...bag, variants: counted })).toEqual([]);
  const more = { ...bag, places: [...bag.places, { ...bag.places[0]!, id: 'pocketplac', name: 'pocket' }] } as Blank;
  expect(told(bag, more)).toEqual(['pocket: not there / set']);
});

test('of a card each value of its ranges is told by itself', () => {
  const { value: card } = DEFAULT_CARDS[0]!;
  const other = {
    ...card,
    heatC: { ...card.heatC, chosen: card.heatC.chosen + 1 },
    seconds: { ...card.seconds, most: 99 },
    peels: ['cold' as const],
  };
  expect(cardDifferences(card, other, words).map(({ name, there }) => [name, there])).toEqual([
    ['heat, taken', `${card.heatC.chosen + 1} °C`],
    ['seconds, most', '99 s'],
    ['peel', 'cold'],
  ]);
});

test('differences are found wherever they stand: by key, by id in lists, a list of words as one', () => {
  const of = (own: unknown, other: unknown) => valueDifferences(own, other).map(({ path }) => path.join('.'));
  expect(of({ a: 1, b: { c: 2 } }, { b: { c: 2 }, a: 1 })).toEqual([]);
  expect(of({ a: 1, b: { c: 2, d: 3 } }, { a: 2, b: { c: 2 } })).toEqual(['a', 'b.d']);
  expect(
    of(
      [
        { id: 'x', n: 1 },
        { id: 'y', n: 1 },
      ],
      [
        { id: 'y', n: 2 },
        { id: 'x', n: 1 },
      ],
    ),
  ).toEqual(['y.n']);
  expect(of({ list: ['a'] }, { list: ['b', 'c'] })).toEqual(['list']);
  expect(of({ a: null }, { a: { b: 1 } })).toEqual(['a']);
  expect(of([{ id: 'x' }, 3], [{ id: 'x' }, 4])).toEqual(['']);
});
