import { isKnownGiven } from './given-names';
import { isTitle, particleLength } from './known-words';
import { NO_NAME, joinName } from './name-parts';
import { splitName } from './split-name';

const JOINING = /\s*(?:&|\+)\s*|\s*\/\s*|\s+(?:and|und|et|en|og|och)\s+/iu;
/** Words that also stand inside family names (`Ibarra y Solano`): only taken after a single given name. */
const MAYBE_JOINING = /^(\S+)\s+(?:y|e|i)\s+(\S.*)$/iu;

/**
 * Several people in one text, each with a full name of their own, in every way in which it can be understood, the likeliest
 * first: `Ann & Bo Lind` and `Lind, Ann & Bo` are `Ann Lind` and `Bo Lind`, `Ann, Bo & Cy` are three. Empty for one person.
 */
export function peopleReadings(text: string): readonly (readonly string[])[] {
  const sides = sidesOf(text);
  if (sides.length < 2 || sides.some((side) => !/\p{L}/u.test(side) || /\d/.test(side))) return [];
  const [first = '', ...others] = sides;
  const [beforeComma = '', ...afterComma] = first.split(/\s*,\s*/).filter(Boolean);
  const isListed = afterComma.length > 0 && others.every((side) => !side.includes(','));
  if (!isListed) return [withFamilies(sides)];
  const each = withFamilies([beforeComma, ...afterComma, ...others]);
  const alike = [...afterComma, ...others].every((name) => isWithoutFamily(name))
    ? [afterComma.join(' '), ...others].map((name) => ofFamily(name, beforeComma))
    : null;
  if (!alike || afterComma.length > 1) return [each];
  return isKnownGiven(beforeComma) ? [each, alike] : [alike, each];
}

/** The likeliest reading of a text that names exactly two; null otherwise. */
export function splitPair(text: string): readonly [string, string] | null {
  const [people] = peopleReadings(text);
  return people?.length === 2 ? [people[0]!, people[1]!] : null;
}

/** `von und zu` joins no people. */
function sidesOf(text: string): readonly string[] {
  const words = text.split(/\s+/u);
  const masked = words
    .map((word, i) => (/^und$/i.test(word) && i > 0 && particleLength(words, i - 1) > 2 ? '\u0000' : word))
    .join(' ');
  const sides = masked.split(JOINING).map((side) => side.replaceAll('\u0000', 'und').trim());
  if (sides.length > 1) return sides;
  return MAYBE_JOINING.exec(text)?.slice(1) ?? [];
}

/** Whoever has only a given name or a title has the family name of the next who has one. */
function withFamilies(names: readonly string[]): readonly string[] {
  return names.map((name, i) => {
    if (!isWithoutFamily(name)) return name;
    const next = names
      .slice(i + 1)
      .map((one) => splitName(one))
      .find(({ family }) => family !== '');
    return next ? ofFamily(name, joinName({ ...NO_NAME, particle: next.particle, family: next.family })) : name;
  });
}

function isWithoutFamily(name: string): boolean {
  return !/\s/.test(name) || name.split(/\s+/).every(isTitle);
}

function ofFamily(name: string, family: string): string {
  return `${name} ${family}`.trim();
}
