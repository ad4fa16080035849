import { readFileSync } from 'node:fs';
import { addBlank } from '../blanks';
import { aRun, seededBytes, starterBlank } from '../test';
import {
  type RunSpec,
  bedRoomOf,
  bedsOf,
  edgeOf,
  filmValues,
  filmsOf,
  isOnce,
  materialIdsOf,
  mayTurn,
  runSpecSchema,
  specFaults,
  upgradeSpec,
  withoutBlank,
} from '.';

const run = aRun(['Ann', 'Bo', 'Cy']);
const place = run.uses[0]!.places[0]!;
const rule = {
  field: 'colour',
  named: [
    { value: 'White', materialId: 'film-white' },
    { value: 'navy', materialId: 'film-stretch' },
  ],
};
const of = (colour: string | undefined, films: object = { main: rule }) =>
  filmsOf(
    { materials: { main: 'film-gold' }, films: films as never },
    { fields: colour === undefined ? {} : { colour } },
  );

test('a slot is cut from what its column names, however it is written; nothing said is the place’s own', () => {
  expect(['WHITE ', 'Navy', '', ' - ', undefined].map((colour) => of(colour).materials.main)).toEqual([
    'film-white',
    'film-stretch',
    'film-gold',
    'film-gold',
    'film-gold',
  ]);
  expect(of('plum')).toEqual({
    materials: { main: 'film-gold' },
    missing: [{ slot: 'main', field: 'colour', said: 'plum' }],
  });
  expect(of('white').missing).toEqual([]);
  // A rule of a colour that the lettering does not have says nothing.
  expect(of('plum', { second: rule })).toEqual({ materials: { main: 'film-gold' }, missing: [] });
  expect(filmsOf({ materials: place.materials }, { fields: { colour: 'plum' } })).toEqual({
    materials: place.materials,
    missing: [],
  });
  expect(materialIdsOf({ materials: { main: 'film-gold' }, films: { main: rule } })).toEqual([
    'film-gold',
    'film-white',
    'film-stretch',
  ]);
});

test('what a column says of those who get the blank, unnamed words first, empty cells never', () => {
  const entries = run.entries.map((entry, i) => ({
    ...entry,
    fields: { ...entry.fields, colour: ['white', 'plum', ''][i]! },
  }));
  expect(filmValues({ entries }, run.uses[0]!, rule)).toEqual([
    { value: 'plum', numEntries: 1, materialId: null },
    { value: 'white', numEntries: 1, materialId: 'film-white' },
  ]);
});

const withBed = (part: object): RunSpec => ({
  ...run,
  shop: {
    ...run.shop,
    beds: [
      ...run.shop.beds,
      { id: 'own', fromRev: 1, value: { name: 'own', kind: 'bed', widthMm: 200, heightMm: 100, ...part } },
    ],
  },
});
const layout = (spec: RunSpec, part: Partial<RunSpec['layout']>): RunSpec => ({
  ...spec,
  layout: { ...spec.layout, ...part },
});

test('a film has its own bed, a leftover also one for the rest; the others go by the run’s', () => {
  const own = layout(withBed({ once: true }), { beds: { 'film-gold': 'own' } });
  expect(bedsOf(own, 'film-gold').map(({ id }) => id)).toEqual(['own', run.layout.bedId]);
  expect(bedsOf(own, 'film-white').map(({ id }) => id)).toEqual([run.layout.bedId]);
  expect(bedsOf(own, null).map(({ id }) => id)).toEqual([run.layout.bedId]);
  expect([isOnce({ once: true }), isOnce({ once: false }), isOnce({})]).toEqual([true, false, false]);
  expect([
    edgeOf({ edgeMm: 5 }, {}),
    edgeOf({ edgeMm: 5 }, { marginMm: 8 }),
    edgeOf({ edgeMm: 5 }, { marginMm: 3 }),
  ]).toEqual([5, 8, 5]);
  const rooms = bedRoomOf(own);
  expect(Object.keys(rooms.byMaterial)).toEqual(['film-gold']);
  expect(rooms.byMaterial['film-gold']).toMatchObject({ name: 'own', widthMm: 190, heightMm: 90, mayTurn: true });
  expect(rooms.byMaterial['film-gold']!.rest).toMatchObject({ widthMm: 280, heightMm: 280 });
  expect(rooms.usual).toMatchObject({ widthMm: 280, rest: null });
  // What is left over is none of the others.
  expect(rooms.byMaterial['film-gold']!.others.map(({ name }) => name)).toEqual(['long bed', 'roll without a bed']);
});

test('a film whose pattern runs one way is not turned, and has a room of its own', () => {
  const patterned: RunSpec = {
    ...run,
    shop: {
      ...run.shop,
      materials: run.shop.materials.map((copy) =>
        copy.id === 'film-gold' ? { ...copy, value: { ...copy.value, pattern: 'along' as const } } : copy,
      ),
    },
  };
  expect(['film-gold', 'film-white', null].map((id) => mayTurn(patterned, id))).toEqual([false, true, true]);
  expect(mayTurn(layout(run, { mayTurn: false }), 'film-white')).toBe(false);
  expect(Object.keys(bedRoomOf(patterned).byMaterial)).toEqual(['film-gold']);
  expect(bedRoomOf(patterned).byMaterial['film-gold']!.mayTurn).toBe(false);
  expect(Object.keys(bedRoomOf(run).byMaterial)).toEqual([]);
});

test('whoever gets one of several blanks is not without any', () => {
  const two = addBlank(run, starterBlank('cap'), seededBytes(3));
  const [bag, cap] = two.uses;
  const some = { ...two, uses: [bag!, { ...cap!, who: { kind: 'chosen' as const, entryIds: [] } }] };
  expect(withoutBlank(some, null)).toEqual([]);
});

test('a size and colour has to be one of its blank, and every one that a column may take has to be measured', () => {
  const [use] = run.uses;
  const fixed = (variantId: string): RunSpec =>
    ({ ...run, uses: [{ ...use!, variant: { kind: 'fixed', variantId } }] }) as never;
  expect(specFaults(fixed('novariant0'))[0]).toEqual({
    kind: 'unknownId',
    field: 'uses.0.variant.variantId',
    id: 'novariant0',
  });
  const [copy] = run.shop.blanks;
  const [variant] = copy!.value.variants;
  const bare = { ...variant!, id: 'barevarian', size: 'XL', places: {} };
  const blanks = [{ ...copy!, value: { ...copy!.value, variants: [variant!, bare] } }];
  const more = { ...run, shop: { ...run.shop, blanks } } as RunSpec;
  // Nobody takes the bare one while all take the first.
  expect(specFaults(more)).toEqual([]);
  const byColumn = { kind: 'byColumn' as const, sizeField: 'size', colourField: null };
  expect(specFaults({ ...more, uses: [{ ...use!, variant: byColumn }] }).map(({ field }) => field)).toEqual([
    'uses.0.places.0.placeId',
  ]);
});

test('a run keeps at least one material, a seed from zero, and what is none of an older one is left', () => {
  const isRight = (part: object) => runSpecSchema.safeParse({ ...run, ...part }).success;
  const [first] = run.shop.materials;
  expect(isRight({ shop: { ...run.shop, materials: [first] } })).toBe(true);
  expect(isRight({ shop: { ...run.shop, materials: [] } })).toBe(false);
  expect([0, -1].map((seed) => isRight({ layout: { ...run.layout, seed } }))).toEqual([true, false]);
  const old = JSON.parse(readFileSync('e2e/fixtures/step-1a/garment-bags.knurl.json', 'utf8')).spec;
  const [blank] = old.shop.blanks;
  const odd = { ...blank, value: { ...blank.value, variants: [7, { places: 3 }, ...blank.value.variants] } };
  const { shop } = upgradeSpec({ ...old, shop: { ...old.shop, blanks: [odd] } }) as RunSpec;
  const [seven, broken, whole] = shop.blanks[0]!.value.variants as readonly unknown[];
  expect([seven, broken]).toEqual([7, { places: 3 }]);
  expect(whole).toMatchObject({ stock: { onHand: 0 } });
});
