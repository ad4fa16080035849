import { resetSlot, resolveSlots } from '../resolve';
import { letteringSchema } from '../shop';
import { specFaults, runSpecSchema } from '../spec';
import { aRun, seededBytes } from '../test';
import {
  addLayer,
  changeLayer,
  changeLineWidth,
  changePlaceUse,
  dropLayer,
  lettersAre,
  mayAddLayer,
  placeAt,
  changeUnder,
  setLetters,
  setOverrides,
  shapeLayersOf,
  withShop,
} from '.';

const random = seededBytes(3);
const spec = aRun(['Odalys', 'Bo']);
const bordersIn = (run: typeof spec) => shapeLayersOf(placeAt(run, null).lettering);

test('a first border lies under the letters, in a film that is told from them and from the blank', () => {
  const one = addLayer(spec, null, 'border', random);
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
  let run = addLayer(addLayer(spec, null, 'border', random), null, 'border', random);
  expect(bordersIn(run).map(({ slot, make }) => [slot, make.distance])).toEqual([
    ['border 2', { by: 'mm', mm: 3 }],
    ['border', { by: 'mm', mm: 1.5 }],
  ]);
  while (mayAddLayer(placeAt(run, null).lettering)) run = addLayer(run, null, 'border', random);
  expect(bordersIn(run)).toHaveLength(7);
  expect(addLayer(run, null, 'border', random)).toBe(run);
  expect(specFaults(run)).toEqual([]);
});

test('one that grows with the letters is followed by one that does', () => {
  const one = addLayer(spec, null, 'border', random);
  const { id, make } = bordersIn(one)[0]!;
  const grows = changeLayer(one, null, id, { ...make, distance: { by: 'height', share: 0.07 } });
  expect(bordersIn(addLayer(grows, null, 'border', random))[0]!.make.distance).toEqual({ by: 'height', share: 0.14 });
  expect(bordersIn(grows)[0]!.make).toEqual({ ...make, distance: { by: 'height', share: 0.07 } });
});

test('taken away it is gone, and letters are never taken for one', () => {
  const one = addLayer(spec, null, 'border', random);
  const [border, letters] = placeAt(one, null).lettering.layers;
  expect(placeAt(dropLayer(one, null, border!.id), null).lettering).toEqual(placeAt(spec, null).lettering);
  expect(placeAt(dropLayer(one, null, letters!.id), null).lettering.layers).toHaveLength(2);
  const { make } = bordersIn(one)[0]!;
  expect(placeAt(changeLayer(one, null, letters!.id, make), null).lettering).toEqual(placeAt(one, null).lettering);
});

test('whoever comes to a lettering with a border later has a film for it, chosen for the place or for one text', () => {
  const bordered = addLayer(
    changePlaceUse(spec, null, (place) => ({ ...place, letteringId: 'heavy-slab' })),
    null,
    'border',
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
  const one = addLayer(spec, null, 'border', random);
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
  const without = dropLayer(asked, null, border!.id);
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
  const both = changePlaceUse(addLayer(said, null, 'border', random), null, (place) => ({
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
  const bordered = addLayer(slab, null, 'border', random);
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
  const shop = { ...spec.shop, letterings: addLayer(spec, null, 'border', random).shop.letterings };
  expect(specFaults(withShop(spec, shop))).toEqual([]);
});

const kindsIn = (run: typeof spec) => placeAt(run, null).lettering.layers.map(({ slot, make }) => [slot, make.kind]);

test('what lies under the letters comes below all, what lies on them above', () => {
  const kinds = ['castEdge', 'inside', 'backing', 'border', 'inside'] as const;
  const run = kinds.reduce((now, kind) => addLayer(now, null, kind, random), spec);
  expect(kindsIn(run)).toEqual([
    ['border', 'border'],
    ['backing', 'backing'],
    ['edge', 'castEdge'],
    ['main', 'text'],
    ['inside', 'inside'],
    ['inside 2', 'inside'],
  ]);
  expect(specFaults(runSpecSchema.parse(run) as typeof spec)).toEqual([]);
  // The first border stays the first, whatever else is there.
  expect(bordersIn(run)[0]!.make).toMatchObject({ kind: 'border', distance: { by: 'mm', mm: 1.5 } });
  expect(Object.keys(placeAt(run, null).placeUse.materials).sort()).toEqual(
    ['main', 'border', 'backing', 'edge', 'inside', 'inside 2'].sort(),
  );
});

test('what becomes of a layer below others is said and taken back; it stays of its kind', () => {
  const one = addLayer(spec, null, 'backing', random);
  const [{ id, make }] = bordersIn(one) as [ReturnType<typeof bordersIn>[number]];
  const cut = changeUnder(one, null, id, { kind: 'trap', mm: 2 });
  expect(placeAt(cut, null).lettering.layers[0]!.under).toEqual({ kind: 'trap', mm: 2 });
  expect(placeAt(changeUnder(cut, null, id, null), null).lettering).toEqual(placeAt(one, null).lettering);
  const other = { kind: 'inside', distance: make.distance, lineMm: null } as const;
  expect(placeAt(changeLayer(cut, null, id, other), null).lettering).toEqual(placeAt(cut, null).lettering);
});

test('letters left open in a plate are one layer of what they were cut from, and are cut again as before', () => {
  const bordered = addLayer(spec, null, 'border', random);
  const plate = setLetters(bordered, null, { slot: 'main', are: 'plate' }, seededBytes(9));
  expect(kindsIn(plate)).toEqual([
    ['border', 'border'],
    ['main', 'plate'],
  ]);
  expect(specFaults(runSpecSchema.parse(plate) as typeof spec)).toEqual([]);
  expect(resolveSlots(plate)[0]!.layers.map(({ materialId }) => materialId)).toEqual(['film-white', 'film-gold']);
  // It goes by turning it back alone.
  const [, { id }] = bordersIn(plate) as [unknown, ReturnType<typeof bordersIn>[number]];
  expect(dropLayer(plate, null, id)).toBe(plate);
  expect(setLetters(plate, null, { slot: 'main', are: 'plate' }, seededBytes(9))).toBe(plate);
  expect(placeAt(setLetters(plate, null, { slot: 'main', are: 'cut' }, seededBytes(9)), null).lettering).toEqual(
    placeAt(bordered, null).lettering,
  );
});

describe('letters that are drawn', () => {
  const drawn = setLetters(spec, null, { slot: 'main', are: 'draw' }, random);
  const toolsIn = (run: typeof spec) => placeAt(run, null).lettering.layers.map(({ slot, tool }) => [slot, tool?.by]);
  const are = (run: typeof spec) => lettersAre(placeAt(run, null).lettering, 'main');

  test('get a card as large as their place to be drawn on, and need no film', () => {
    expect(specFaults(runSpecSchema.parse(drawn) as typeof spec)).toEqual([]);
    expect(toolsIn(drawn)).toEqual([
      ['card', undefined],
      ['main', 'draw'],
    ]);
    expect(bordersIn(drawn)[0]!.make).toMatchObject({ kind: 'backing', body: 'place', hole: null });
    expect(placeAt(drawn, null).slots.map(({ slot, materialId }) => [slot, materialId])).toEqual([
      ['card', 'card-cream'],
    ]);
    expect(are(drawn)).toBe('draw');
    expect(setLetters(drawn, null, { slot: 'main', are: 'draw' }, random)).toBe(drawn);
  });

  test('lie on what there is: a backing that is cut whole, or a border', () => {
    const bordered = setLetters(addLayer(spec, null, 'border', random), null, { slot: 'main', are: 'mark' }, random);
    expect(toolsIn(bordered)).toEqual([
      ['border', undefined],
      ['main', 'mark'],
    ]);
    const under = changeUnder(
      addLayer(spec, null, 'backing', random),
      null,
      bordersIn(addLayer(spec, null, 'backing', random))[0]!.id,
      null,
    );
    expect(toolsIn(setLetters(under, null, { slot: 'main', are: 'draw' }, random))).toHaveLength(2);
    const full = Array.from({ length: 7 }).reduce<typeof spec>((run) => addLayer(run, null, 'inside', random), spec);
    expect(setLetters(full, null, { slot: 'main', are: 'draw' }, random)).toBe(full);
  });

  test('are as wide as their pen, from one tool to the other and back', () => {
    const wide = changeLineWidth(drawn, null, { slot: 'main', lineMm: 0.8 });
    expect(placeAt(wide, null).lettering.layers[1]!.tool).toEqual({ by: 'draw', lineMm: 0.8 });
    const marked = setLetters(wide, null, { slot: 'main', are: 'mark' }, random);
    expect(placeAt(marked, null).lettering.layers[1]!.tool).toEqual({ by: 'mark', lineMm: 0.3 });
    expect(toolsIn(setLetters(marked, null, { slot: 'main', are: 'cut' }, random)).map(([, by]) => by)).toEqual([
      undefined,
      undefined,
    ]);
    expect(are(setLetters(marked, null, { slot: 'main', are: 'plate' }, random))).toBe('plate');
    expect(
      placeAt(setLetters(marked, null, { slot: 'main', are: 'plate' }, random), null).lettering.layers[1]!.tool,
    ).toBeUndefined();
  });

  test('are cut again once there is nothing left to draw them on', () => {
    const { id } = bordersIn(drawn)[0]!;
    expect(placeAt(dropLayer(drawn, null, id), null).lettering).toEqual(placeAt(spec, null).lettering);
    expect(are(changeUnder(drawn, null, id, { kind: 'trap', mm: 2 }))).toBe('cut');
    const nowhere = { ...placeAt(drawn, null).lettering };
    const above = { ...nowhere, layers: [...nowhere.layers].reverse() };
    expect(letteringSchema.safeParse(above).success).toBe(false);
    expect(letteringSchema.safeParse(nowhere).success).toBe(true);
  });
});
