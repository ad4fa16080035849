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
  changeMotifHeight,
  changeMotifPart,
  changeMotifSpot,
  changeMotifTool,
  changePlaceUse,
  dropLayer,
  dropMotif,
  firstLine,
  mayTakeMotif,
  motifToolIn,
  placeAt,
  shapeLayersOf,
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

test('a height of its own stays with the motif wherever it can have one', () => {
  const one = changeMotifHeight(takeMotif(spec, null, named('lyre'), random), null, 30);
  sound(one);
  expect(resolveSlots(one)[0]!.motif).toMatchObject({ heightMm: 30 });
  expect(motifIn(changeMotifSpot(one, null, 'above'))).toMatchObject({ spot: 'above', heightMm: 30 });
  expect(motifIn(takeMotif(one, null, named('leaf'), random))).toMatchObject({ motifId: 'motif-leaf', heightMm: 30 });
  const around = changeMotifSpot(one, null, 'around');
  expect(motifIn(around)).not.toHaveProperty('heightMm');
  expect(changeMotifHeight(around, null, 20)).toBe(around);
  expect(changeMotifSpot(spec, null, 'above')).toBe(spec);
  expect(motifIn(changeMotifHeight(one, null, null))).not.toHaveProperty('heightMm');
  // The proof tells that it looks otherwise.
  const ticked = tickRows(one, proofRows(one), 'Juno', '2026-11-30T08:00:00Z');
  const taller = proofRows(changeMotifHeight(ticked, null, 31));
  const isOther = ({ state }: (typeof taller)[number]) => state.kind === 'ticked' && state.isLookChanged;
  expect([taller.map(isOther), proofRows(ticked).map(isOther)]).toEqual([
    [true, true],
    [false, false],
  ]);
});

test('a part is drawn on what lies below, on a card where nothing does, and cut again where that goes', () => {
  const two = takeMotif(spec, null, named('rosette'), random);
  const drawn = changeMotifTool(two, null, { part: 1, tool: firstLine('draw') }, random);
  sound(drawn);
  const place = placeAt(drawn, null);
  expect(shapeLayersOf(place.lettering).map(({ make }) => make.kind)).toEqual(['backing']);
  expect([motifToolIn(place, 0), motifToolIn(place, 1)]).toEqual([null, { by: 'draw', lineMm: 0.5 }]);
  expect(place.slots.map(({ slot }) => slot)).toEqual(['card', 'main']);
  const [slot] = resolveSlots(drawn);
  const [card] = slot!.layers;
  expect(slot!.layers.map(({ line }) => line && [line.tool.by, line.carrierId])).toEqual([
    undefined,
    undefined,
    ['draw', card!.id],
    undefined,
  ]);
  const wider = changeMotifTool(drawn, null, { part: 1, tool: { by: 'mark', lineMm: 1 } }, random);
  expect(shapeLayersOf(placeAt(wider, null).lettering)).toHaveLength(1);
  expect(motifToolIn(placeAt(wider, null), 1)).toEqual({ by: 'mark', lineMm: 1 });
  const without = dropLayer(drawn, null, card!.id);
  sound(without);
  expect(motifToolIn(placeAt(without, null), 1)).toBeNull();
  expect(resolveSlots(without)[0]!.layers.every(({ line }) => line === undefined)).toBe(true);
  const cut = changeMotifPart(drawn, null, { part: 1, slot: 'main' }, random);
  expect(motifIn(cut)!.layers.map(({ slot: colour, tool }) => [colour, tool])).toEqual([
    ['main', undefined],
    ['main', undefined],
  ]);
  // One that was left out is taken in for it.
  const left = changeMotifPart(two, null, { part: 1, slot: null }, random);
  const again = changeMotifTool(left, null, { part: 1, tool: firstLine('draw') }, random);
  expect(motifToolIn(placeAt(again, null), 1)).toEqual({ by: 'draw', lineMm: 0.5 });
  expect(changeMotifTool(spec, null, { part: 0, tool: firstLine('draw') }, random)).toBe(spec);
});
