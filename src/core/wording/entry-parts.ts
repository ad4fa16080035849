import { NAME_PARTS, NO_NAME, type NameParts, splitName } from '../names';
import type { Entry } from '../spec';

/** Parts that say by themselves who it is: with one of them in the list the text is not taken apart. */
const TELLING = ['given', 'further', 'particle', 'family'] as const;

/** The name of an entry, in parts: as the list or a person gave them, otherwise taken from the text. */
export function entryParts({ fields }: Entry): NameParts {
  const own = Object.fromEntries(NAME_PARTS.flatMap((part) => (fields[part] ? [[part, fields[part]]] : [])));
  const isTold = TELLING.some((part) => part in own);
  return { ...(isTold ? NO_NAME : splitName(fields.text ?? '')), ...own };
}
