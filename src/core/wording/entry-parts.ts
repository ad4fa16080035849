import { NAME_PARTS, NO_NAME, type NameParts, splitName, splitPair, withParticle } from '../names';
import type { Entry } from '../spec';

/** Parts that say by themselves who it is: with one of them in the list the text is not taken apart. */
const TELLING = ['given', 'further', 'particle', 'family'] as const;

/** The name of an entry, in parts: as the list or a person gave them, otherwise taken from the text. */
export function entryParts({ fields }: Entry): NameParts {
  const own = Object.fromEntries(NAME_PARTS.flatMap((part) => (fields[part] ? [[part, fields[part]]] : [])));
  const isTold = TELLING.some((part) => part in own);
  return isTold ? withParticle({ ...NO_NAME, ...own }) : { ...splitName(fields.text ?? ''), ...own };
}

/** The entry's person, and the other one where its text, or its given name, names a couple. */
export function people(entry: Entry): readonly [NameParts, NameParts | null] {
  const pair = splitPair(entry.fields.text ?? '');
  if (pair) return [splitName(pair[0]), splitName(pair[1])];
  const parts = entryParts(entry);
  const [first, second] = splitPair(parts.given) ?? [];
  return first && second
    ? [
        { ...parts, given: first },
        { ...parts, given: second },
      ]
    : [parts, null];
}
