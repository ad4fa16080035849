import { directedParts, inOrderSeen, levelsIn, runsLeft } from '.';

/** Parts as they are seen, those that run to the left marked. */
const seen = (text: string, breaks: readonly number[] = []) =>
  directedParts(text, breaks).map((part) => `${part.runsLeft ? '<' : '>'}${text.slice(part.start, part.end)}`);

test('a line of letters that run to the right is one part, broken only where it is asked for', () => {
  expect(seen('Ann & Bo, 1998')).toEqual(['>Ann & Bo, 1998']);
  expect(seen('AnnBo', [3])).toEqual(['>Ann', '>Bo']);
  expect(seen('')).toEqual([]);
  expect(['Åse', 'Γιώτα', 'Юра', '東'].some(runsLeft)).toBe(false);
  expect(['שרה', 'نور', 'Ann שרה', '\u{10840}'].every(runsLeft)).toBe(true);
});

test('words of a script that runs to the left are seen from the right, and figures among them from the left', () => {
  expect(seen('שרה')).toEqual(['<שרה']);
  expect(seen('Ann שרה Bo')).toEqual(['>Ann ', '<שרה', '> Bo']);
  expect(seen('שרה 1998')).toEqual(['>1998', '<שרה ']);
  expect(seen('שרה & Bo')).toEqual(['>Bo', '<שרה & ']);
  // What is broken within such a word comes in the order seen as well.
  expect(seen('שרה', [1])).toEqual(['<רה', '<ש']);
  expect(seen('Bo שרה', [4])).toEqual(['>Bo ', '<רה', '<ש']);
});

test('rows are turned round from the deepest on', () => {
  expect(inOrderSeen(['a', 'b', 'c', 'd'], [0, 1, 1, 0])).toEqual(['a', 'c', 'b', 'd']);
  expect(inOrderSeen(['a', 'b', 'c', 'd'], [1, 2, 2, 1])).toEqual(['d', 'b', 'c', 'a']);
  expect(inOrderSeen(['a', 'b'], [])).toEqual(['a', 'b']);
  expect([...levelsIn('ab', 'ltr'), ...levelsIn('שa', 'auto')]).toEqual([0, 0, 1, 2]);
});
