import { DEFAULT_LETTERINGS, SHIPPED_FACES } from '../shop';

/** The character itself, or its number where nobody could see it: controls, spaces, marks without a letter. */
export function nameOfCharacter(character: string): string {
  if (!/^[\p{C}\p{Z}\p{M}]/u.test(character)) return character;
  return codeOf(character.codePointAt(0) ?? 0);
}

export function codeOf(code: number): string {
  return `U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
}

/** Which shipped face would do, in the words that the lettering is chosen by. */
export function coverSentence(coveredBy: readonly string[]): string {
  const names = DEFAULT_LETTERINGS.filter(({ value }) => value.lines.every(({ face }) => coveredBy.includes(face))).map(
    ({ value }) => value.name,
  );
  if (names.length === 0 && coveredBy.length > 0) {
    const faces = SHIPPED_FACES.filter(({ sha }) => coveredBy.includes(sha)).map(({ name }) => name);
    return `${faces.join(' or ')} has it: make a lettering of it in Shop, Letterings`;
  }
  return names.length === 0
    ? 'no shipped face has it; change the spelling'
    : `${names.join(' or ')} has ${names.length === 1 ? 'the whole text' : 'it'}`;
}
