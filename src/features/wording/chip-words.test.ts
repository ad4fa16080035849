import fc from 'fast-check';
import { DATE_FORMS } from '@/core/dates';
import { chipParts, chipWords } from './chip-words';
import { sampleDate } from './sentences';

test('a line is cut up into words and chips, each saying what the entry gives there', () => {
  expect(chipParts('for {given}, {pet|given} of {Section}!', 'en')).toEqual([
    { kind: 'words', words: 'for ' },
    { kind: 'chip', token: '{given}', words: 'given name' },
    { kind: 'words', words: ', ' },
    { kind: 'chip', token: '{pet|given}', words: 'pet name, else given' },
    { kind: 'words', words: ' of ' },
    { kind: 'chip', token: '{Section}', words: 'Section' },
    { kind: 'words', words: '!' },
  ]);
  expect(chipParts('{} and {unclosed', 'en')).toEqual([{ kind: 'words', words: '{} and {unclosed' }]);
});

test('a date is shown as it will be written, in the language of the run', () => {
  for (const form of DATE_FORMS) expect(chipWords(`{date:${form}}`, 'en')).toBe(`date as ${sampleDate(form, 'en')}`);
  expect(chipWords('{date:long}', 'de')).not.toBe(chipWords('{date:long}', 'en'));
  // What else may be written in a file: alternatives of any kind.
  expect(chipWords('{given|number}', 'en')).toBe('given name, else number');
});

test('put together again, a line is what it was', () => {
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom('a', ' ', '{', '}', '|', 'é', 'text') }), (template) => {
      const again = chipParts(template, 'en').map((part) => (part.kind === 'chip' ? part.token : part.words));
      expect(again.join('')).toBe(template);
    }),
  );
});
