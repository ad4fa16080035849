import { MAX_ENTRIES } from '@/core/roster';
import { entriesWords, previewOf } from './list-preview';

test('a preview says how many, and how the rows were read', () => {
  expect(previewOf('Ann\nBo', 'detect')).toMatchObject({ isUsable: true, countWords: '2 entries', readingWords: '' });
  expect(previewOf('Name\tQty\nAnn\t2', 'detect')).toMatchObject({
    countWords: '1 entry',
    readingWords: 'Read as a table with a header: text, quantity.',
  });
  expect(previewOf('Name\tQty\nAnn\t2', 'lines').countWords).toBe('2 entries');
  expect(previewOf(' ', 'detect')).toMatchObject({ isUsable: false, countWords: 'The list is empty.' });
});

test('too many are refused with their number and the most there may be', () => {
  const { isUsable, countWords } = previewOf('Ann\n'.repeat(MAX_ENTRIES + 1), 'detect');
  expect(isUsable).toBe(false);
  expect(countWords).toContain('20,001 entries are more than the 20,000 of one run');
  expect(entriesWords(1)).toBe('1 entry');
});
