import { numCharacters } from '.';

test('characters are counted as a reader counts them', () => {
  expect(['Zoë', 'Zoe\u0308', '👩‍👧‍👦', ''].map((text) => numCharacters(text))).toEqual([3, 3, 1, 0]);
});

test('counting ends one above what is asked for', () => {
  const long = 'e\u0301'.repeat(100_000);
  expect([numCharacters(long, 200), numCharacters(long, 3), numCharacters('Zoe\u0308', 3)]).toEqual([201, 4, 3]);
});
