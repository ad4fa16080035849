import { type Outcome, fail, ok } from '../outcome';
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

/** `second` is the other person of a couple. `language` says which letters are one (Dutch IJ, Welsh Ll) and how they are capitals. */
export function monogramOf(
  parts: NameParts,
  second: NameParts | null,
  rule: MonogramRule,
  language: string,
): Outcome<Monogram, MonogramProblem> {
  const given = initial(parts.given, language);
  // Whoever has several further names is still written with three letters: the first of them counts.
  const [, ...alsoGiven] = parts.given.split(' ');
  const further = initial((parts.further || alsoGiven.join(' ')).split(' ')[0] ?? '', language);
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
  if (rule.particles === 'keep' && particle !== '') return initial(particle, language);
  const barrels = family.split('-').filter((part) => /\p{L}/u.test(part));
  const letters = barrels.map((part) =>
    initial(rule.particles === 'drop' ? withoutGrownParticle(part) : part, language),
  );
  if (rule.doubled === 'both') return letters.join('');
  return (rule.doubled === 'first' ? letters[0] : letters.at(-1)) ?? '';
}

/** `d’Arcy` has its particle grown on, in small letters; `O’Dell` and `D’Angelo` are names of one piece. */
function withoutGrownParticle(family: string): string {
  return family.replace(/^\p{Ll}+['’](?=\p{Lu})/u, '');
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
  const [first = ''] = rest.match(/^\p{L}\p{M}*/u) ?? [];
  if (first === 'i' && /^(tr|az)\b/i.test(language)) return 'İ';
  const capital = first.toUpperCase();
  // A letter whose capital is two (ß) is kept as it is: no name begins with it.
  return capital.length > first.length ? first : capital;
}
