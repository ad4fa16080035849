import { resetSlot, resolveSlots } from '../resolve';
import { specFaults, runSpecSchema } from '../spec';
import { aRun, seededBytes } from '../test';
import {
  addBorder,
  bordersOf,
  changeBorder,
  changePlaceUse,
  dropBorder,
  mayAddBorder,
  placeAt,
  setOverrides,
  withShop,
} from '.';

const random = seededBytes(3);
const spec = aRun(['Odalys', 'Bo']);
const bordersIn = (run: typeof spec) => bordersOf(placeAt(run, null).lettering);

test('a first border lies under the letters, in a film that is told from them and from the blank', () => {
  const one = addBorder(spec, null, random);
  expect(specFaults(runSpecSchema.parse(one) as typeof spec)).toEqual([]);
  const { lettering, placeUse } = placeAt(one, null);
  expect(lettering.layers.map(({ slot, make }) => [slot, make.kind])).toEqual([
    ['border', 'border'],
    ['main', 'text'],
  ]);
  expect(bordersIn(one)[0]!.make).toEqual({ kind: 'border', distance: { by: 'mm', mm: 1.5 }, fillsUnderMm: 1 });
  // Gold letters on a black bag.
  expect(placeUse.materials).toEqual({ main: 'film-gold', border: 'film-white' });
});

test('a further one is wider, lies below it and has a name of its own; there is room for so many', () => {
  let run = addBorder(addBorder(spec, null, random), null, random);
  expect(bordersIn(run).map(({ slot, make }) => [slot, make.distance])).toEqual([
    ['border 2', { by: 'mm', mm: 3 }],
    ['border', { by: 'mm', mm: 1.5 }],
  ]);
  while (mayAddBorder(placeAt(run, null).lettering)) run = addBorder(run, null, random);
  expect(bordersIn(run)).toHaveLength(7);
  expect(addBorder(run, null, random)).toBe(run);
  expect(specFaults(run)).toEqual([]);
});

test('one that grows with the letters is followed by one that does', () => {
  const one = addBorder(spec, null, random);
  const { id } = bordersIn(one)[0]!;
  const grows = changeBorder(one, null, id, { distance: { by: 'height', share: 0.07 } });
  expect(bordersIn(addBorder(grows, null, random))[0]!.make.distance).toEqual({ by: 'height', share: 0.14 });
  expect(bordersIn(grows)[0]!.make.fillsUnderMm).toBe(1);
});

test('taken away it is gone, and letters are never taken for one', () => {
  const one = addBorder(spec, null, random);
  const [border, letters] = placeAt(one, null).lettering.layers;
  expect(placeAt(dropBorder(one, null, border!.id), null).lettering).toEqual(placeAt(spec, null).lettering);
  expect(placeAt(dropBorder(one, null, letters!.id), null).lettering.layers).toHaveLength(2);
  expect(placeAt(changeBorder(one, null, letters!.id, { fillsUnderMm: 3 }), null).lettering).toEqual(
    placeAt(one, null).lettering,
  );
});

test('whoever comes to a lettering with a border later has a film for it, chosen for the place or for one text', () => {
  const bordered = addBorder(
    changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'heavy-slab' })),
    null,
    random,
  );
  const back = {
    ...bordered,
    uses: bordered.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({ ...place, letteringId: 'brass-script', materials: { main: 'film-gold' } })),
    })),
  };
  const chosen = changePlaceUse(back, null, (place) => ({ ...place, letteringId: 'heavy-slab' }));
  expect(placeAt(chosen, null).placeUse.materials).toEqual({ main: 'film-gold', border: 'film-gold' });
  const at = { entryId: spec.entries[0]!.id, useId: spec.uses[0]!.id, placeId: spec.uses[0]!.places[0]!.placeId };
  const own = setOverrides(back, [at as never], { kind: 'lettering', letteringId: 'heavy-slab' }, random);
  expect(specFaults(own)).toEqual([]);
  expect(setOverrides(back, [at as never], { kind: 'width', share: 0.9 }, random).uses).toBe(back.uses);
});

test('taken away, its film and its column go with it: nobody is asked for a film of what is not there', () => {
  const letters = { field: 'letters', named: [] };
  const one = addBorder(spec, null, random);
  const asked = changePlaceUse(
    { ...one, entries: one.entries.map((entry) => ({ ...entry, fields: { ...entry.fields, letters: 'teal' } })) },
    null,
    (place) => ({ ...place, films: { border: letters } }),
  );
  const stops = (run: typeof spec) =>
    resolveSlots(run).flatMap(({ findings }) =>
      findings.flatMap((one) => (one.kind === 'filmMissing' ? [one.slot] : [])),
    );
  expect(stops(asked)).toEqual(['border', 'border']);
  const [border] = bordersIn(asked);
  const without = dropBorder(asked, null, border!.id);
  expect(stops(without)).toEqual([]);
  const { materials, films } = placeAt(without, null).placeUse;
  expect([materials, films]).toEqual([{ main: 'film-gold' }, {}]);
});

test('a rule for a colour that the lettering does not have asks nothing; letters of a film of their own leave the border its column', () => {
  const said = {
    ...spec,
    entries: spec.entries.map((entry) => ({ ...entry, fields: { ...entry.fields, letters: 'teal' } })),
  };
  const rule = { field: 'letters', named: [] };
  const stops = (run: typeof spec) =>
    resolveSlots(run).flatMap(({ findings }) =>
      findings.flatMap((one) => (one.kind === 'filmMissing' ? [one.slot] : [])),
    );
  const stale = changePlaceUse(said, null, (place) => ({
    ...place,
    materials: { ...place.materials, gone: 'film-white' },
    films: { gone: rule },
  }));
  expect(stops(stale)).toEqual([]);
  const both = changePlaceUse(addBorder(said, null, random), null, (place) => ({
    ...place,
    films: { main: rule, border: rule },
  }));
  const at = { entryId: spec.entries[0]!.id, useId: spec.uses[0]!.id, placeId: spec.uses[0]!.places[0]!.placeId };
  const own = setOverrides(both, [at as never], { kind: 'material', materialId: 'film-flock' }, random);
  expect(stops(own)).toEqual(['border', 'main', 'border']);
  const [first] = resolveSlots(own);
  expect(first!.layers.map(({ materialId }) => materialId)).toEqual(['film-white', 'film-flock']);
});

test('a lettering with a border can be tried at a place that has no film for it yet, and be what a shop begins with', () => {
  const slab = changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'heavy-slab' }));
  const bordered = addBorder(slab, null, random);
  const plain = {
    ...bordered,
    uses: bordered.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({ ...place, letteringId: 'brass-script', materials: { main: 'film-gold' } })),
    })),
  };
  const [slot] = resolveSlots(plain);
  const tried = resetSlot(plain, slot!, { letteringId: 'heavy-slab' });
  expect(tried.layers.map(({ materialId }) => materialId)).toEqual(['film-gold', 'film-gold']);
  const shop = { ...spec.shop, letterings: addBorder(spec, null, random).shop.letterings };
  expect(specFaults(withShop(spec, shop))).toEqual([]);
});
