import { artCache } from '../artwork';
import { addLayer, changeLayer, changeUnder, placeAt, shapeLayersOf, setLetters } from '../edit';
import type { ShapeMake } from '../edit';
import type { Finding } from '../finding';
import { fitAll } from '../fit';
import { resolveSlots } from '../resolve';
import { findingSentence, findingWords } from '../sentences';
import type { LayerUnder } from '../shop';
import type { RunSpec } from '../spec';
import { aBorder, aRun, seededBytes, shippedFaces, withBorders, withPlace, withRule } from '../test';
import { findingsOf, measureFit } from './check-fits';

const cache = artCache(shippedFaces());
const random = seededBytes(11);

const atHeight = (texts: readonly string[], heightMm: number, lettering = 'stand-block') =>
  withRule(withPlace(aRun(texts), 500, 120, lettering), { kind: 'level', heightMm });

function foundIn(spec: RunSpec): Finding[] {
  return fitAll(resolveSlots(spec), cache).fits.flatMap((fit) => measureFit(fit, cache).findings);
}

function joinsIn(spec: RunSpec) {
  return foundIn(spec).flatMap((finding) => (finding.kind === 'borderJoins' ? [finding] : []));
}

function crumbsIn(spec: RunSpec) {
  return foundIn(spec).flatMap((finding) => (finding.kind === 'crumbs' ? [finding] : []));
}

function withShape(
  spec: RunSpec,
  make: Exclude<ShapeMake, { kind: 'plate' }>,
  under: LayerUnder | null = null,
): RunSpec {
  const added = addLayer(spec, null, make.kind, random);
  const [{ id } = { id: '' }] = shapeLayersOf(placeAt(added, null).lettering);
  return changeUnder(changeLayer(added, null, id, make), null, id, under);
}

test('a border that joins letters is told as a note, and both ways out leave them apart, just', () => {
  const spec = atHeight(['Hollin'], 20);
  const [found] = joinsIn(withBorders(spec, aBorder(3)));
  // Six letters; the point of the i is a part by itself.
  expect(found).toMatchObject({ severity: 'note', numParts: 7, numLeft: 1, reachMm: expect.closeTo(3, 6) });
  const { apartUnderMm } = found!;
  expect(joinsIn(withBorders(spec, aBorder(apartUnderMm - 0.02)))).toEqual([]);
  expect(joinsIn(withBorders(spec, aBorder(apartUnderMm + 0.02)))).toHaveLength(1);
  const [near] = joinsIn(withBorders(spec, aBorder(1.4 * apartUnderMm)));
  expect(near!.apartAtMm! / 20).toBeCloseTo(1.4, 2);
  const larger = (mm: number) => joinsIn(withBorders(atHeight(['Hollin'], mm), aBorder(1.4 * apartUnderMm)));
  expect([larger(near!.apartAtMm! - 0.3), larger(near!.apartAtMm! + 0.3)].map(({ length }) => length)).toEqual([1, 0]);
  // Nobody cuts letters of more than twice the height for it.
  expect(found!.apartAtMm).toBeNull();
  expect(findingSentence(found!)).toBe(
    `a border of 3.0 mm makes 1 of 7 parts: under ${apartUnderMm.toFixed(1)} mm, each has one of its own`,
  );
  expect(findingWords(found!)).toBe('border makes 1 of 7 parts');
});

test('one that grows with the letters joins them at any size', () => {
  const share = aBorder(0, { distance: { by: 'height', share: 0.15 } });
  const [found] = joinsIn(withBorders(atHeight(['Hollin'], 20), share));
  expect([found!.numLeft, found!.apartAtMm]).toEqual([1, null]);
});

test('nothing is joined where nothing stands apart', () => {
  expect(joinsIn(withBorders(atHeight(['H'], 20), aBorder(3)))).toEqual([]);
  expect(joinsIn(withBorders(atHeight(['HI'], 20), aBorder(0.1)))).toEqual([]);
});

test('what is left of a layer is a crumb where no disc of the thinnest stroke fits, however long it is', () => {
  const spec = atHeight(['Bo'], 40);
  // The strokes are some 6 mm thick: a line of 0.4 mm inside is one crumb a contour, one of 3 mm none.
  const line = (lineMm: number) => withShape(spec, { kind: 'inside', distance: { by: 'mm', mm: 0.5 }, lineMm });
  const thin = crumbsIn(line(0.4));
  expect(thin).toHaveLength(1);
  expect(thin[0]).toMatchObject({ severity: 'check', leastMm: 1 });
  expect(thin[0]!.numCrumbs).toBe(thin[0]!.numParts);
  expect(findingSentence(thin[0]!)).toMatch(/parts are nowhere as wide as the material takes \(1\.0 mm\)/);
  expect(crumbsIn(withShape(spec, { kind: 'inside', distance: { by: 'mm', mm: 0.5 }, lineMm: null }))).toEqual([]);
  // Letters themselves and what lies around them whole are not asked about.
  expect(crumbsIn(withBorders(spec, aBorder(0.2)))).toEqual([]);
});

test('a border that is fitted beside its letters is as thin as it is wide, and told so', () => {
  const spec = atHeight(['Bo'], 40);
  const border = aBorder(0.8);
  expect(crumbsIn(withShape(spec, border, { kind: 'inlay', mm: 0.1 }))).toHaveLength(1);
  expect(crumbsIn(withShape(spec, aBorder(2), { kind: 'inlay', mm: 0.1 }))).toEqual([]);
  expect(crumbsIn(withShape(spec, border, { kind: 'trap', mm: 1 }))).toEqual([]);
});

test('counters of small letters in a plate are crumbs', () => {
  const plate = (mm: number) =>
    crumbsIn(setLetters(atHeight(['Bea'], mm), null, { slot: 'main', are: 'plate' }, seededBytes(9)));
  expect(plate(60)).toEqual([]);
  const [small] = plate(4);
  expect([small!.numCrumbs, small!.numParts]).toEqual([4, 5]);
});

test('film that bears no other is no matter where the two lie beside each other', () => {
  const flock = (under: LayerUnder | null) => {
    const spec = withShape(atHeight(['Bo'], 30), aBorder(3), under);
    const [{ slot } = { slot: '' }] = shapeLayersOf(placeAt(spec, null).lettering);
    const uses = spec.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({ ...place, materials: { ...place.materials, [slot]: 'film-flock' } })),
    }));
    return fitAll(resolveSlots({ ...spec, uses }), cache).fits.flatMap((fit) =>
      findingsOf(fit).map(({ kind }) => kind),
    );
  };
  expect(flock(null)).toContain('filmOver');
  expect(flock({ kind: 'trap', mm: 1 })).toContain('filmOver');
  expect(flock({ kind: 'inlay', mm: 0.1 })).not.toContain('filmOver');
});

test('what lies inside the letters is told from them, not from the blank', () => {
  const spec = withShape(atHeight(['Bo'], 30), { kind: 'inside', distance: { by: 'mm', mm: 1 }, lineMm: null });
  const uses = spec.uses.map((use) => ({
    ...use,
    places: use.places.map((place) => ({ ...place, materials: { main: 'film-gold', inside: 'film-gold' } })),
  }));
  const found = fitAll(resolveSlots({ ...spec, uses }), cache).fits.flatMap(findingsOf);
  const low = found.flatMap((finding) => (finding.kind === 'lowContrast' ? [[finding.film, finding.blank]] : []));
  expect(low).toHaveLength(1);
  expect(low[0]![0]).toBe(low[0]![1]);
});
