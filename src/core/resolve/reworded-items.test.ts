import { changePlaceUse } from '../edit';
import { changeField } from '../roster';
import { type RunSpec, wordingOf } from '../spec';
import { aRun } from '../test';
import { resolveSlots, rewordedItems } from '.';

const run = changePlaceUse(aRun(['Ann Lind', 'Bo May', 'Cy Ott']), null, (place) => ({
  ...place,
  wording: wordingOf(['{monogram}', '{date:year}']),
}));
const with_ = (no: number, name: string, value: string) => (spec: RunSpec) =>
  changeField(spec, spec.entries[no]!.id, name, value);
const dated = [0, 1, 2].reduce((spec, no) => with_(no, 'date', `200${no}-05-01`)(spec), run);
const made = resolveSlots(dated)
  .slice(0, 2)
  .map(({ itemId, ref, text }) => ({ itemId, placeId: ref.placeId, text }));
const told = (after: RunSpec) => rewordedItems(dated, after, made).map(({ whose, was, is }) => [whose, was, is]);

test('an item is told when what is cut on it would be otherwise, whatever the list says', () => {
  expect(told(dated)).toEqual([]);
  // The name is another, and what is cut of it is the same.
  expect(told(with_(0, 'text', 'Alma Lund')(dated))).toEqual([]);
  expect(told(with_(0, 'text', 'Anna Berg')(dated))).toEqual([['Anna Berg', 'AL / 2000', 'AB / 2000']]);
  expect(told(with_(1, 'date', '2011')(dated))).toEqual([['Bo May', 'BM / 2001', 'BM / 2011']]);
  // Nothing of the third is made.
  expect(told(with_(2, 'date', '2011')(dated))).toEqual([]);
});

test('what was made otherwise before is told only where the newer state changes something about it', () => {
  const since = with_(0, 'date', '2009')(dated);
  const from = (after: RunSpec) => rewordedItems(since, after, made).map(({ is }) => is);
  expect(from(with_(1, 'note', 'tall')(since))).toEqual([]);
  expect(from(with_(0, 'date', '2010')(since))).toEqual(['AL / 2010']);
  // Back to what was made.
  expect(from(with_(0, 'date', '2000-06-02')(since))).toEqual([]);
  expect(from({ ...since, entries: since.entries.slice(1) })).toEqual([]);
});
