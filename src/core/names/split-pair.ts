import { isTitle } from './known-words';
import { NO_NAME, joinName } from './name-parts';
import { splitName } from './split-name';

const JOINING = /\s*(?:&|\+)\s*|\s*\/\s*|\s+(?:and|und|et|en|og|och)\s+/iu;
/** Words that also stand inside family names (`Ibarra y Solano`): only taken after a single given name. */
const MAYBE_JOINING = /^(\S+)\s+(?:y|e|i)\s+(\S.*)$/iu;

/**
 * Two people in one text, each with a full name of their own: `Ann & Bo Lind` is `Ann Lind` and `Bo Lind`. Null when it is
 * one person, or more than two.
 */
export function splitPair(text: string): readonly [string, string] | null {
  const sides = text.split(JOINING).map((side) => side.trim());
  const [first = '', second = ''] = sides.length === 2 ? sides : (MAYBE_JOINING.exec(text)?.slice(1) ?? []);
  if (first === '' || second === '' || !/\p{L}/u.test(first) || !/\p{L}/u.test(second)) return null;
  if (/\d/.test(first + second)) return null;
  const isGivenAlone = !/\s/.test(first);
  const isTitleAlone = first.split(/\s+/).every(isTitle);
  const { particle, family } = splitName(second);
  if (family === '' || !(isGivenAlone || isTitleAlone)) return [first, second];
  const [title, given] = isTitleAlone ? [first, ''] : ['', first];
  return [joinName({ ...NO_NAME, title, given, particle, family }), second];
}
