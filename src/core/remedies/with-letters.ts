import { MOST_OWN_LETTERS, type OwnLetter } from '../spec';

/** Single letters of a text with some of them changed; what they had of their own besides stays. Null: more than a text may have. */
export function withLetters(own: readonly OwnLetter[], changed: readonly OwnLetter[]): readonly OwnLetter[] | null {
  const isAt = (one: OwnLetter, other: OwnLetter) => one.line === other.line && one.no === other.no;
  const letters = [
    ...own.filter((one) => !changed.some((other) => isAt(one, other))),
    ...changed.map((letter) => ({
      ...own.find((one) => isAt(one, letter) && one.character === letter.character),
      ...letter,
    })),
  ];
  return letters.length > MOST_OWN_LETTERS ? null : letters;
}
