import { mainPlace, putMaterialCopy } from '../edit';
import { runSpecSchema, specFaults } from '../spec';
import { aRun } from '../test';
import {
  type Material,
  DEFAULT_MATERIALS,
  MATERIAL_KINDS,
  NEW_MATERIAL,
  STARTER_MATERIALS,
  changeKind,
  finishOf,
  kindFacts,
  materialDifferences,
  materialSchema,
  shopIdSchema,
} from '.';

test('a bare shop has every kind in usual colours, each under an id and a name of its own', () => {
  expect(STARTER_MATERIALS.length).toBeGreaterThanOrEqual(40);
  expect(new Set(STARTER_MATERIALS.map(({ id }) => id)).size).toBe(STARTER_MATERIALS.length);
  expect(new Set(STARTER_MATERIALS.map(({ value }) => value.name)).size).toBe(STARTER_MATERIALS.length);
  expect(new Set(STARTER_MATERIALS.map(({ value }) => value.kind))).toEqual(new Set(MATERIAL_KINDS));
  for (const { id, value } of STARTER_MATERIALS) {
    expect(shopIdSchema.safeParse(id).success).toBe(true);
    expect(materialSchema.parse(value)).toEqual(value);
    expect(value.finest).toEqual(kindFacts(value.kind).finest);
  }
  // Every run begins with some of them, as they are.
  for (const copy of DEFAULT_MATERIALS) expect(STARTER_MATERIALS).toContainEqual(copy);
});

test('finishes are told apart, and most is plain', () => {
  expect(MATERIAL_KINDS.map((kind) => [kind, finishOf(kind)]).filter(([, finish]) => finish !== 'plain')).toEqual([
    ['metallicFilm', 'metal'],
    ['holographicFilm', 'metal'],
    ['glitterFilm', 'glitter'],
    ['flockFilm', 'flock'],
    ['patternedFilm', 'pattern'],
  ]);
});

test('how fine it is cut follows the kind until somebody chose otherwise', () => {
  const glitter = changeKind(NEW_MATERIAL, 'glitterFilm');
  expect(glitter).toEqual({ ...NEW_MATERIAL, kind: 'glitterFilm', finest: kindFacts('glitterFilm').finest });
  const own = { ...glitter, finest: { ...glitter.finest, gapMm: 1.1 } };
  expect(changeKind(own, 'flockFilm')).toEqual({ ...own, kind: 'flockFilm' });
});

test('two of a material differ in what is said of them, not in how it is kept', () => {
  const roll: Material = { ...NEW_MATERIAL, bought: { kind: 'roll', widthMm: 500, lengthMm: 5000 } };
  expect(materialDifferences(roll, { ...roll, bought: { lengthMm: 5000, widthMm: 500, kind: 'roll' } })).toEqual([]);
  expect(materialDifferences(roll, NEW_MATERIAL)).toEqual(['bought']);
  expect(materialDifferences(NEW_MATERIAL, roll)).toEqual(['bought']);
  expect(
    materialDifferences(roll, {
      ...roll,
      name: 'other',
      colour: { ...roll.colour, hex: '#000001' },
      finest: { ...roll.finest, holeMm: 3 },
      priceCents: 0,
      blade: '45°, 0.3',
    }),
  ).toEqual(['name', 'colour', 'finest', 'priceCents', 'blade']);
});

test('a material of the shop is copied into a run once, and the run stays sound', () => {
  const run = aRun(['Ann']);
  const copy = STARTER_MATERIALS.find(({ id }) => id === 'glitter-navy')!;
  const put = putMaterialCopy(run, copy);
  expect(put.shop.materials.at(-1)).toEqual(copy);
  expect(put.shop.materials).toHaveLength(run.shop.materials.length + 1);
  expect([runSpecSchema.safeParse(put).success, specFaults(put)]).toEqual([true, []]);
  const newer = { ...copy, fromRev: 3, value: { ...copy.value, note: 'thin' } };
  const again = putMaterialCopy(put, newer);
  expect(again.shop.materials.filter(({ id }) => id === copy.id)).toEqual([newer]);
  expect(again.shop.materials[0]).toBe(run.shop.materials[0]);
  expect(mainPlace(again).slots).toEqual(mainPlace(run).slots);
});
