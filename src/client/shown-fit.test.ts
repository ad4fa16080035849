import fc from 'fast-check';
import { ITEM_STAGES, type ItemStage, itemStageIndex } from '@/core/ledger';
import type { InkOnBlank } from '@/core/place';
import type { BenchItem, BenchPiece, FrozenPiece } from '@/services';
import type { ScreenFit } from '@/workers/fit-protocol';
import { cutTexts } from './cut-texts';
import { shownFit, shownFits, stoppedTexts } from './shown-fit';
import { entryFacets } from './stage-words';
import { countToLayOut, madeOtherwise, entriesWith, hasWorkOn, isUnmade, isWorked } from './work-done';

const ENTRY = 'aentry0001';
const USE = 'ause000001';
const ITEM = `${ENTRY}-${USE}-1`;
const PLACE = 'aplace0001';
const LAYERS = ['alayer0001', 'alayer0002'] as const;

const ruler = (leftMm: number, dropMm: number): InkOnBlank => ({
  leftMm,
  rightMm: 50,
  dropMm,
  datum: 'edge',
  acrossFrom: 'sides',
});

const aFit = {
  entryId: ENTRY,
  useId: USE,
  placeId: PLACE,
  itemId: ITEM,
  text: ['Ilka'],
  isSpread: false,
  copy: 1,
  onBlank: ruler(10, 20),
  layers: [
    { layerId: LAYERS[0], materialId: 'film-gold', onBlank: ruler(10, 25) },
    { layerId: LAYERS[1], materialId: 'film-white', onBlank: ruler(12, 20) },
  ],
  findings: [],
} as unknown as ScreenFit;

function frozen(part: Partial<FrozenPiece> = {}): FrozenPiece {
  const spot = { xMm: 1, yMm: 2, turnDeg: 0, onBlank: ruler(33, 44) } as const;
  const head = { pieceId: 'any', by: 'pass', no: 3, passId: 'apass00003' } as const;
  return { ...head, text: ['Ilke'], materialId: 'film-navy', outline: 'f'.repeat(64), spot, ...part };
}

function aPiece(layer: 0 | 1, part: Partial<BenchPiece> = {}): BenchPiece {
  return {
    pieceId: `${ITEM}-${PLACE}-${LAYERS[layer]}-1`,
    layerId: LAYERS[layer],
    placeId: PLACE,
    attempt: 1,
    stage: null,
    spoiledFor: null,
    process: 'film',
    passNo: null,
    frozen: null,
    ...part,
  } as BenchPiece;
}

const anItem = (part: Partial<BenchItem> = {}): BenchItem =>
  ({ itemId: ITEM, entryId: ENTRY, stage: 'open', pieces: [aPiece(0), aPiece(1)], ...part }) as BenchItem;

test('what nothing was frozen of follows the run', () => {
  const shown = shownFit(aFit, [aPiece(0), aPiece(1)]);
  expect(shown).toMatchObject({ text: ['Ilka'], onBlank: ruler(10, 20), isSpotLost: false });
  expect(shown.layers.map(({ materialId, frozen: kept }) => [materialId, kept])).toEqual([
    ['film-gold', null],
    ['film-white', null],
  ]);
});

test('what was made lies where it lay, whatever the run says now', () => {
  const shown = shownFit(aFit, [aPiece(0, { frozen: frozen() }), aPiece(1, { frozen: frozen() })]);
  expect(shown).toMatchObject({ text: ['Ilke'], onBlank: ruler(33, 44), isSpotLost: false });
  expect(shown.layers.map(({ materialId }) => materialId)).toEqual(['film-navy', 'film-navy']);
});

test('one layer made and one not: each counts as it stands, and the ruler goes to the nearer', () => {
  const shown = shownFit(aFit, [aPiece(0, { frozen: frozen() }), aPiece(1)]);
  expect(shown.layers.map(({ materialId }) => materialId)).toEqual(['film-navy', 'film-white']);
  expect(shown.onBlank).toEqual({ ...ruler(12, 20), rightMm: 50 });
});

test('a spot that an earlier Knurl did not keep is told, and no other one is put in its place', () => {
  const shown = shownFit(aFit, [aPiece(0, { frozen: frozen({ spot: null }) }), aPiece(1)]);
  expect(shown).toMatchObject({ onBlank: null, isSpotLost: true });
  // Before anything is computed, what was made is known all the same.
  expect(shownFit(null, [aPiece(0, { frozen: frozen() })])).toMatchObject({ text: ['Ilke'], onBlank: ruler(33, 44) });
});

test('many at once find the pieces of their own item and place', () => {
  const otherPlace = { ...aFit, placeId: 'aplace0002' } as ScreenFit;
  const items = [anItem({ pieces: [aPiece(0, { frozen: frozen() }), aPiece(1, { frozen: frozen() })] })];
  expect(shownFits([aFit, otherPlace], items).map(({ text }) => text)).toEqual([['Ilke'], ['Ilka']]);
});

test('the texts of an entry are those of its first copy', () => {
  const spread = (ordinal: number, letter: string, copy: number) =>
    ({ ...aFit, itemId: `${ENTRY}-${USE}-${ordinal}`, text: [letter], isSpread: true, copy }) as ScreenFit;
  const letters = [spread(1, 'I', 1), spread(2, 'O', 1), spread(3, 'I', 2), spread(4, 'O', 2)];
  const key = `${ENTRY}-${USE}-${PLACE}`;
  const words = (fits: readonly ScreenFit[]) => cutTexts(fits, (fit) => fit).get(key);
  expect(words(letters)?.words).toBe('IO');
  expect(words([aFit, aFit])).toEqual({ fits: [aFit], words: 'Ilka', wordsNow: null });
  // What was made is shown as it was made, and what the run says of it now stands beside it.
  const shown = shownFits([aFit], [anItem({ pieces: [aPiece(0, { frozen: frozen() })] })]);
  expect(cutTexts(shown, ({ fit }) => fit).get(key)).toMatchObject({ words: 'Ilke', wordsNow: 'Ilka' });
});

test('an entry is as far as the item of it that is least far, and says how many are', () => {
  const stages = fc.array(fc.constantFrom(...ITEM_STAGES), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(stages, (all: ItemStage[]) => {
      const facet = entryFacets(all.map((stage) => anItem({ stage }))).get(ENTRY)!;
      const least = Math.min(...all.map(itemStageIndex));
      expect(facet.isPacked).toBe(all.every((stage) => stage === 'packed'));
      expect(facet.filled).toBe(Math.min(4, least));
      const behind = all.filter((stage) => itemStageIndex(stage) === least).length;
      expect(facet.label.startsWith(`${behind} of ${all.length}: `)).toBe(behind < all.length);
    }),
  );
});

test('work is what lies in a pass, is recorded, or was cut before', () => {
  expect(isWorked(anItem())).toBe(false);
  expect(isWorked(anItem({ stage: 'cut' }))).toBe(true);
  expect(isWorked(anItem({ pieces: [aPiece(0), aPiece(1, { passNo: 2 })] }))).toBe(true);
  expect(isWorked(anItem({ pieces: [aPiece(0, { attempt: 2 })] }))).toBe(true);
  expect(isUnmade(anItem({ pieces: [aPiece(0, { passNo: 1 }), aPiece(1)] }))).toBe(true);
  expect(isUnmade(anItem({ pieces: [aPiece(0, { passNo: 1 })] }))).toBe(false);
  expect(entriesWith([anItem({ stage: 'cut' }), anItem({ entryId: 'other' })], isWorked)).toEqual(new Set([ENTRY]));
  expect([hasWorkOn([anItem({ stage: 'cut' })], USE), hasWorkOn([anItem({ stage: 'cut' })], 'ause000002')]).toEqual([
    true,
    false,
  ]);
});

test('what a made pass has otherwise than the run is told; what was only released is not yet cut', () => {
  const was = (by: 'pass' | 'release') => aPiece(1, { frozen: { ...frozen(), by }, frozenText: ['Ilke'] });
  expect(madeOtherwise(anItem())).toBeNull();
  expect(madeOtherwise(anItem({ pieces: [aPiece(0, { frozen: frozen(), frozenText: null })] }))).toBeNull();
  expect(madeOtherwise(anItem({ pieces: [aPiece(0), was('pass')] }))).toBe('Ilke');
  expect(madeOtherwise(anItem({ pieces: [aPiece(0), was('release')] }))).toBeNull();
});

test('a stop at one place keeps the item’s other place in the passes to be laid out', () => {
  const stop = { kind: 'nothingToDraw', severity: 'stop' } as const;
  const two = anItem({ pieces: [aPiece(0), aPiece(1, { placeId: 'aplace0002' })] });
  const at = (placeId: string, isStopped: boolean) =>
    ({ itemId: ITEM, placeId, findings: isStopped ? [stop] : [] }) as unknown as ScreenFit;
  expect(countToLayOut([two], [at(PLACE, true), at('aplace0002', false)])).toBe(1);
  expect(countToLayOut([two], [at(PLACE, true), at('aplace0002', true)])).toBe(0);
  expect(countToLayOut([anItem({ pieces: [aPiece(0, { passNo: 1 })] })], [])).toBe(0);
});

test('texts that cannot be cut are told with what stops them, unless they were frozen before', () => {
  const stop = { kind: 'nothingToDraw', severity: 'stop' } as const;
  const check = { kind: 'partMissing', severity: 'check', part: 'date' } as const;
  const at = (entryId: string, findings: readonly object[], frozen: object | null = null) =>
    ({ fit: { entryId, useId: 'u', placeId: 'p', findings }, layers: [{ frozen }] }) as never;
  const told = stoppedTexts([at('a', [check, stop]), at('b', [check]), at('c', [stop], {})]);
  expect([...told]).toEqual([['a-u-p', stop]]);
});

test('letters that follow the run are drawn as their layer, once, beside those that are frozen', () => {
  const letter = (no: number, frozen: FrozenPiece | null) =>
    ({ pieceId: `${ITEM}-${PLACE}-${LAYERS[0]}-${no}`, layerId: LAYERS[0], frozen }) as BenchPiece;
  const kept = { text: ['Ilka'], materialId: 'film-gold', spot: { onBlank: ruler(3, 4) } } as unknown as FrozenPiece;
  const { layers, onBlank } = shownFit(aFit, [letter(1, null), letter(2, kept), letter(3, null)]);
  expect(layers.map(({ layerId, frozen }) => [layerId, frozen !== null])).toEqual([
    [LAYERS[0], false],
    [LAYERS[0], true],
  ]);
  expect(onBlank).toMatchObject({ leftMm: 3, dropMm: 4 });
});
