import { artCache } from '../artwork';
import { checkedReport } from '../checks';
import { changePlace, changeWordingAt } from '../edit';
import { boxOfRings, outlineRings, writeOutline } from '../geometry';
import { resolveSlots } from '../resolve';
import { type RunSpec, readPieceId } from '../spec';
import { COLOURS, aColouredRun, aRun, piecesOfRun, shippedFaces } from '../test';
import { UM10_PER_MM } from '../units';
import { namesOfSlot, pieceNames, piecesOfFits } from '.';

const cache = artCache(shippedFaces());

function saying(spec: RunSpec, ...runs: readonly (readonly [template: string, slot: string])[]): RunSpec {
  const { useId, placeId } = resolveSlots(spec)[0]!.ref;
  const wording = spec.uses[0]!.places[0]!.wording!;
  const lines = [{ runs: runs.map(([template, slot]) => ({ template, slot, face: null })) }];
  return changeWordingAt(spec, { useId, placeId }, { ...wording, lines });
}

test('a piece for each layer that says something, bottom up, told without drawing', () => {
  const spec = aColouredRun(['Ann', 'Bo']);
  const before = cache.numDrawn();
  const names = pieceNames(resolveSlots(spec));
  expect(names.map(({ slot, layer, layerIndex }) => [slot.text[0], layer.id, layerIndex])).toEqual(
    ['Ann & co', 'Bo & co'].flatMap((text) => COLOURS.map(({ id }, i) => [text, id, i])),
  );
  expect(names.map(({ id }) => readPieceId(id)?.layerId)).toEqual([...COLOURS, ...COLOURS].map(({ id }) => id));
  expect(cache.numDrawn()).toBe(before);
  expect(pieceNames(resolveSlots(spec))).toBe(names);
  const two = resolveSlots(saying(spec, ['{text}', 'third'], [' co', 'second']))[0]!;
  expect(namesOfSlot(two).map(({ layerIndex }) => layerIndex)).toEqual([1, 2]);
});

test('a text without anything to cut has its lowest layer, so that its stop stands somewhere', () => {
  const spec = aColouredRun(['Ann']);
  const empty = saying({ ...spec, entries: spec.entries.map((entry) => ({ ...entry, fields: { text: '' } })) }, [
    '{text}',
    'third',
  ]);
  const [slot] = resolveSlots(empty);
  expect(namesOfSlot(slot!).map(({ layer }) => layer.id)).toEqual([COLOURS[0].id]);
  expect(piecesOfRun(empty, cache)).toEqual([]);
});

test('each piece has its own ink with its corner at the origin, and lies where it lies in the whole', () => {
  const spec = changePlace(aColouredRun(['Ann']), null, (place) => ({ ...place, readingDeg: 90 }));
  const { fits } = checkedReport(resolveSlots(spec), cache);
  const pieces = piecesOfFits(fits);
  expect(pieces.map(({ materialId }) => materialId)).toEqual(COLOURS.map(({ materialId }) => materialId));
  const { fit } = fits[0]!;
  for (const [i, piece] of pieces.entries()) {
    const box = boxOfRings(outlineRings(piece.outline))!;
    expect([box.minX, box.minY, piece.box]).toEqual([0, 0, box]);
    const { part, spot, onBlank } = fit.layers[i]!;
    expect(piece.spot).toEqual({ ...spot, onBlank });
    expect(box.maxX / UM10_PER_MM).toBeCloseTo(part!.widthMm, 3);
    expect(box.maxY / UM10_PER_MM).toBeCloseTo(part!.heightMm, 3);
    expect(piece.text).toEqual(['Ann & co', 'CO']);
  }
  expect(new Set(pieces.map(({ outline }) => writeOutline(outline))).size).toBe(COLOURS.length);
  // Made once for the same fit.
  expect(piecesOfFits(fits)[0]!.outline).toBe(pieces[0]!.outline);
});

test('a stop gives no piece at all; a check and a note give all of them', () => {
  const spec = aRun(['Ann', '漢']);
  expect(piecesOfRun(spec, cache).map(({ text }) => text.join())).toEqual(['Ann']);
});
