import { MOST_OWN_LETTERS, type OwnLetter } from '../spec';
import { withLetters } from './with-letters';

const letter = (no: number, character: string, more: Partial<OwnLetter> = {}): OwnLetter => ({
  line: 1,
  no,
  character,
  ...more,
});

test('a letter keeps what it had of its own, and has nothing of an equal one elsewhere or of another one there', () => {
  const own = [
    letter(1, 'a', { turnDeg: 5 }),
    letter(3, 'a', { size: 1.2 }),
    { ...letter(1, 'a', { size: 0.8 }), line: 2 },
  ];
  expect(withLetters(own, [letter(1, 'a', { face: 'other' }), letter(2, 'a', { face: 'other' })])).toEqual([
    letter(3, 'a', { size: 1.2 }),
    { ...letter(1, 'a', { size: 0.8 }), line: 2 },
    letter(1, 'a', { turnDeg: 5, face: 'other' }),
    letter(2, 'a', { face: 'other' }),
  ]);
  expect(withLetters(own, [letter(1, 'e', { face: 'other' })])?.at(-1)).toEqual(letter(1, 'e', { face: 'other' }));
});

test('as many letters as a text may have are changed, and not one more', () => {
  const many = Array.from({ length: MOST_OWN_LETTERS }, (_, no) => letter(no, 'n'));
  expect(withLetters([], many)).toHaveLength(MOST_OWN_LETTERS);
  expect(withLetters(many.slice(1), [letter(0, 'n')])).toHaveLength(MOST_OWN_LETTERS);
  expect(withLetters(many, [letter(MOST_OWN_LETTERS, 'n')])).toBeNull();
});
