import { mainPlace } from '../run';
import { aRun } from '../test';
import { wordingLines } from '.';

const spec = aRun(['Ann Lee']);
const { placeUse } = mainPlace(spec);
const entry = { ...spec.entries[0]!, fields: { text: 'Ann Lee', part: 'cornet', constructor_: '' } };
const saying = (template: string) =>
  wordingLines(entry, {
    ...placeUse,
    wording: { lines: [{ runs: [{ template, slot: 'main', face: null }] }], spread: 'together' },
  });

test('fields are put in by name, as often as they stand', () => {
  expect(saying('{text}')).toEqual(['Ann Lee']);
  expect(saying('{text}, {part} ({text})')).toEqual(['Ann Lee, cornet (Ann Lee)']);
});

test('a field that the entry does not have becomes nothing, also one that every object has', () => {
  expect(saying('{joined}{toString}{__proto__}!')).toEqual(['!']);
});

test('braces without a name stay as they are, and a text with braces is not filled again', () => {
  expect(saying('{} {text')).toEqual(['{} {text']);
  const tricky = { ...entry, fields: { text: '{part}', part: 'cornet' } };
  expect(wordingLines(tricky, placeUse)).toEqual(['{part}']);
});

test('a place that stays empty for now says nothing at all', () => {
  expect(wordingLines(entry, { ...placeUse, wording: null })).toBeNull();
});
