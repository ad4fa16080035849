/** Letters that look alike in Latin and in another script, one for one. */
const CYRILLIC = 'аеорсухіѕјһԛԝАВЕКМНОРСТХІЅЈУ';
const CYRILLIC_AS_LATIN = 'aeopcyxisjhqwABEKMHOPCTXISJY';
const GREEK = 'ονκιραΑΒΕΖΗΙΚΜΝΟΡΤΥΧ';
const GREEK_AS_LATIN = 'ovkipaABEZHIKMNOPTYX';

const TO_LATIN = new Map([...pairs(CYRILLIC, CYRILLIC_AS_LATIN), ...pairs(GREEK, GREEK_AS_LATIN)]);
const TO_CYRILLIC = new Map(pairs(CYRILLIC_AS_LATIN, CYRILLIC));

function pairs(from: string, to: string): [string, string][] {
  const targets = [...to];
  return [...from].map((letter, i) => [letter, targets[i]!]);
}

/**
 * The text with letters of another script put back into the script of their word, figures inside words read as letters
 * (`Wi11iam`, `0dell`), and shapes for narrow columns or joined print as plain letters; null when there is none. A word
 * that is wholly in its own script stays, whatever the others are, unless it has nothing but look-alikes among Latin ones.
 */
export function withoutLookAlikes(text: string): string | null {
  const isLatinText = /\p{Script=Latin}/u.test(text);
  const repaired = text.replace(/[\p{L}\p{M}\p{Nd}]+/gu, (word) => repairWord(word, isLatinText));
  return repaired === text ? null : repaired;
}

function repairWord(word: string, isLatinText: boolean): string {
  const plain = /[\uff00-\uffef\ufb00-\ufb06]/.test(word) ? word.normalize('NFKC') : word;
  const letters = [...plain].filter((c) => /\p{L}/u.test(c));
  const isForeign = letters.some((c) => /[\p{Script=Cyrillic}\p{Script=Greek}]/u.test(c));
  if (isForeign && isLatinText) return inOneScript(plain, letters);
  return figuresAsLetters(plain);
}

function inOneScript(word: string, letters: readonly string[]): string {
  const isSurelyForeign = letters.some((c) => /[\p{Script=Cyrillic}\p{Script=Greek}]/u.test(c) && !TO_LATIN.has(c));
  const hasLatin = letters.some((c) => /\p{Script=Latin}/u.test(c));
  if (!isSurelyForeign) return replaced(word, TO_LATIN);
  if (!hasLatin) return word;
  const isCyrillic = letters.some((c) => /\p{Script=Cyrillic}/u.test(c) && !TO_LATIN.has(c));
  return isCyrillic && letters.every((c) => !/\p{Script=Latin}/u.test(c) || TO_CYRILLIC.has(c))
    ? replaced(word, TO_CYRILLIC)
    : word;
}

function replaced(word: string, by: ReadonlyMap<string, string>): string {
  return [...word].map((c) => by.get(c) ?? c).join('');
}

/** A nought or a one between letters, or a nought before small ones, is a letter that was mistyped. */
function figuresAsLetters(word: string): string {
  if (!/\p{Ll}{2}/u.test(word)) return word;
  return word
    .replace(/^0(?=\p{Ll})/u, 'O')
    .replace(/(?<=\p{L})0+(?=\p{L})/gu, (noughts) => 'o'.repeat(noughts.length))
    .replace(/(?<=\p{L})1+(?=\p{L})/gu, (ones) => 'l'.repeat(ones.length));
}

const STRAIGHT = "['`´‘′]";
const INSIDE = new RegExp(`(?<=\\p{L})${STRAIGHT}(?=\\p{L})`, 'gu');
/** Letters are left out before `t` and `s` in Dutch: ’t Hoen. */
const BEFORE = new RegExp(`(?<=^|\\s)${STRAIGHT}(?=[ts](\\s|$))`, 'gu');

/** The text with printers’ apostrophes inside its words; null when it has no other. */
export function curlApostrophes(text: string): string | null {
  const curled = text.replace(INSIDE, '’').replace(BEFORE, '’');
  return curled === text ? null : curled;
}

/** Signs that take no room: between letters of scripts that do not join they got in by copying. */
const INVISIBLE = /(?<=^|[\p{Script=Latin}\s])[\u200b-\u200d\u2060\ufeff\u00ad]+|[\u200b\u2060\ufeff\u00ad]+/gu;

/** The text without signs that nobody sees, spaces around hyphens and apostrophes, and marks left at its ends. */
export function withoutStrayMarks(text: string): string | null {
  const clean = text
    .replace(INVISIBLE, '')
    .replace(/\s+/gu, ' ')
    .replace(/(?<=\p{L}) ?- (?=\p{L})|(?<=\p{L}) -(?=\p{L})/gu, '-')
    .replace(/(?<=\b[ODod]['’`´]) (?=\p{L})/gu, '')
    .replace(/^[\s,;:|]+|[\s,;:|]+$/gu, '');
  return clean === text ? null : clean;
}
