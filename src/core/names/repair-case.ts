import { isParticle, isSuffix } from './known-words';

/** Family names in which `Mac` is a prefix before a capital; in most others (Macey, Mackay) it is not. */
const AFTER_MAC = /^mac(donald|leod|gregor|arthur|lean|millan|farlane|kinnon|pherson|intyre|dougall|allister|innes)$/i;

/**
 * The text with the capitals that names usually have, or null when nothing looks wrong. Only words in the wrong case are
 * touched: those all in capitals or all in small letters, `aNNA`, `O'dell`, `Jean-luc`. A word that mixes both in its own
 * way (`DeVries`, `McLeod`) was meant. Initials of one or two letters stay.
 */
export function repairCase(text: string, language: string): string | null {
  const words = text.split(/(\s+)/u);
  const letters = [...text].filter((c) => /\p{L}/u.test(c));
  if (letters.length <= 2) return null;
  const isAllCapitals = isCapitals(text);
  const isAllSmall = isSmall(text);
  const repaired = words
    .map((word, i) => {
      if (i % 2 === 1) return word;
      const isFirst = i === 0;
      if (isAllCapitals || isAllSmall) return setWord(word, isFirst, isAllCapitals, language);
      return repairWord(word, isFirst, language);
    })
    .join('');
  return repaired === text ? null : repaired;
}

function isCapitals(text: string): boolean {
  return /\p{Lu}.*\p{Lu}.*\p{Lu}/su.test(text) && !/\p{Ll}/u.test(text);
}

function isSmall(text: string): boolean {
  return /\p{Ll}/u.test(text) && !/\p{Lu}/u.test(text);
}

/** A word of a text that is all in one case. */
function setWord(word: string, isFirst: boolean, wasCapitals: boolean, language: string): string {
  // A single capital is an initial, not a word that joins.
  const isWord = word.length > 1 || !wasCapitals;
  if (!isFirst && isWord && (isParticle(word) || isJoining(word.toLowerCase()))) return lower(word, language);
  if (wasCapitals && /^[IVX]{2,4}$/.test(word)) return word;
  if (wasCapitals && /^\p{Lu}\.?$/u.test(word)) return word;
  return titled(word, language);
}

/** A word of a text that is otherwise in order. */
function repairWord(word: string, isFirst: boolean, language: string): string {
  if (isParticle(word)) return word;
  if (/^(\p{Lu})(\p{Ll}+)(?:-\p{Ll}\p{L}*)+$/u.test(word)) return titled(word, language);
  if (/^[OD]['’]\p{Ll}/u.test(word)) return titled(word, language);
  if (/^mc\p{Ll}{3,}$/iu.test(word) && !isMixed(word)) return titled(word, language);
  if (/^\p{Ll}{2,}[\p{L}'’-]*$/u.test(word) && isSmall(word) && !isSuffix(word) && !isJoining(word)) {
    return titled(word, language);
  }
  // Capitals turned round: the shift key met caps lock.
  if (/^\p{Ll}\p{Lu}{2,}$/u.test(word) || (isFirst && /^\p{Ll}\p{Lu}+$/u.test(word) && word.length > 2)) {
    return titled(word, language);
  }
  return word;
}

function isMixed(word: string): boolean {
  return /\p{Ll}/u.test(word) && /\p{Lu}/u.test(word.slice(1));
}

/** Small words between names. */
function isJoining(word: string): boolean {
  return /^(and|und|et|en|og|och|e|i|the|of|est|since)$/.test(word);
}

/** Each part between hyphens with its capital; `O’Dell`, `D’Arcy`, `McIlwraith`. */
function titled(word: string, language: string): string {
  return word
    .split(/(-)/)
    .map((part) => (part === '-' ? part : titledPart(part, language)))
    .join('');
}

function titledPart(part: string, language: string): string {
  const prefix = /^([\p{L}])(['’])(\p{L}{3,})$/u.exec(part);
  if (prefix) return upper(prefix[1]!, language) + prefix[2]! + capital(prefix[3]!, language);
  if (/^mc\p{L}{3,}$/iu.test(part)) return `Mc${capital(part.slice(2), language)}`;
  if (AFTER_MAC.test(part)) return `Mac${capital(part.slice(3), language)}`;
  return capital(part, language);
}

function capital(part: string, language: string): string {
  const start = part.search(/\p{L}/u);
  if (start < 0) return part;
  // Before a consonant IJ is Dutch whatever the run's language; before a vowel it may be another name (Ijeoma).
  const isPair = /^nl\b/i.test(language) ? /^ij/i : /^ij[^aeiouy]/i;
  const length = isPair.test(part.slice(start)) ? 2 : 1;
  const end = start + length;
  return part.slice(0, start) + upper(part.slice(start, end), language) + lower(part.slice(end), language);
}

const isTurkic = (language: string) => /^(tr|az)\b/i.test(language);

function upper(text: string, language: string): string {
  return (isTurkic(language) ? text.replace(/i/g, 'İ') : text).toUpperCase();
}

function lower(text: string, language: string): string {
  return (isTurkic(language) ? text.replace(/I/g, 'ı').replace(/İ/g, 'i') : text).toLowerCase();
}
