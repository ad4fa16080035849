import { alternateWords } from '.';

test('a set is called as its maker calls it, by what it does, or by its number', () => {
  expect(alternateWords('ss03', 'Round a')).toBe('Round a');
  expect(alternateWords('swsh', null)).toBe('swashes');
  expect(alternateWords('zero', null)).toBe('a nought that is no O');
  expect(alternateWords('ss03', null)).toBe('set 3');
  expect(alternateWords('cv12', null)).toBe('letter 12');
});
