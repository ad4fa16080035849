import { tellingTexts, tellingWithYear } from '.';

test.each<[string[], string[]]>([
  [
    ['Bo', 'Wilhelmina', 'Åsé', 'Ann'],
    ['Wilhelmina', 'Bo', 'Åsé'],
  ],
  // An accent that is typed apart makes a name no longer; where none has any there is none to look at.
  [
    ['Anna', 'Bo\u0308\u0301', 'Ng'],
    ['Anna', 'Bo\u0308\u0301'],
  ],
  [
    ['Ann', 'Bob', 'Ng', 'Ab'],
    ['Ann', 'Ng'],
  ],
  [['Bo', 'Bo', ' '], ['Bo']],
  [[], []],
])('of %j are told %j', (texts, told) => {
  expect(tellingTexts(texts)).toEqual(told);
});

test('one with a year joins them where none of them has one', () => {
  expect(tellingWithYear(['Wilhelmina', 'Bo', 'Trio 12', 'Duo 1931', 'Cora 1932'])).toEqual([
    'Wilhelmina',
    'Bo',
    'Duo 1931',
  ]);
  expect(tellingWithYear(['Anniversary 1931', 'Bo', 'Cora 1932'])).toEqual(['Anniversary 1931', 'Bo']);
  expect(tellingWithYear([])).toEqual([]);
});
