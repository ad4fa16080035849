import fc from 'fast-check';
import { fileStem } from '.';

test.each([
  ['Ninetieth anniversary tour: garment bags', 'garment-bags'],
  ['Garment bags', 'garment-bags'],
  ['Presents:  for the Sørbø (3rd) ', 'for-the-sorbo-3rd'],
  ['Tour: part two: ', 'part-two'],
  ['Оркестр: мешки', 'мешки'],
  ['::', ''],
  ['', ''],
])('%j is %j', (title, stem) => {
  expect(fileStem(title)).toBe(stem);
});

test('whatever the title, a stem has words and hyphens only, whole words as long as one fits, and no more than forty', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (title) => {
      const stem = fileStem(title);
      expect(stem).toMatch(/^([\p{L}\p{N}]+(-[\p{L}\p{N}]+)*)?$/u);
      expect([...stem].length).toBeLessThanOrEqual(40);
      expect(fileStem(stem)).toBe(stem);
    }),
  );
  expect(fileStem('one of the very long titles that nobody would ever type')).toBe(
    'one-of-the-very-long-titles-that-nobody',
  );
  expect(fileStem('x'.repeat(60))).toBe('x'.repeat(40));
});
