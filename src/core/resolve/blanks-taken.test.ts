import { changeMotifSpot, changePlaceUse, changeUse, takeMotif } from '../edit';
import { STARTER_MOTIFS } from '../motifs';
import { changeQuantity, takeOut } from '../roster';
import { type RunSpec, wordingOf } from '../spec';
import { aRun, seededBytes } from '../test';
import { blanksOfUse, blanksTaken, numItems, resetSlot, resolveSlots } from '.';

const spread = (spec: RunSpec, motifBlanks: number, spacesAreBlanks: boolean) =>
  changePlaceUse(spec, null, (place) => ({
    ...place,
    wording: { ...wordingOf(['{text}']), spread: 'letterPerBlank', motifBlanks, spacesAreBlanks },
  }));
const counts = (spec: RunSpec) => blanksTaken(spec).map(({ items, motifs, empty }) => [items, motifs, empty]);

test('each item takes a blank, as often as it is wanted', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const more = changeQuantity(changeQuantity(spec, spec.entries[0]!.id, 3), spec.entries[1]!.id, 0);
  expect(counts(more)).toEqual([
    [3, 0, 0],
    [1, 0, 0],
  ]);
  expect(counts(takeOut(more, new Set([spec.entries[2]!.id]), () => true))).toEqual([[3, 0, 0]]);
  const each = changeUse(more, more.uses[0]!.id, (use) => ({ ...use, each: 2 }));
  expect(counts(each)).toEqual([
    [6, 0, 0],
    [2, 0, 0],
  ]);
  expect(blanksOfUse(each, each.uses[0]!.id)).toEqual({ items: 8, motifs: 0, empty: 0 });
  expect(blanksOfUse(each, 'another')).toEqual({ items: 0, motifs: 0, empty: 0 });
});

test('letters on blanks of their own: motifs and spaces take blanks as well', () => {
  const spec = spread(aRun(['Ann Lee', 'Bo']), 2, true);
  expect(counts(spec)).toEqual([
    [6, 2, 1],
    [2, 2, 0],
  ]);
  expect(resolveSlots(spec)).toHaveLength(8);
  expect(counts(changeQuantity(spec, spec.entries[0]!.id, 2))[0]).toEqual([12, 4, 2]);
  expect(counts(spread(aRun(['Ann Lee']), 0, false))).toEqual([[6, 0, 0]]);
});

test('an entry whose places are all empty for now takes its blank all the same', () => {
  const spec = aRun(['Ann', 'Bo']);
  const empty = changePlaceUse(spec, null, (place) => ({ ...place, wording: null }));
  expect(resolveSlots(empty)).toEqual([]);
  expect(counts(empty)).toEqual([
    [1, 0, 0],
    [1, 0, 0],
  ]);
});

test('with a motif of the place its blanks are items of their own: letters stand alone, and so does the motif', () => {
  const star = STARTER_MOTIFS.find(({ value }) => value.name === 'star')!;
  const spec = takeMotif(spread(aRun(['Ann Lee', 'Bo']), 2, true), null, star, seededBytes(5));
  expect(counts(spec)).toEqual([
    [8, 0, 1],
    [4, 0, 0],
  ]);
  expect(numItems(spec)).toBe(12);
  const slots = resolveSlots(spec);
  expect(slots.map(({ text }) => text.join())).toEqual([
    'A',
    'n',
    'n',
    'L',
    'e',
    'e',
    'star',
    'star',
    'B',
    'o',
    'star',
    'star',
  ]);
  expect(slots.map(({ motif, copy, layers }) => [motif?.spot ?? null, copy, layers.length]).slice(5, 9)).toEqual([
    [null, 1, 1],
    ['alone', 1, 2],
    ['alone', 1, 2],
    [null, 1, 1],
  ]);
  // Two copies take each twice, one after the other.
  const twice = resolveSlots(changeQuantity(spec, spec.entries[1]!.id, 2)).slice(8);
  expect(twice.map(({ text, copy }) => `${text.join()}${copy}`)).toEqual([
    'B1',
    'o1',
    'star1',
    'star1',
    'B2',
    'o2',
    'star2',
    'star2',
  ]);
  // What is tried of one stays what it is.
  const tried = [slots[0]!, slots[6]!].map((slot) => resetSlot(spec, slot, { widthShare: 0.9 }));
  expect(tried.map(({ text, motif, widthShare }) => [text.join(), motif?.spot ?? null, widthShare])).toEqual([
    ['A', null, 0.9],
    ['star', 'alone', 0.9],
  ]);
  // Instead of a text there is one motif an item, however the words would have been spread.
  expect(counts(changeMotifSpot(spec, null, 'alone'))).toEqual([
    [1, 0, 0],
    [1, 0, 0],
  ]);
});
