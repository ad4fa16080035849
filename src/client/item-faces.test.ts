import { mainPlace } from '@/core/edit';
import { aRun } from '@/core/test';
import type { BenchItem, BenchPiece } from '@/services';
import type { ScreenFit } from '@/workers/fit-protocol';
import { itemFaces, itemIdsOf } from './item-faces';
import { viewsOf, viewsOfItem } from './use-item-views';

const SPEC = aRun(['Odile', 'Benno']);
const { at, role } = mainPlace(SPEC);
const OWN = SPEC.entries.map(({ id }) => `${id}-${at.useId}-1`);

function aFit(itemId: string, text: string, numLayers = 1): ScreenFit {
  return {
    itemId,
    useId: at.useId,
    placeId: at.placeId,
    variantId: null,
    text: [text],
    onBlank: null,
    layers: Array.from({ length: numLayers }, (_, i) => ({ layerId: `layer${i}`, materialId: 'film', onBlank: null })),
    findings: [],
  } as unknown as ScreenFit;
}

const piece = (spot: object | null): BenchPiece =>
  ({
    pieceId: 'any',
    placeId: at.placeId,
    layerId: 'layer0',
    frozen: { by: 'pass', no: 1, text: ['Odilia'], materialId: 'gold', outline: 'x', spot },
  }) as unknown as BenchPiece;

const FITS = [aFit(OWN[0]!, 'Odile'), aFit(OWN[1]!, 'Benno'), aFit('another-1', 'Nobody')];

test('an item has its places that carry ink, and only the wanted ones are looked at', () => {
  const faces = itemFaces(SPEC, FITS, [], new Set(OWN));
  expect([...faces.keys()]).toEqual(OWN);
  expect(faces.get(OWN[1]!)!.map(({ shown, place }) => [shown.text, place.role.id])).toEqual([[['Benno'], role.id]]);
  // Nothing is cut for it.
  expect(itemFaces(SPEC, [aFit(OWN[0]!, 'Odile', 0)], [], new Set(OWN)).get(OWN[0]!)).toEqual([]);
});

test('what was made stands as it was made; where it lies was not kept, nothing is shown', () => {
  const item = (spot: object | null) => [{ itemId: OWN[0]!, pieces: [piece(spot)] } as unknown as BenchItem];
  const wanted = new Set([OWN[0]!]);
  const made = itemFaces(SPEC, FITS, item({ xMm: 0, yMm: 0, turnDeg: 0, onBlank: null }), wanted);
  expect(made.get(OWN[0]!)!.map(({ shown }) => shown.text)).toEqual([['Odilia']]);
  expect(itemFaces(SPEC, FITS, item(null), wanted).get(OWN[0]!)).toEqual([]);
});

test('each item once, in the order of its first fit', () => {
  expect(itemIdsOf([{ itemId: 'b' }, { itemId: 'a' }, { itemId: 'b' }])).toEqual(['b', 'a']);
});

test('a view names the places that it shows, with the layers that each has', () => {
  const face = itemFaces(SPEC, FITS, [], new Set(OWN)).get(OWN[0]!)!;
  const views = viewsOf(SPEC, face, ({ shown }) => [{ id: shown.text.join(' ') } as never]);
  expect(views.map(({ words, faces, variant }) => [words, faces.map(({ layers }) => layers), variant.id])).toEqual([
    [role.name, [[{ id: 'Odile' }]], face[0]!.place.variant.id],
  ]);
  expect(viewsOf(SPEC, [], () => [])).toEqual([]);
  expect(views.map(({ isCutHere }) => isCutHere)).toEqual([false]);
});

test('an item says each of its texts once', () => {
  const [face] = itemFaces(SPEC, FITS, [], new Set(OWN)).get(OWN[0]!)!;
  const other = { ...face!, shown: { ...face!.shown, text: ['est.', '1998'] } };
  const item = viewsOfItem(SPEC, OWN[0]!, [face!, face!, other], () => []);
  expect([item.itemId, item.words]).toEqual([OWN[0], 'Odile / est. 1998']);
  expect(item.views.flatMap(({ faces }) => faces)).toHaveLength(3);
  expect(viewsOfItem(SPEC, 'none', [], () => [])).toEqual({ itemId: 'none', words: '', views: [] });
});
