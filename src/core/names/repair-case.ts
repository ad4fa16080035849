import { isFamilyStart, isParticle, isSuffix, isTitle, particleLength } from './known-words';
import { plainName } from './plain-name';

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
  const named = words.filter((_, i) => i % 2 === 0);
  const repaired = words
    .map((word, i) => {
      if (i % 2 === 1) return word;
      const at: Spot = { words: named, no: i / 2, language };
      return isAllCapitals || isAllSmall ? setWord(word, isAllCapitals, at) : repairWord(word, at);
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

/** A word's place among those of its text. */
interface Spot {
  readonly words: readonly string[];
  readonly no: number;
  readonly language: string;
}

/** A word of a text that is all in one case. */
function setWord(word: string, wasCapitals: boolean, { words, no, language }: Spot): string {
  const isLast = no === words.length - 1;
  // A single capital is an initial, not a word that joins.
  const isWord = word.length > 1 || !wasCapitals;
  if (isLeftOut(word)) return lower(word, language);
  if (no > 0 && isWord && (isInParticle(words, no) || isJoining(word.toLowerCase()))) return lower(word, language);
  if (isTitle(word) || isFamilyStart(word)) return titled(word, language);
  const isRoman = /^[IVX]+$/i.test(word);
  if (isLast && !isRoman && isSuffix(word)) return suffixCase(word, language);
  if (no > 0 && isLast && isNumeral(word.toUpperCase(), words.length)) return word.toUpperCase();
  return wasCapitals && !isRoman && isInitials(word) ? word : titled(word, language);
}

/** It belongs to a particle, and a name follows: `VAN DER`, the `AUF` of `AUF DER`. */
function isInParticle(words: readonly string[], no: number): boolean {
  const small = words.map((word) => word.toLowerCase());
  return small.some((_, at) => at <= no && no < at + particleLength(small, at)) && !/^(ben|abu|lo)$/.test(small[no]!);
}

/** `’t`, `’s`: never a capital. */
function isLeftOut(word: string): boolean {
  return /^['’][ts]$/i.test(word);
}

/** `J.R.`, `J.-L.`, `E`, and two capitals that cannot be said (JP, AJ; but NG). */
function isInitials(word: string): boolean {
  if (/^\p{Lu}(?:\.(?:-?\p{Lu}\.?)*)?$/u.test(word)) return true;
  return /^\p{Lu}{2}$/u.test(word) && word !== 'NG' && (/J$/.test(word) || !/[aeiouy]/.test(plainName(word)));
}

/** XI and VI are also names: the second of two words is more likely one of those. */
function isNumeral(word: string, numWords: number): boolean {
  return /^(?:X{0,3}(?:IX|IV|V?I{0,3}))$/.test(word) && word.length > 1 && (numWords > 2 || !/^[XV]I$/.test(word));
}

const SUFFIX_CASE: Readonly<Record<string, string>> = {
  phd: 'PhD',
  bsc: 'BSc',
  msc: 'MSc',
  md: 'MD',
  obe: 'OBE',
  mbe: 'MBE',
};

function suffixCase(word: string, language: string): string {
  if (/^\d/.test(word)) return lower(word, language);
  return SUFFIX_CASE[word.toLowerCase()] ?? titled(word, language);
}

/** A word of a text that is otherwise in order. */
function repairWord(word: string, { no, language }: Spot): string {
  if (isParticle(word)) return word;
  if (/^(\p{Lu})(\p{Ll}+)(?:-\p{Ll}\p{L}*)+$/u.test(word)) return titled(word, language);
  if (/^[OD]['’]\p{Ll}/u.test(word)) return titled(word, language);
  if (/^mc\p{Ll}{3,}$/iu.test(word) && !isMixed(word)) return titled(word, language);
  if (/^\p{Ll}{2,}[\p{L}'’-]*$/u.test(word) && isSmall(word) && !isSuffix(word) && !isJoining(word)) {
    return titled(word, language);
  }
  if (/^(?:Mc|Mac|[OD]['’])\p{Lu}{3,}$/u.test(word) && isMixed(word)) return titledAfterPrefix(word, language);
  // Capitals turned round: the shift key met caps lock.
  if (/^\p{Ll}\p{Lu}{2,}$/u.test(word) || (no === 0 && /^\p{Ll}\p{Lu}+$/u.test(word) && word.length > 2)) {
    return titled(word, language);
  }
  return word;
}

/** `McDONNELL`: whoever wrote it knew where the name begins. */
function titledAfterPrefix(word: string, language: string): string {
  const [prefix = ''] = /^(?:Mc|Mac|[OD]['’])/u.exec(word) ?? [];
  return prefix + capital(word.slice(prefix.length), language);
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
  const prefix = /^(\p{L}|dell|dall|nell|sant)(['’])(\p{L}{3,})$/iu.exec(part);
  if (prefix) return capital(prefix[1]!, language) + prefix[2]! + capital(prefix[3]!, language);
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
