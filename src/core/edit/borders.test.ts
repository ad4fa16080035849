import { specFaults, runSpecSchema } from '../spec';
import { aRun, seededBytes } from '../test';
import { addBorder, bordersOf, changeBorder, changePlaceUse, dropBorder, mayAddBorder, placeAt, setOverrides } from '.';

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
