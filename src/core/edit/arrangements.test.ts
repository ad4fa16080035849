import { contrastOf } from '../colour';
import { aRun, seededBytes } from '../test';
import {
  addLayer,
  arrangementsFor,
  changeFilmColumn,
  changeMaterial,
  changePlace,
  placeAt,
  setLetters,
  takeArrangement,
} from '.';

const random = seededBytes(8);
const spec = aRun(['Odalys', 'Bo']);
const bordered = addLayer(spec, null, 'border', random);
const hexOf = (id: string) => spec.shop.materials.find((one) => one.id === id)!.value.colour.hex;

test('as it is stands first, and what others there are is told better from the blank and from each other than any that is not', () => {
  const [asItIs, ...others] = arrangementsFor(bordered, null);
  expect(asItIs!.materials).toEqual({ border: 'film-white', main: 'film-gold' });
  const blank = placeAt(bordered, null).variant.colour.hex;
  const films = spec.shop.materials.filter(({ value }) => value.kind === 'standardFilm').map(({ id }) => id);
  const least = (border: string, main: string) =>
    Math.min(contrastOf(hexOf(border), blank), contrastOf(hexOf(main), hexOf(border)));
  for (const { materials, least: told } of [asItIs!, ...others]) {
    expect(told.difference).toBeCloseTo(least(materials.border!, materials.main!), 9);
  }
  const left = films.flatMap((border) =>
    films.flatMap((main) => (border === 'film-white' && main === 'film-gold' ? [] : least(border, main))),
  );
  expect(others[0]!.least.difference).toBeCloseTo(Math.max(...left), 9);
  // Gold on white and white on gold: there are two such films.
  expect(others.map(({ materials }) => materials)).toEqual([{ border: 'film-gold', main: 'film-white' }]);
});

test('its least told pair is named, on the blank as well', () => {
  const alike = changeMaterial(spec, null, 'film-white');
  expect(arrangementsFor(alike, null)[0]!.least).toEqual({
    film: 'white',
    ground: 'black',
    difference: contrastOf('#f7f5ee', placeAt(spec, null).variant.colour.hex),
    isHard: false,
  });
  const same = takeArrangement(bordered, null, { border: 'film-white', main: 'film-white' });
  expect(arrangementsFor(same, null)[0]!.least).toEqual({
    film: 'white',
    ground: 'white',
    difference: 0,
    isHard: true,
  });
});

test('one is taken with all of its films', () => {
  const [, other] = arrangementsFor(bordered, null);
  const taken = takeArrangement(bordered, null, other!.materials);
  expect(placeAt(taken, null).placeUse.materials).toEqual({ border: 'film-gold', main: 'film-white' });
  expect(arrangementsFor(taken, null)[1]!.materials).toEqual(arrangementsFor(bordered, null)[0]!.materials);
});

test('what the list says by a column stays, and with nothing else of its kind there is nothing to choose', () => {
  const byList = changeFilmColumn(spec, null, { slot: 'main', field: 'text', atHand: [] });
  expect(arrangementsFor(byList, null)).toHaveLength(1);
  expect(arrangementsFor(changeMaterial(spec, null, 'film-glitter'), null)).toHaveLength(1);
});

test('what is drawn has no film', () => {
  const drawn = setLetters(spec, null, { slot: 'main', are: 'draw' }, random);
  expect(arrangementsFor(drawn, null).map(({ materials }) => materials)).toEqual([{ card: 'card-cream' }]);
});

test('a card as large as its place is the item: only what lies on it is told apart', () => {
  const drawn = setLetters(bordered, null, { slot: 'main', are: 'draw' }, random);
  const onCard = {
    ...spec,
    shop: {
      ...spec.shop,
      letterings: spec.shop.letterings.map((copy) => ({
        ...copy,
        value: {
          ...copy.value,
          layers: [
            {
              id: 'cardlayera',
              slot: 'card',
              make: { kind: 'backing', body: 'place', distance: { by: 'mm', mm: 1 }, hole: null } as const,
            },
            ...copy.value.layers,
          ],
        },
      })),
    },
    uses: spec.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({ ...place, materials: { main: 'film-gold', card: 'card-cream' } })),
    })),
  } as typeof spec;
  const whole = (run: typeof spec) =>
    changePlace(run, null, (place) => ({ ...place, outline: placeAt(run, null).variant.body }));
  const leastOf = (run: typeof spec) => arrangementsFor(run, null)[0]!.least;
  expect(leastOf(whole(onCard))).toMatchObject({ film: 'gold', ground: 'cream' });
  const alone = setLetters(spec, null, { slot: 'main', are: 'draw' }, random);
  expect(leastOf(whole(alone))).toMatchObject({ difference: 100, isHard: false });
  // A patch is told from what it lies on.
  expect(leastOf(alone)).toMatchObject({ film: 'cream', ground: 'black' });
  expect(arrangementsFor(drawn, null)[0]!.least).toMatchObject({ film: 'white', ground: 'black' });
});

test('of very many films each colour has its first ones tried, and no more ways than that', () => {
  const gold = spec.shop.materials.find(({ id }) => id === 'film-gold')!;
  const films = Array.from({ length: 400 }, (_, i) => {
    const hex = `#${(i * 40_503).toString(16).padStart(6, '0').slice(-6)}`;
    return { ...gold, id: `film-more-${i}`, value: { ...gold.value, colour: { name: hex, hex } } };
  });
  const more = { ...bordered, shop: { ...bordered.shop, materials: [...bordered.shop.materials, ...films] } };
  const all = arrangementsFor(more, null);
  expect(all).toHaveLength(4);
  const told = all.slice(1).map(({ least }) => least.difference);
  expect(told).toEqual([...told].sort((a, b) => b - a));
  expect(told[0]!).toBeGreaterThan(all[0]!.least.difference);
  // 70 of each: 70 times 70 is less than five thousand.
  const tried = new Set(
    more.shop.materials
      .filter(({ value }) => value.kind === 'standardFilm')
      .slice(0, 70)
      .map(({ id }) => id),
  );
  for (const { materials } of all.slice(1)) for (const id of Object.values(materials)) expect(tried.has(id)).toBe(true);
});

test('each has other letters than those before it as long as there are any', () => {
  const more = ['#aa2222', '#22aa22', '#2222aa', '#dddd22'].reduce<typeof spec>((run, hex, i) => {
    const gold = run.shop.materials.find(({ id }) => id === 'film-gold')!;
    const copy = { ...gold, id: `film-more-${i}`, value: { ...gold.value, name: hex, colour: { name: hex, hex } } };
    return { ...run, shop: { ...run.shop, materials: [...run.shop.materials, copy] } };
  }, bordered);
  const all = arrangementsFor(more, null);
  expect(all).toHaveLength(4);
  expect(new Set(all.map(({ materials }) => materials.main)).size).toBe(4);
});
