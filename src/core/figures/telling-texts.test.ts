import { tellingTexts } from '.';

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
