import { addBlank } from '../blanks';
import { type Copy, DEFAULT_LETTERINGS, type Lettering } from '../shop';
import { specFaults } from '../spec';
import { aRun, seededBytes, starterBlank } from '../test';
import {
  changeFilmBed,
  changeFilmColumn,
  changeLeastHeight,
  nameFilm,
  placeAt,
  putCardCopy,
  sizeWith,
  takeLettering,
} from '.';

const run = aRun(['Ann', 'Bo']);
const two = addBlank(run, starterBlank('cap'), seededBytes(3));
const [bag, cap] = two.uses;
const atOf = (use: typeof bag) => ({ useId: use!.id, placeId: use!.places[0]!.placeId, variantId: null });
const own: Copy<Lettering> = {
  id: 'own-lettering',
  fromRev: 4,
  value: {
    ...DEFAULT_LETTERINGS[0].value,
    name: 'own',
    layers: [
      { id: 'groundlaye', slot: 'main', make: { kind: 'text' } },
      { id: 'secondlaye', slot: 'second', make: { kind: 'text' } },
    ],
  },
};

test('a lettering of the shop is copied once, and every colour of it has a film', () => {
  const taken = takeLettering(two, atOf(cap), own);
  expect(taken.shop.letterings.filter(({ id }) => id === own.id)).toEqual([own]);
  const [, changed] = taken.uses;
  const film = cap!.places[0]!.materials.main!;
  expect(changed!.places[0]).toMatchObject({ letteringId: own.id, materials: { main: film, second: film } });
  expect(taken.uses[0]).toBe(two.uses[0]);
  expect(specFaults(taken)).toEqual([]);
  const again = takeLettering(taken, atOf(bag), { ...own, fromRev: 5 });
  // The run's own copy stays as it is.
  expect(again.shop.letterings.filter(({ id }) => id === own.id)).toEqual([own]);
  const named = {
    ...taken,
    uses: taken.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({ ...place, materials: { main: film, second: 'film-white' } })),
    })),
  };
  expect(takeLettering(named, atOf(bag), own).uses[0]!.places[0]!.materials).toEqual({
    main: film,
    second: 'film-white',
  });
});

test('only the lettering in use is changed, of the place that is named', () => {
  const taken = takeLettering(two, atOf(cap), own);
  const changed = changeLeastHeight(taken, atOf(cap), 33);
  const leasts = changed.shop.letterings.filter(({ value }) => value.minLetterHeightMm === 33).map(({ id }) => id);
  expect(leasts).toEqual([own.id]);
  expect(placeAt(two, atOf(cap)).use).toBe(cap);
  expect(placeAt(two, null).use).toBe(bag);
  expect(placeAt(two, { ...atOf(cap), useId: 'nosuchuse0' }).use).toBe(bag);
});

test('a place is sized by itself again under a rule of its own, which is as the common one was', () => {
  const [a, b] = [atOf(bag), atOf(cap)];
  const groupOf = (spec: typeof two, at: typeof a) => placeAt(spec, at).sizeGroup;
  const together = sizeWith(two, b, groupOf(two, a).id, seededBytes(1));
  expect(groupOf(together, b).id).toBe(groupOf(together, a).id);
  const apart = sizeWith(together, b, null, seededBytes(2));
  expect(groupOf(apart, b).id).not.toBe(groupOf(apart, a).id);
  expect(groupOf(apart, b)).toEqual({ ...groupOf(together, a), id: groupOf(apart, b).id });
});

test('a card of the shop takes the place of the run’s own, and no other', () => {
  const [first, second] = run.shop.cards;
  const newer = { ...second!, fromRev: 7, value: { ...second!.value, reason: 'tried' } };
  const taken = putCardCopy(run, newer);
  expect(taken.shop.cards.slice(0, 2)).toEqual([first, newer]);
  expect(taken.shop.cards).toHaveLength(run.shop.cards.length);
  expect(putCardCopy(run, { ...newer, id: 'unknown-card' }).shop.cards).toEqual(run.shop.cards);
});

test('a film has a bed of its own until it has the run’s again; the beds of others stay', () => {
  const one = changeFilmBed(run, 'film-gold', 'roll');
  const both = changeFilmBed(one, 'film-white', 'bed-long');
  expect(both.layout.beds).toEqual({ 'film-gold': 'roll', 'film-white': 'bed-long' });
  expect(changeFilmBed(both, 'film-gold', null).layout.beds).toEqual({ 'film-white': 'bed-long' });
  expect(changeFilmBed(both, 'film-gold', 'bed-long').layout.beds).toMatchObject({ 'film-gold': 'bed-long' });
});

test('a film that the run has already is not copied over its own', () => {
  const ruled = changeFilmColumn(run, null, { slot: 'main', field: 'colour', atHand: [] });
  const other = { ...run.shop.materials[1]!, fromRev: 9 };
  const named = nameFilm(ruled, null, { slot: 'main', value: 'white', film: other });
  expect(named.shop.materials).toBe(run.shop.materials);
  expect(named.uses[0]!.places[0]!.films!.main!.named).toEqual([{ value: 'white', materialId: other.id }]);
});
