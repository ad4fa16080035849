import { changePlaceUse, changeUse } from '../edit';
import { changeQuantity, takeOut } from '../roster';
import { type RunSpec, wordingOf } from '../spec';
import { aRun } from '../test';
import { blanksOfUse, blanksTaken, resolveSlots } from '.';

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
