import fc from 'fast-check';
import { artCache } from '../artwork';
import { checkedReport, measureFit } from '../checks';
import { apartStops } from '../checks/apart-findings';
import { changeLines, changePlace, changePlaceUse, colourPart, placeAt, setApart, setLetters } from '../edit';
import { boxOfRings, joinOutlines, outlineArea, outlineRings } from '../geometry';
import { namesOfSlot, piecesOfFits } from '../pieces';
import { resolveSlots } from '../resolve';
import { readPieceId, runSpecSchema } from '../spec';
import { aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { layerOutline, outlineAt, partOutline } from '.';

const cache = artCache(shippedFaces());
const random = seededBytes(9);

/** Names whose letters are pieces of their own. */
function apart(texts: readonly string[], letteringId = 'stand-block') {
  const lettered = changePlaceUse(aRun(texts), null, (place) => ({ ...place, letteringId }));
  return setApart(lettered, null, { slot: 'main', isApart: true });
}

const piecesIn = (spec: ReturnType<typeof apart>) => piecesOfFits(checkedReport(resolveSlots(spec), cache).fits);

test('letters that are pieces of their own are together what the layer is, each at its own spot', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-zäöüi]{1,7}( [A-Z][a-z]{1,4})?$/),
      fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const),
      (text, readingDeg) => {
        const spec = changePlace(apart([text]), null, (place) => ({ ...place, readingDeg }));
        const [fit] = fitRun(spec, cache).fits;
        const [layer] = fit!.layers;
        const letters = [...text.replace(/ /g, '')];
        const names = namesOfSlot(fit!.slot);
        expect(names.map(({ part }) => part!.letter)).toEqual(letters);
        expect(names.map(({ id }) => readPieceId(id)!.part)).toEqual(letters.map((_, i) => i + 1));
        expect(new Set(names.map(({ id }) => readPieceId(id)!.layerKey)).size).toBe(1);
        const placed = letters.map((_, i) => outlineAt(partOutline(fit!, 0, i), layer!.parts![i]!.spot!));
        const whole = outlineAt(layerOutline(fit!, 0), layer!.spot!);
        const together = joinOutlines(placed, 0);
        expect(outlineArea(together) / outlineArea(whole)).toBeCloseTo(1, 4);
        const [a, b] = [together, whole].map((one) => boxOfRings(outlineRings(one))!);
        for (const side of ['minX', 'minY', 'maxX', 'maxY'] as const)
          expect(Math.abs(a![side] - b![side])).toBeLessThan(3);
        // As many islands as they have in one piece: an i goes with its dot.
        expect(placed.every(({ islands }) => islands.length > 0)).toBe(true);
      },
    ),
    { numRuns: 40 },
  );
});

test('equal letters are equal pieces, wherever they stand', () => {
  const pieces = piecesIn(apart(['Anna', 'Nan']));
  const shapeOf = (letter: string) =>
    pieces.filter(({ part }) => part?.letter === letter).map(({ outline }) => Math.round(outlineArea(outline) / 1e6));
  expect(pieces.map(({ part }) => part?.letter).join('')).toBe('AnnaNan');
  expect(new Set(shapeOf('n')).size).toBe(1);
  expect(shapeOf('n')).toHaveLength(3);
});

test('each colour is apart or in one piece by itself; what is drawn or fitted beside others is never apart', () => {
  const whole = changePlaceUse(aRun(['Ann Lee']), null, (place) => ({ ...place, letteringId: 'stand-block' }));
  const { at } = placeAt(whole, null);
  const two = colourPart(whole, at, { line: 0, part: 0, slot: null, letters: 'ofWords' }, random);
  const spec = setApart(two, null, { slot: 'second', isApart: true });
  expect(runSpecSchema.safeParse(spec).success).toBe(true);
  expect(piecesIn(spec).map(({ part }) => part?.letter ?? 'all')).toEqual(['all', 'A', 'L']);
  expect(piecesIn(two).map(({ id }) => id.slice(-2))).toEqual(['-1', '-1']);
  const onlySecond = colourPart(whole, at, { line: 0, part: 0, slot: null }, random);
  expect(piecesIn(onlySecond).map(({ layer }) => layer.colourSlot)).toEqual(['second']);
  const drawn = setLetters(spec, null, { slot: 'second', are: 'draw' }, random);
  expect(piecesIn(drawn).every(({ part }) => part === null)).toBe(true);
  expect(setApart(spec, null, { slot: 'second', isApart: false })).toEqual(two);
  const [slot] = resolveSlots(spec);
  const fitted = {
    ...slot!,
    layers: slot!.layers.map((layer) => ({ ...layer, under: { kind: 'trap', mm: 1 } as const })),
  };
  expect(namesOfSlot(fitted).every(({ part }) => part === null)).toBe(true);
});

test('a face with ligatures gives each letter a shape of its own', () => {
  for (const letteringId of ['stand-block', 'heavy-slab', 'narrow-block']) {
    const names = piecesIn(apart(['Offiflow'], letteringId));
    expect(names.map(({ part }) => part!.letter).join('')).toBe('Offiflow');
  }
});

const findingsOf = (spec: ReturnType<typeof apart>) =>
  checkedReport(resolveSlots(spec), cache).fits.map(({ fit, findings }) => [
    ...findings,
    ...measureFit(fit, cache).findings,
  ]);

test('letters of a script lie over each other where they join, which is told; letters that stand apart tear nothing between', () => {
  const script = aRun(['Odalys']);
  const [joined] = findingsOf(setApart(script, null, { slot: 'main', isApart: true }));
  expect(joined).toContainEqual(expect.objectContaining({ kind: 'lettersOver', severity: 'check', numLetters: 6 }));
  const near = changeLines(apart(['HIHI']), null, { trackingEm: -0.12 });
  const together = setApart(near, null, { slot: 'main', isApart: false });
  const kindsOf = (spec: typeof near) => findingsOf(spec)[0]!.map(({ kind }) => kind);
  expect(kindsOf(together)).toContain('lettersNear');
  expect(kindsOf(near)).not.toContain('lettersNear');
  expect(kindsOf(near)).not.toContain('lettersOver');
  expect(kindsOf(near)).not.toContain('narrowGap');
});

test('a letter without a shape of its own keeps its text from being cut', () => {
  const spec = apart(['Bo']);
  const fit = checkedReport(resolveSlots(spec), cache).fits.at(0)!.fit;
  const empty = { islands: [] };
  const [art, ...others] = fit.artwork.layers;
  const artwork = { ...fit.artwork, layers: [{ ...art!, parts: [art!.parts![0]!, empty] }, ...others] };
  expect(apartStops({ slot: fit.slot, artwork })).toEqual([
    { kind: 'letterInAnother', severity: 'stop', letters: ['o'], at: { layerId: fit.slot.layers[0]!.id } },
  ]);
  expect(apartStops(fit)).toEqual([]);
  const missing = [{ character: '☃', line: 0, run: 0 }];
  expect(apartStops({ slot: fit.slot, artwork: { ...artwork, missing } })).toEqual([]);
});
