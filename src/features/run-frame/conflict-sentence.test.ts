import { aRun } from '@/core/test';
import { conflictSentence } from './conflict-sentence';

const spec = aRun(['Bo Nyström']);
const said = (path: readonly string[], mine: unknown, theirs: unknown) =>
  conflictSentence({ path, mine, theirs }, spec);

test('a conflict names the entry and its field, and both values', () => {
  const id = spec.entries[0]!.id;
  expect(said(['entries', id, 'fields', 'text'], 'Bo', 'Boris')).toBe('Bo Nyström, text: “Bo” here, “Boris” there');
  expect(said(['entries', id, 'quantity'], 2, 3)).toBe('Bo Nyström, quantity: 2 here, 3 there');
  expect(said(['entries', id], undefined, {})).toBe('Bo Nyström: taken out here, changed there');
});

test('parts of the run are named in plain words', () => {
  expect(said(['title'], 'a', 'b')).toBe('the title: “a” here, “b” there');
  expect(said(['dueOn'], null, '2027-01-01')).toBe('the day it is due: none here, “2027-01-01” there');
  expect(said(['layout', 'spacingMm'], 4, 6)).toBe('the layout on the bed, spacingMm: 4 here, 6 there');
  expect(said(['shop', 'letterings', 'brass-script', 'value', 'minLetterHeightMm'], 9, 10)).toBe(
    'a lettering, minLetterHeightMm: 9 here, 10 there',
  );
});
