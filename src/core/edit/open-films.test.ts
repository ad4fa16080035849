import { type Copy, type Material, NEW_MATERIAL } from '../shop';
import { type RunSpec, runSpecSchema, specFaults } from '../spec';
import { aRun } from '../test';
import { filmsOfColour, leaveFilmOpen, placeAt, putMaterialCopy, settleFilm } from '.';

const film = (id: string, part: Partial<Material>): Copy<Material> => ({
  id,
  fromRev: 1,
  value: { ...NEW_MATERIAL, name: id, kind: 'standardFilm', colour: { name: 'Gold', hex: '#c9a227' }, ...part },
});
const finest = (strokeMm: number, gapMm: number, holeMm: number) => ({ finest: { strokeMm, gapMm, holeMm } });

const sunny = film('sunny', finest(1, 0.8, 1.4));
const shiny = film('shiny', { kind: 'metallicFilm', ...finest(1.2, 0.6, 1.2) });
const striped = film('striped', { colour: { name: 'gold ', hex: '#d0a000' }, pattern: 'across', ...finest(0.9, 1, 1) });
const sticky = film('sticky', { kind: 'adhesiveFilm' });
const white = film('white', { colour: { name: 'white', hex: '#ffffff' } });
const atHand = [white, sunny, shiny, striped, sticky];

const start = putMaterialCopy(aRun(['Bo', 'Ann']), sunny);
const cutFrom = (run: RunSpec) => placeAt(run, null).slots.map(({ materialId }) => materialId);
const spec = {
  ...start,
  uses: start.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({ ...place, materials: { main: 'sunny' } })),
  })),
};

test('films of one colour are those of its name or of its very shade, bonded alike', () => {
  expect(filmsOfColour(sunny.value, atHand).map(({ id }) => id)).toEqual(['sunny', 'shiny', 'striped']);
  expect(filmsOfColour(white.value, atHand)).toEqual([white]);
});

test('left open, a colour asks for what the most demanding of its films does', () => {
  const open = leaveFilmOpen(spec, null, 'main', atHand);
  expect(specFaults(runSpecSchema.parse(open) as RunSpec)).toEqual([]);
  expect(cutFrom(open)).toEqual(['any-gold']);
  const { material } = placeAt(open, null).slots[0]!;
  expect(material).toMatchObject({
    name: 'whatever of Gold is there',
    // Nothing goes over metallic film.
    kind: 'metallicFilm',
    pattern: 'across',
    finest: { strokeMm: 1.2, gapMm: 1, holeMm: 1.4 },
    open: true,
    bought: null,
  });
  // What is open already, or is no colour of the lettering, stays; another place of that colour shares it.
  expect(leaveFilmOpen(open, null, 'main', atHand)).toBe(open);
  expect(leaveFilmOpen(spec, null, 'border', atHand)).toBe(spec);
  const back = {
    ...open,
    uses: spec.uses,
  };
  const again = leaveFilmOpen(back, null, 'main', atHand);
  expect([cutFrom(again), again.shop.materials.length]).toEqual([['any-gold'], open.shop.materials.length]);
});

test('of films that bear others and films that do not, the coarsest of the latter says the kind', () => {
  const kinds = (...films: Copy<Material>[]) =>
    placeAt(leaveFilmOpen(spec, null, 'main', films), null).slots.map(({ material }) => material.kind);
  const soft = film('soft', { kind: 'flockFilm', ...finest(2, 1, 1) });
  const glitter = film('glitter', { kind: 'glitterFilm', ...finest(1.8, 1, 1) });
  const stretch = film('stretch', { kind: 'stretchFilm', ...finest(3, 1, 1) });
  expect(kinds(sunny, glitter, soft, stretch)).toEqual(['flockFilm']);
  expect(kinds(sunny, stretch)).toEqual(['stretchFilm']);
});

test('its id is free, whatever the colour is called', () => {
  const taken = putMaterialCopy(spec, film('any-gold', {}));
  expect(cutFrom(leaveFilmOpen(taken, null, 'main', atHand))).toEqual(['any-gold-2']);
  const odd = putMaterialCopy(spec, film('sunny', { colour: { name: 'жёлтый', hex: '#c9a227' } }));
  expect(cutFrom(leaveFilmOpen(odd, null, 'main', atHand))).toEqual(['any-colour']);
});

test('settled, it is that film wherever it was open, and no longer asked for', () => {
  const open = leaveFilmOpen(spec, null, 'main', atHand);
  const settled = settleFilm(open, 'any-gold', shiny);
  expect(cutFrom(settled)).toEqual(['any-gold']);
  expect(placeAt(settled, null).slots[0]!.material).toEqual(shiny.value);
  expect(settleFilm(settled, 'any-gold', sunny)).toBe(settled);
  expect(settleFilm(spec, 'sunny', shiny)).toBe(spec);
  expect(settleFilm(spec, 'gone', shiny)).toBe(spec);
});
