import type { OwnLetter } from '../spec';
import { lineLetters, lineOf, withOwnLetters } from '.';

const run = (text: string, colourSlot = 'main') => ({ text, colourSlot, face: null, isTall: false });
const own = (no: number, character: string, more: Partial<OwnLetter> = {}): OwnLetter => ({
  line: 0,
  no,
  character,
  ...more,
});
const said = (line: ReturnType<typeof lineOf>) =>
  line.runs.map(({ text, colourSlot, face, own: letter }) => [text, colourSlot, face, letter?.no ?? null]);

test('letters are counted as a reader does, with spaces', () => {
  expect(lineLetters('Zoe\u0308 B').map(({ no, character, at }) => [no, character, at])).toEqual([
    [0, 'Z', 0],
    [1, 'o', 1],
    [2, 'e\u0308', 2],
    [3, ' ', 4],
    [4, 'B', 5],
  ]);
});

test('a letter that is set otherwise is a run of its own, in its part’s colour, with its face', () => {
  const line = lineOf(0, [run('Anna'), run(' Bo', 'second')]);
  const lifted = own(1, 'n', { up: 0.1 });
  const other = own(5, 'B', { face: 'f'.repeat(64), faceName: 'Shop hand' });
  const set = withOwnLetters(line, [lifted, other]);
  expect(said(set)).toEqual([
    ['A', 'main', null, null],
    ['n', 'main', null, 1],
    ['na', 'main', null, null],
    [' ', 'second', null, null],
    ['B', 'second', 'f'.repeat(64), 5],
    ['o', 'second', null, null],
  ]);
  expect(set.text).toBe('Anna Bo');
  expect(set.runs[4]).toMatchObject({ faceName: 'Shop hand' });
  // Two side by side stay two, though they are set alike.
  expect(said(withOwnLetters(line, [own(1, 'n', { up: 0.1 }), own(2, 'n', { up: 0.1 })]))).toHaveLength(5);
});

test('of another line, or of one that reads otherwise now, nothing is set otherwise', () => {
  const line = lineOf(0, [run('Hanna')]);
  expect(withOwnLetters(line, [own(1, 'n')])).toBe(line);
  expect(withOwnLetters(line, [{ ...own(1, 'a'), line: 1 }])).toBe(line);
  expect(withOwnLetters(line, undefined)).toBe(line);
  expect(said(withOwnLetters(line, [own(1, 'a')]))).toHaveLength(3);
});
