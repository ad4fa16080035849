import { assertNever } from '../outcome';
import type { CaseForm } from '../shop';
import { toCapital, toSmall } from './letter-pairs';

/**
 * Sets a text in capitals or with capital initials, by the customs of the run's language (a tag such as `tr` or `nl-BE`):
 * Turkish and Azeri dot their i, Dutch takes IJ as one letter, Greek capitals lose their accent but keep a separation.
 * `ß` becomes SS. What is typed composed stays composed.
 */
export function applyCase(text: string, form: CaseForm, language: string): string {
  switch (form) {
    case 'asTyped':
      return text;
    case 'capitals':
      return inCapitals(text.normalize('NFC'), language).normalize('NFC');
    case 'title':
      return inTitleCase(text.normalize('NFC'), language).normalize('NFC');
    default:
      return assertNever(form);
  }
}

const isTurkic = (language: string) => /^(tr|az)\b/i.test(language);
const isDutch = (language: string) => /^nl\b/i.test(language);

function capital(character: string, language: string): string {
  return character === 'i' && isTurkic(language) ? 'İ' : toCapital(character);
}

function small(character: string, language: string): string {
  return character === 'I' && isTurkic(language) ? 'ı' : toSmall(character);
}

const WITHOUT_ACCENT: Readonly<Record<string, string>> = {
  Ά: 'Α',
  Έ: 'Ε',
  Ή: 'Η',
  Ί: 'Ι',
  Ό: 'Ο',
  Ύ: 'Υ',
  Ώ: 'Ω',
};
const SEPARATED: Readonly<Record<string, string>> = { Ι: 'Ϊ', Υ: 'Ϋ' };

function inCapitals(text: string, language: string): string {
  let set = '';
  let lostAccent = false;
  for (const character of text) {
    const upper = capital(character, language);
    const bare = WITHOUT_ACCENT[upper] ?? upper;
    // The accent told that two vowels are read apart (ρολόι); without it two dots have to (ΡΟΛΟΪ).
    set += lostAccent ? (SEPARATED[bare] ?? bare) : bare;
    lostAccent = bare !== upper;
  }
  return set;
}

/** Letters with their marks, and apostrophes inside a word. */
const WORD = /[\p{L}\p{M}]+(?:['’ʼ][\p{L}\p{M}]+)*/gu;

function inTitleCase(text: string, language: string): string {
  return text.replace(WORD, (word) => (isMixed(word) ? word : titleWord(word, language)));
}

/** A capital inside a word that also has small letters (McLeod, DeVries) was meant. */
function isMixed(word: string): boolean {
  const inner = [...word].slice(1);
  return [...word].some((c) => toCapital(c) !== c) && inner.some((c) => toSmall(c) !== c);
}

function titleWord(word: string, language: string): string {
  const [first = '', ...others] = word.split(/(?<=['’ʼ])/u);
  // O'Brien and D'Arcy, but Kid's: only after a single letter, and before a name's worth of them.
  const [beforeApostrophe] = [...first];
  const isPrefix = others.length > 0 && first.length === 2 && beforeApostrophe !== undefined && others[0]!.length > 2;
  const rest = others.map((part) => (isPrefix ? titlePart(part, language) : inSmall(part, language)));
  return withFinalSigma(titlePart(first, language) + rest.join(''));
}

function titlePart(part: string, language: string): string {
  const [head = '', ...tail] = part;
  if (isDutch(language) && /^ij/i.test(part)) return `IJ${inSmall(part.slice(2), language)}`;
  const initial = capital(head, language);
  // A letter that becomes two (ß) keeps only its first as a capital.
  const [first = '', ...more] = initial;
  return first + inSmall(more.join('') + tail.join(''), language);
}

function inSmall(text: string, language: string): string {
  return [...text].map((character) => small(character, language)).join('');
}

/** Sigma at the end of a word has a form of its own. */
function withFinalSigma(word: string): string {
  return word.length > 1 ? word.replace(/σ$/u, 'ς') : word;
}
