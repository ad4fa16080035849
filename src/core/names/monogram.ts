import { type Outcome, fail, ok } from '../outcome';
import { particleLength } from './known-words';
import type { NameParts } from './name-parts';

export const MONOGRAM_FORMS = ['three', 'largeCentre', 'two', 'one', 'couple'] as const;

/** By which custom a run makes its monograms. */
export interface MonogramRule {
  /**
   * `three`: first, further, family, all alike. `largeCentre`: first, FAMILY, further, the family's letter taller. `two`:
   * first, family. `one`: the family's letter, or the first. `couple`: first, FAMILY, first.
   */
  readonly form: (typeof MONOGRAM_FORMS)[number];
  /** Which letter of a double-barrelled family name. */
  readonly doubled: 'first' | 'last' | 'both';
  /** Whether `van der Berg` is a B or a V. */
  readonly particles: 'drop' | 'keep';
  /** Who has no further given name gets two letters, or is asked about. */
  readonly noFurther: 'two' | 'ask';
  /** Whose letter stands alone in the form `one`. */
  readonly single: 'family' | 'given';
}

export interface Monogram {
  readonly letters: string;
  /** The part of `letters` that is drawn taller, in UTF-16 units; null when all are alike. */
  readonly large: { readonly at: number; readonly length: number } | null;
}

export type MonogramProblem = {
  readonly kind: 'noGiven' | 'noFurther' | 'noFamily' | 'noSecond' | 'twoFamilies';
};

/** Between given names: `Anna Maria`, `J.R.`; a hyphen makes one of two. */
const SEVERAL = /\s+|\.(?=\p{L})/u;

/** `second` is the other person of a couple. `language` says which letters are one (Dutch IJ, Welsh Ll) and how they are capitals. */
export function monogramOf(
  parts: NameParts,
  second: NameParts | null,
  rule: MonogramRule,
  language: string,
): Outcome<Monogram, MonogramProblem> {
  const given = initial(parts.given, language);
  // Whoever has several further names is still written with three letters: the first of them counts.
  const [, ...alsoGiven] = parts.given.split(SEVERAL).filter(Boolean);
  const further = initial((parts.further || alsoGiven.join(' ')).split(SEVERAL)[0] ?? '', language);
  const family = familyLetters(parts, rule, language);
  switch (rule.form) {
    case 'one':
      return single(rule.single === 'family' ? family : given, rule.single === 'family' ? 'noFamily' : 'noGiven');
    case 'couple':
      return coupled(parts, second, rule, language);
    case 'two':
      if (given === '') return fail({ kind: 'noGiven' });
      return family === '' ? fail({ kind: 'noFamily' }) : ok(alike(given + family));
    case 'three':
    case 'largeCentre':
      if (given === '') return fail({ kind: 'noGiven' });
      if (family === '') return fail({ kind: 'noFamily' });
      if (further === '') return rule.noFurther === 'ask' ? fail({ kind: 'noFurther' }) : ok(alike(given + family));
      return ok(rule.form === 'three' ? alike(given + further + family) : centred(given, family, further));
  }
}

/** A monogram that somebody typed instead: with the centre taller where the rule asks for it and there is one. */
export function typedMonogram(typed: string, { form }: MonogramRule): Monogram {
  const letters = typed.match(/\p{L}\p{M}*/gu) ?? [];
  const isCentred = (form === 'largeCentre' || form === 'couple') && letters.length === 3 && letters.join('') === typed;
  return isCentred ? centred(letters[0]!, letters[1]!, letters[2]!) : alike(typed);
}

function single(letter: string, problem: 'noGiven' | 'noFamily'): Outcome<Monogram, MonogramProblem> {
  return letter === '' ? fail({ kind: problem }) : ok(alike(letter));
}

function coupled(
  parts: NameParts,
  second: NameParts | null,
  rule: MonogramRule,
  language: string,
): Outcome<Monogram, MonogramProblem> {
  const [given, other] = [initial(parts.given, language), initial(second?.given ?? '', language)];
  if (given === '') return fail({ kind: 'noGiven' });
  if (!second || other === '') return fail({ kind: 'noSecond' });
  const [family, otherFamily] = [familyLetters(parts, rule, language), familyLetters(second, rule, language)];
  if (family !== '' && otherFamily !== '' && family !== otherFamily) return fail({ kind: 'twoFamilies' });
  const shared = family || otherFamily;
  return shared === '' ? fail({ kind: 'noFamily' }) : ok(centred(given, shared, other));
}

function alike(letters: string): Monogram {
  return { letters, large: null };
}

function centred(first: string, centre: string, last: string): Monogram {
  return { letters: first + centre + last, large: { at: first.length, length: centre.length } };
}

function familyLetters({ particle, family }: NameParts, rule: MonogramRule, language: string): string {
  const [first = '', ...others] = barrelsOf(family);
  const barrels = [[particle, first].filter(Boolean).join(' '), ...others];
  const letters = barrels
    .map((barrel) => initial(rule.particles === 'drop' ? withoutParticle(barrel) : barrel, language))
    .filter((letter) => letter !== '');
  if (rule.doubled === 'both') return letters.join('');
  return (rule.doubled === 'first' ? letters[0] : letters.at(-1)) ?? '';
}

/** Arabic articles and words for "son of", grown on with a hyphen: they part no barrels. */
const GROWN = /^(al|el|as|ad|ar|at|az|ash|an|ul|bin|ben|ibn|abu)-(?=\p{L})/iu;

function barrelsOf(family: string): string[] {
  const grown = GROWN.exec(family)?.[0] ?? '';
  const [first = '', ...others] = family
    .slice(grown.length)
    .split('-')
    .filter((part) => /\p{L}/u.test(part));
  return [grown + first, ...others].filter((part) => part !== '');
}

/** `d’Arcy` and `al-Faris` have theirs grown on, in small letters; `O’Dell` and `D’Angelo` are names of one piece. */
function withoutParticle(barrel: string): string {
  const words = barrel.split(' ');
  const length = particleLength(words);
  const bare = length < words.length ? words.slice(length).join(' ') : barrel;
  return bare.replace(GROWN, '').replace(/^\p{Ll}+['’](?=\p{Lu})/u, '');
}

/** Two letters that count as one where a name begins: also in Spanish, whose initials keep them (Ch., Ll.). */
const PAIRS: Readonly<Record<string, RegExp>> = {
  ca: /^ll/i,
  cs: /^ch/i,
  cy: /^(ch|dd|ff|ll|ph|rh|th)/i,
  es: /^(ch|ll)/i,
};

/** The first letter as a capital, with its accents; letters that the language counts as one stay together. */
function initial(name: string, language: string): string {
  const composed = name.normalize('NFC').replace(/^['’]\p{L}\s+/u, '');
  const start = composed.search(/\p{L}/u);
  if (start < 0) return '';
  const rest = composed.slice(start);
  if (rest.startsWith('IJ') || (/^nl\b/i.test(language) && /^ij/i.test(rest))) return 'IJ';
  const pair = PAIRS[language.slice(0, 2).toLowerCase()]?.exec(rest)?.[0];
  if (pair) return pair[0]!.toUpperCase() + pair[1]!.toLowerCase();
  const [letter = ''] = rest.match(/^\p{L}\p{M}*/u) ?? [];
  const first = /\p{Script=Greek}/u.test(letter) ? withoutTonos(letter) : letter;
  if (first === 'i' && /^(tr|az)\b/i.test(language)) return 'İ';
  const capital = first.toUpperCase();
  // A letter whose capital is two (ß) is kept as it is: no name begins with it.
  return capital.length > first.length ? first : capital;
}

/** Greek capitals stand without the stroke; the two dots stay. */
function withoutTonos(letter: string): string {
  return letter
    .normalize('NFD')
    .replace(/[^\P{M}\u0308]/gu, '')
    .normalize('NFC');
}
