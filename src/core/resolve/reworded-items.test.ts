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
  .flatMap(({ itemId, ref, text, layers }) =>
    layers.map(({ id, materialId }) => ({ itemId, placeId: ref.placeId, layerId: id, materialId, text })),
  );
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

test('what is made and asked for no more is told while its entry is there, by a rule, by a number and by a column', () => {
  const [ann, bo] = dated.entries;
  const uses = (entryIds: readonly (typeof ann)[]) => ({
    ...dated,
    uses: dated.uses.map((use) => ({
      ...use,
      who: { kind: 'chosen' as const, entryIds: entryIds.map((one) => one!.id) },
    })),
  });
  expect(told(uses([bo]))).toEqual([['Ann Lind', 'AL / 2000', null]]);
  expect(told(uses([ann, bo]))).toEqual([]);
  const none = { ...dated, entries: dated.entries.map((entry) => (entry === bo ? { ...entry, quantity: 0 } : entry)) };
  expect(told(none)).toEqual([['Bo May', 'BM / 2001', null]]);
  // Entries that are gone are told by their lines.
  expect(told({ ...dated, entries: dated.entries.slice(1) })).toEqual([]);
  const away = { ...dated, entries: dated.entries.map((entry) => ({ ...entry, withdrawn: true })) };
  expect(told(away)).toEqual([]);
});

test('an item is told when its film would be another, and not where it was made so or both states say the same', () => {
  const films = { main: { field: 'colour', named: [{ value: 'white', materialId: 'film-white' }] } };
  const ruled = changePlaceUse(dated, null, (place) => ({ ...place, films }));
  const from = (before: RunSpec, after: RunSpec) => rewordedItems(before, after, made).map(({ was, is }) => [was, is]);
  const white = with_(1, 'colour', 'White')(ruled);
  expect(from(ruled, white)).toEqual([['BM / 2001, gold heat-transfer film', 'BM / 2001, white heat-transfer film']]);
  // It said so before, too; and back to what was made is nothing new.
  expect(from(white, with_(1, 'note', 'tall')(white))).toEqual([]);
  expect(from(white, ruled)).toEqual([]);
  // Of the third nothing is made; other words stand before another film.
  expect(from(ruled, with_(2, 'colour', 'White')(ruled))).toEqual([]);
  expect(from(ruled, with_(1, 'date', '2011')(white))).toEqual([['BM / 2001', 'BM / 2011']]);
});
