import { artCache } from '../artwork';
import { STARTER_MOTIFS } from '../motifs';
import { resolveSlots } from '../resolve';
import { type Copy, type Motif, STARTER_MATERIALS } from '../shop';
import { type RunSpec, MOST_RUN_MOTIFS, placeLayers, runSpecSchema, specFaults } from '../spec';
import { aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { proofRows, tickRows } from '../wording';
import {
  addLayer,
  changeMotif,
  changeMotifPart,
  changeMotifSpot,
  changePlaceUse,
  dropMotif,
  mayTakeMotif,
  placeAt,
  takeMotif,
} from '.';

const random = seededBytes(8);
const spec = aRun(['Odalys', 'Bo']);
const named = (name: string): Copy<Motif> => STARTER_MOTIFS.find(({ value }) => value.name === name)!;
const motifIn = (run: RunSpec) => placeAt(run, null).placeUse.motif;
const sound = (run: RunSpec) => expect(specFaults(runSpecSchema.parse(run) as RunSpec)).toEqual([]);

test('taken, it stands before the text in the colour of the letters; a second colour has one of its own, told from both', () => {
  const one = takeMotif(spec, null, named('rosette'), random);
  sound(one);
  expect(motifIn(one)).toMatchObject({
    motifId: 'motif-rosette',
    spot: 'before',
    share: 1.4,
    layers: [
      { part: 0, slot: 'main' },
      { part: 1, slot: 'motif' },
    ],
  });
  expect(one.shop.motifs.map(({ id }) => id)).toEqual(['motif-rosette']);
  expect(placeAt(one, null).placeUse.materials).toEqual({ main: 'film-gold', motif: 'film-white' });
  const [slot] = resolveSlots(one);
  expect(slot!.layers.map(({ colourSlot, materialId, make }) => [colourSlot, materialId, make.kind])).toEqual([
    ['main', 'film-gold', 'motif'],
    ['motif', 'film-white', 'motif'],
    ['main', 'film-gold', 'text'],
  ]);
  expect(slot!.motif).toMatchObject({ spot: 'before', parts: [0, 1] });
});

test('another one takes its place, size and all, and what nothing uses any more goes', () => {
  const rosette = changeMotif(takeMotif(spec, null, named('rosette'), random), null, { share: 2.5, spot: 'after' });
  const lyre = takeMotif(rosette, null, named('lyre'), random);
  sound(lyre);
  expect(motifIn(lyre)).toMatchObject({ motifId: 'motif-lyre', share: 2.5, spot: 'after', layers: [{ part: 0 }] });
  expect(lyre.shop.motifs.map(({ id }) => id)).toEqual(['motif-lyre']);
  expect(placeAt(lyre, null).placeUse.materials).toEqual({ main: 'film-gold' });
  const without = dropMotif(lyre, null);
  expect([without.uses, without.shop]).toEqual([spec.uses, spec.shop]);
  expect(dropMotif(spec, null)).toBe(spec);
  expect(changeMotif(spec, null, { share: 2 })).toBe(spec);
});

test('a spot begins with a size of its own', () => {
  const one = changeMotif(takeMotif(spec, null, named('laurel'), random), null, { share: 7 });
  expect(motifIn(changeMotifSpot(one, null, 'around'))).toMatchObject({ spot: 'around', share: 0.9 });
  expect(motifIn(changeMotifSpot(one, null, 'behind'))).toMatchObject({ spot: 'behind', share: 3 });
});

test('a part is cut in another colour or left out, but for the last; coming back it is a piece of its own again', () => {
  const one = takeMotif(spec, null, named('rosette'), random);
  const [first, second] = motifIn(one)!.layers;
  const out = changeMotifPart(one, null, { part: 1, slot: null }, random);
  sound(out);
  expect(motifIn(out)!.layers).toEqual([first]);
  expect(placeAt(out, null).placeUse.materials).toEqual({ main: 'film-gold' });
  expect(changeMotifPart(out, null, { part: 0, slot: null }, random)).toBe(out);
  const both = changeMotifPart(one, null, { part: 0, slot: 'motif' }, random);
  expect(motifIn(both)!.layers).toEqual([{ ...first, slot: 'motif' }, second]);
  const back = changeMotifPart(out, null, { part: 1, slot: 'main' }, random);
  sound(back);
  expect(motifIn(back)!.layers.map(({ part, slot }) => [part, slot])).toEqual([
    [0, 'main'],
    [1, 'main'],
  ]);
  expect(changeMotifPart(spec, null, { part: 0, slot: 'main' }, random)).toBe(spec);
});

test('alone it needs no words, is called by its name and can be ticked; an empty text still means empty for now', () => {
  const wordless = changePlaceUse(spec, null, (place) => ({ ...place, wording: null }));
  expect(resolveSlots(takeMotif(wordless, null, named('lyre'), random))).toEqual([]);
  const alone = changeMotifSpot(takeMotif(wordless, null, named('lyre'), random), null, 'alone');
  sound(alone);
  const slots = resolveSlots(alone);
  expect(slots.map(({ text, lines, words }) => [text, lines, words])).toEqual([
    [['lyre'], [], []],
    [['lyre'], [], []],
  ]);
  const ticked = tickRows(alone, proofRows(alone), 'Ada', '2026-05-01T10:00:00Z');
  sound(ticked);
  expect(resolveSlots(ticked).map(({ proof }) => proof.kind)).toEqual(['ticked', 'ticked']);
  expect(resolveSlots(takeMotif(ticked, null, named('note'), random)).map(({ proof }) => proof.kind)).toEqual([
    'changed',
    'changed',
  ]);
});

test('a colour more is told from all that the place has, not from the letters alone', () => {
  const films = STARTER_MATERIALS.filter(({ value }) => value.kind === 'standardFilm');
  const stocked = {
    ...spec,
    shop: {
      ...spec.shop,
      materials: [...spec.shop.materials.filter(({ id }) => !films.some((film) => film.id === id)), ...films],
    },
  };
  const both = addLayer(takeMotif(stocked, null, named('rosette'), random), null, 'border', random);
  const { materials } = placeAt(both, null).placeUse;
  expect(new Set(Object.values(materials)).size).toBe(3);
});

test('a text that is empty stops also beside a motif: nobody wants a shape without its name', () => {
  const emptied = {
    ...spec,
    entries: spec.entries.map((entry) => ({ ...entry, fields: { ...entry.fields, text: ' ' } })),
  };
  const stops = (run: RunSpec) =>
    fitRun(run, artCache(shippedFaces())).fits.map(({ findings }) =>
      findings.filter(({ severity }) => severity === 'stop').map(({ kind }) => kind),
    );
  const beside = takeMotif(emptied, null, named('lyre'), random);
  expect(stops(beside)).toEqual([['nothingToDraw'], ['nothingToDraw']]);
  expect(stops(changeMotifSpot(beside, null, 'alone'))).toEqual([[], []]);
});

test('it lies over what is made around the letters, and below them', () => {
  const one = takeMotif(
    addLayer(addLayer(spec, null, 'border', random), null, 'inside', random),
    null,
    named('lyre'),
    random,
  );
  const { lettering, placeUse } = placeAt(one, null);
  expect(placeLayers(lettering, placeUse).map(({ make }) => make.kind)).toEqual(['border', 'motif', 'text', 'inside']);
  sound(one);
});

test('a run has room for so many, and those that nothing uses make room', () => {
  const copies = Array.from({ length: MOST_RUN_MOTIFS + 1 }, (_, i) => ({ ...named('star'), id: `motif-star-${i}` }));
  let run = spec;
  for (const copy of copies) run = takeMotif(run, null, copy, random);
  expect(run.shop.motifs.map(({ id }) => id)).toEqual([copies.at(-1)!.id]);
  const uses = copies.slice(0, MOST_RUN_MOTIFS).map(({ id }, i) => ({
    ...run.uses[0]!,
    id: `use00000${String(i).padStart(2, '0')}`,
    places: run.uses[0]!.places.map((place) => ({ ...place, motif: { ...place.motif!, motifId: id } })),
  }));
  const motifs = copies.slice(0, MOST_RUN_MOTIFS);
  const full = { ...run, uses, shop: { ...run.shop, motifs } };
  const more = copies.at(-1)!;
  const at = { useId: uses[3]!.id, placeId: uses[3]!.places[0]!.placeId, variantId: null };
  // Whoever has one of their own gives it up for another.
  expect(mayTakeMotif(full, at, more.id)).toBe(true);
  expect(takeMotif(full, at, more, random).shop.motifs.map(({ id }) => id)).toEqual([
    ...motifs.filter((_, i) => i !== 3).map(({ id }) => id),
    more.id,
  ]);
  const without = { ...uses[0]!, id: 'anotheruse', places: uses[0]!.places.map(({ motif: _, ...place }) => place) };
  const fuller = { ...full, uses: [...uses, without] };
  const empty = { ...at, useId: without.id };
  expect([mayTakeMotif(fuller, empty, copies[0]!.id), mayTakeMotif(fuller, empty, more.id)]).toEqual([true, false]);
  expect(takeMotif(fuller, empty, more, random)).toBe(fuller);
});

test('faults are told: a motif that is not there, a part that it has not, a layer that stands twice', () => {
  const one = takeMotif(spec, null, named('lyre'), random);
  const [layer] = motifIn(one)!.layers;
  const faulty = (part: Partial<NonNullable<ReturnType<typeof motifIn>>>) =>
    specFaults(changePlaceUse(one, null, (place) => ({ ...place, motif: { ...place.motif!, ...part } }))).map(
      ({ kind, field }) => [kind, field],
    );
  const path = 'uses.0.places.0.motif';
  expect(faulty({ motifId: 'motif-gone' })).toEqual([['unknownId', `${path}.motifId`]]);
  expect(faulty({ layers: [{ ...layer!, part: 3 }] })).toEqual([['unknownId', `${path}.layers.0.part`]]);
  const [letters] = placeAt(one, null).lettering.layers;
  expect(faulty({ layers: [{ ...layer!, id: letters!.id }] })).toEqual([['idTwice', `${path}.layers.0.id`]]);
});
