import {
  isFamilyStart,
  isFormalTitle,
  isParticle,
  isSuffix,
  isTitle,
  isTitleOrName,
  particleLength,
} from './known-words';
import { type NameParts, NO_NAME } from './name-parts';

/** A pet name is set off: `Robert "Bob" Lind`, `Robert (Bob) Lind`, `Robert «Bob» Lind`, `Robert 'Bob' Lind`. */
const SET_OFF =
  /\s*(?:\(([^()]+)\)|["“„”]([^"“”„]+)["”“]|[«»]([^«»]+)[«»]|[‹›]([^‹›]+)[‹›]|(?<=^|\s)[‘'’]([^‘’'\s][^‘’']*)['’](?=\s|,|$))\s*/u;

/** The name that somebody was born with is no part of the one that is worn. */
const BORN =
  /(?:^|[\s,]+|\s*\()((?:geb\.|geborene|née|nee|born|z domu|roz\.|nata|nato|född|født|ur\.) *\p{Lu}[^()]*)\)?\s*$/u;

export interface Reading {
  /** What two capitals beside small letters are: `AJ Sorrel` or, in a list that writes its family names so, `XU Anna`. */
  readonly twoCapitals: 'initials' | 'family';
}

const USUAL: Reading = { twoCapitals: 'initials' };

/**
 * Takes a name apart by the usual order: title, given, further, particle, family, suffix. `Berg, Anna` turns it round, and
 * so does a family name alone in capitals (`BERG Anna`). A single word is the given name, unless it is a title. What the
 * order does not tell (two family names without a hyphen) is for a person to say.
 */
export function splitName(text: string, reading: Reading = USUAL): NameParts {
  const born = BORN.exec(text);
  const whole = born ? text.slice(0, born.index) : text;
  const setOff = SET_OFF.exec(whole);
  const pet = (setOff?.slice(1).find((one) => one !== undefined) ?? '').trim();
  const rest = setOff ? whole.replace(SET_OFF, ' ').trim() : whole.trim();
  const parts = splitRest(rest, reading);
  return { ...parts, suffix: joined(parts.suffix, born?.[1]?.trim()), pet };
}

/**
 * Another way in which a name can be understood, by what its words and the run's language leave open; null where there is
 * none: two capitals that may be a family name, a title that may be a name, two family names without a hyphen, the family
 * name first.
 */
export function otherReading(text: string, language: string): NameParts | null {
  const usual = splitName(text);
  const words = [usual.given, usual.further, usual.particle, usual.family].join(' ').split(' ').filter(Boolean);
  const isPlain = !text.includes(',') && usual.particle === '' && words.join(' ') === text.trim();
  const capitals = splitName(text, { twoCapitals: 'family' });
  if (capitals.family !== usual.family && MAY_BE_FAMILY.test(capitals.family)) return capitals;
  const [title = '', name = '', ...more] = text.trim().split(/\s+/u);
  if (isTitleOrName(title) && name !== '' && more.length === 0) return { ...NO_NAME, given: title, family: name };
  if (!isPlain || words.length < 2) return null;
  if (/^(hu|zh|ja|ko|vi)\b/i.test(language)) {
    return { ...NO_NAME, family: words[0]!, given: words[1]!, further: words.slice(2).join(' ') };
  }
  if (!/^(es|pt|gl)\b/i.test(language) || words.length < 3 || usual.family.includes(' ')) return null;
  const [given = '', ...further] = words.slice(0, -2);
  return { ...NO_NAME, given, further: further.join(' '), family: words.slice(-2).join(' ') };
}

/** Whether most names of a list have their family name in capitals beside small letters, so that two capitals are one as well. */
export function writesFamiliesInCapitals(texts: readonly string[]): boolean {
  // Whoever is in question does not say what is usual.
  const several = texts.filter((text) => /\s/.test(text.trim()) && !/(?:^|[\s,])\p{Lu}{2}(?:$|[\s,])/u.test(text));
  const numLoud = several.filter((text) => capitalFamily(wordsOf(text.replace(/,/g, ' ')), USUAL) !== null).length;
  return numLoud * 2 > several.length;
}

/** Parts of which the family name was told with its particle (`van der Hoek`): each in its own place, as in a name of one text. */
export function withParticle(parts: NameParts): NameParts {
  const words = wordsOf(parts.family);
  const length = Math.min(particleLength(words), words.length - 1);
  if (parts.particle !== '' || length <= 0) return parts;
  return { ...parts, particle: words.slice(0, length).join(' '), family: words.slice(length).join(' ') };
}

/** Two capitals that can be said: XU, LI, NG, and not JP. */
const MAY_BE_FAMILY = /^(?:NG|[B-DF-HJ-NP-TV-Z][AEIOUY])$/;

function splitRest(text: string, reading: Reading): NameParts {
  const [before = '', ...after] = text.split(/\s*,\s*/);
  const head = wordsOf(before);
  const tails = after.map(wordsOf).filter(({ length }) => length > 0);
  const suffixes = tails.filter((tail) => tail.every(isSuffix));
  const named = tails.filter((tail) => !tail.every(isSuffix));
  const names = named.filter((tail) => !tail.every(isTitle));
  const suffix = suffixes.flat().join(' ');
  if (names.length === 0 && (named.length === 0 || head.length > 1)) {
    const parts = inOrder(head, reading);
    return { ...parts, title: joined(named.flat().join(' '), parts.title), suffix: joined(parts.suffix, suffix) };
  }
  const last = inOrder(['-', ...head], reading);
  const first = beforeFamily(named.flat());
  return {
    ...first,
    particle: joined(first.particle, last.particle),
    family: joined(last.further, last.family),
    suffix: joined(last.suffix, first.suffix, suffix),
  };
}

function joined(...parts: readonly (string | undefined)[]): string {
  return parts.filter(Boolean).join(' ');
}

/** A title that is grown together with the name stands by itself: `Dr.Anna`. */
function wordsOf(text: string): string[] {
  return text.split(/\s+/u).flatMap((word) => {
    const grown = /^(\p{L}{2,}\.)(\p{Lu}.*)$/u.exec(word);
    return grown && isTitle(grown[1]!) ? [grown[1]!, ...wordsOf(grown[2]!)] : word === '' ? [] : [word];
  });
}

/** `Dr Anna Maria van der`: everything but a family name. */
function beforeFamily(words: readonly string[]): NameParts {
  const numTitles = leading(words, isTitle);
  // `Lind, Nan`: where nothing else is a name, the title is.
  const isName = numTitles === words.length && !isFormalTitle(words.at(-1) ?? '');
  const titles = words.slice(0, isName ? numTitles - 1 : numTitles);
  const after = words.slice(titles.length);
  const numSuffixes = after.length < 2 ? 0 : leading([...after.slice(1)].reverse(), isSuffix);
  const named = after.slice(0, after.length - numSuffixes);
  const particleAt = named.findIndex((_, i) => i > 0 && i + particleLength(named, i) === named.length);
  const [given = '', ...further] = particleAt < 0 ? named : named.slice(0, particleAt);
  return {
    ...NO_NAME,
    title: titles.join(' '),
    given,
    further: further.join(' '),
    particle: particleAt < 0 ? '' : named.slice(particleAt).join(' '),
    suffix: after.slice(after.length - numSuffixes).join(' '),
  };
}

function inOrder(all: readonly string[], reading: Reading): NameParts {
  const numTitles = leading(all, isTitle);
  const afterTitle = all.slice(numTitles);
  const numSuffixes = afterTitle.length < 2 ? 0 : leading([...afterTitle.slice(1)].reverse(), isSuffix);
  const words = afterTitle.slice(0, afterTitle.length - numSuffixes);
  const ends = {
    ...NO_NAME,
    title: all.slice(0, numTitles).join(' '),
    suffix: afterTitle.slice(afterTitle.length - numSuffixes).join(' '),
  };
  if (words.length <= 1) {
    // `Mrs Lind` and `Dr Berg` name a family, `Coach Mike` and `Auntie Sue` a person: only formal titles tell.
    const isFormal = numTitles > 0 && isFormalTitle(all[numTitles - 1] ?? '');
    return { ...ends, [isFormal ? 'family' : 'given']: words[0] ?? '' };
  }
  return { ...ends, ...(capitalFamily(words, reading) ?? givenToFamily(words)) };
}

/** In capitals from its first letter, or from the one after its prefix: BERG, McDONNELL. */
const LOUD = /^(?:Mc|Mac|[OD]['’]|De|Di|Fitz|Van)?(?=[^\p{Ll}]*\p{Lu}{2})[^\p{Ll}]+$/u;

/** A family name written in capitals beside small letters says by itself which part it is. */
function capitalFamily(words: readonly string[], { twoCapitals }: Reading): Partial<NameParts> | null {
  const isLong = (word: string) => (word.match(/\p{L}/gu) ?? []).length > 2;
  const isLoud = (word: string) => LOUD.test(word) && (isLong(word) || isParticle(word) || twoCapitals === 'family');
  // Where everything is in capitals they say nothing.
  if (!words.some((word) => /\p{Ll}/u.test(word))) return null;
  const first = words.findIndex(isLoud);
  const loud = words.filter(isLoud);
  const isRun = words.slice(first, first + loud.length).every(isLoud);
  const isAtEnd = first === 0 || first + loud.length === words.length;
  if (first < 0 || loud.length === words.length || !isRun || !isAtEnd) return null;
  const numParticles = particleLength(loud);
  const others = words.filter((word) => !isLoud(word));
  if (numParticles >= loud.length || others.every(isParticle)) return null;
  const soft = leading([...others].reverse(), isParticle);
  const [given = '', ...further] = others.slice(0, others.length - soft);
  const particle = [...others.slice(others.length - soft), ...loud.slice(0, numParticles)].join(' ');
  return { given, further: further.join(' '), particle, family: loud.slice(numParticles).join(' ') };
}

function givenToFamily(words: readonly string[]): Partial<NameParts> {
  const [given = '', ...others] = words;
  // `José Ibarra y Solano`: the word before `y` belongs to the family name.
  const joinAt = others.findIndex((word, i) => i > 0 && i < others.length - 1 && /^[yei]$/.test(word));
  if (joinAt > 0) {
    return { given, further: others.slice(0, joinAt - 1).join(' '), family: others.slice(joinAt - 1).join(' ') };
  }
  const isStart = (i: number) => particleLength(others, i) > 0 || isFamilyStart(others[i]!);
  const startAt = others.findIndex((_, i) => i < others.length - 1 && isStart(i));
  if (startAt < 0) return { given, further: others.slice(0, -1).join(' '), family: others.at(-1) ?? '' };
  const fromStart = others.slice(startAt);
  const numParticles = Math.min(particleLength(fromStart), fromStart.length - 1);
  return {
    given,
    further: others.slice(0, startAt).join(' '),
    particle: fromStart.slice(0, numParticles).join(' '),
    family: fromStart.slice(numParticles).join(' '),
  };
}

/** How many words from the start satisfy it. */
function leading(words: readonly string[], holds: (word: string) => boolean): number {
  const end = words.findIndex((word) => !holds(word));
  return end < 0 ? words.length : end;
}
