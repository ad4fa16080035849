import { isParticle, isSuffix, isTitle } from './known-words';
import { type NameParts, NO_NAME } from './name-parts';

/** A pet name is set off: `Robert "Bob" Lind`, `Robert (Bob) Lind`. */
const SET_OFF = /\s*(?:\(([^()]+)\)|["“„]([^"“”„]+)["”“]|‘([^‘’]+)’(?=\s|$))\s*/u;

/**
 * Takes a name apart by the usual order: title, given, further, particle, family, suffix. `Berg, Anna` turns it round, and
 * so does a family name alone in capitals (`BERG Anna`). A single word is the given name, unless it is a title. What the
 * order does not tell (two family names without a hyphen) is for a person to say.
 */
export function splitName(text: string): NameParts {
  const setOff = SET_OFF.exec(text);
  const pet = (setOff?.[1] ?? setOff?.[2] ?? setOff?.[3] ?? '').trim();
  const rest = setOff ? text.replace(SET_OFF, ' ').trim() : text.trim();
  return { ...splitRest(rest), pet };
}

function splitRest(text: string): NameParts {
  const [beforeComma = '', ...afterComma] = text.split(/\s*,\s*/);
  const tail = wordsOf(afterComma.join(' '));
  if (tail.length === 0) return inOrder(wordsOf(beforeComma));
  if (tail.every(isSuffix)) return { ...inOrder(wordsOf(beforeComma)), suffix: tail.join(' ') };
  const last = inOrder(['-', ...wordsOf(beforeComma)]);
  const first = beforeFamily(tail);
  return {
    ...first,
    particle: last.particle,
    family: [last.further, last.family].filter(Boolean).join(' '),
    suffix: last.suffix,
  };
}

function wordsOf(text: string): string[] {
  return text.split(/\s+/u).filter((word) => word !== '');
}

/** `Dr Anna Maria`: everything but a family name. */
function beforeFamily(words: readonly string[]): NameParts {
  const numTitles = count(words, isTitle);
  const [given = '', ...further] = words.slice(numTitles);
  return { ...NO_NAME, title: words.slice(0, numTitles).join(' '), given, further: further.join(' ') };
}

function inOrder(all: readonly string[]): NameParts {
  const numTitles = count(all, isTitle);
  const afterTitle = all.slice(numTitles);
  const numSuffixes = afterTitle.length < 2 ? 0 : count([...afterTitle.slice(1)].reverse(), isSuffix);
  const words = afterTitle.slice(0, afterTitle.length - numSuffixes);
  const ends = {
    ...NO_NAME,
    title: all.slice(0, numTitles).join(' '),
    suffix: afterTitle.slice(afterTitle.length - numSuffixes).join(' '),
  };
  if (words.length <= 1) {
    // `Mrs Lind` and `Dr Berg` name a family, `Coach Mike` and `Auntie Sue` a person: only formal titles tell.
    const isFormal = numTitles > 0 && FORMAL.test(all[numTitles - 1] ?? '');
    return { ...ends, [isFormal ? 'family' : 'given']: words[0] ?? '' };
  }
  return { ...ends, ...(capitalFamily(words) ?? givenToFamily(words)) };
}

const FORMAL =
  /^(dr|prof|mr|mrs|ms|miss|mx|herr|frau|mme|mlle|monsieur|madame|señora?|signora?|dhr|mevr|mevrouw|meneer)\.?$/i;

/** A family name written in capitals beside small letters says by itself which part it is. */
function capitalFamily(words: readonly string[]): Partial<NameParts> | null {
  const isLoud = (word: string) => /\p{Lu}{2}/u.test(word) && word === word.toUpperCase();
  const first = words.findIndex(isLoud);
  const loud = words.filter(isLoud);
  const isRun = words.slice(first, first + loud.length).every(isLoud);
  const isAtEnd = first === 0 || first + loud.length === words.length;
  if (first < 0 || loud.length === words.length || !isRun || !isAtEnd) return null;
  const numParticles = count(loud, isParticle);
  const others = words.filter((word) => !isLoud(word));
  if (numParticles === loud.length || others.every(isParticle)) return null;
  const soft = count([...others].reverse(), isParticle);
  const [given = '', ...further] = others.slice(0, others.length - soft);
  const particle = [...others.slice(others.length - soft), ...loud.slice(0, numParticles)].join(' ');
  return { given, further: further.join(' '), particle, family: loud.slice(numParticles).join(' ') };
}

function givenToFamily(words: readonly string[]): Partial<NameParts> {
  const [given = '', ...others] = words;
  const particleAt = others.findIndex((word, i) => isParticle(word) && i < others.length - 1);
  if (particleAt < 0) return { given, further: others.slice(0, -1).join(' '), family: others.at(-1) ?? '' };
  const fromParticle = others.slice(particleAt);
  const numParticles = Math.min(count(fromParticle, isParticle), fromParticle.length - 1);
  // `José Ibarra y Solano`: the word before `y` belongs to the family name.
  const isJoining = /^y$/i.test(fromParticle[0] ?? '') && particleAt > 0;
  if (isJoining) {
    return {
      given,
      further: others.slice(0, particleAt - 1).join(' '),
      family: others.slice(particleAt - 1).join(' '),
    };
  }
  return {
    given,
    further: others.slice(0, particleAt).join(' '),
    particle: fromParticle.slice(0, numParticles).join(' '),
    family: fromParticle.slice(numParticles).join(' '),
  };
}

/** How many words from the start satisfy it. */
function count(words: readonly string[], holds: (word: string) => boolean): number {
  const end = words.findIndex((word) => !holds(word));
  return end < 0 ? words.length : end;
}
