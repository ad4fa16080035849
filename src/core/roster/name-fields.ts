import { NAME_PARTS, type NameParts, joinName, splitName } from '../names';
import type { Entry } from '../spec';

type Fields = Entry['fields'];

/** Parts of the full name; a pet name stands beside it. */
const FULL = NAME_PARTS.filter((part) => part !== 'pet');

function storedParts(fields: Fields): NameParts | null {
  const isStored = FULL.some((part) => fields[part] !== undefined);
  return isStored
    ? (Object.fromEntries(NAME_PARTS.map((part) => [part, fields[part] ?? ''])) as unknown as NameParts)
    : null;
}

/**
 * Fields with another text. Where parts of the name are kept and made up the text, they follow: word by word when there
 * are as many as before, else taken apart anew.
 */
export function withText(fields: Fields, text: string): Fields {
  const before = fields.text ?? '';
  const parts = storedParts(fields);
  if (text === before || !parts || joinName(parts) !== before) return { ...fields, text };
  return withParts({ ...fields, text }, alongWords(parts, text.split(' ')) ?? { ...splitName(text), pet: parts.pet });
}

/** Fields with other parts of the name; the text follows where it was made of the parts before. */
export function withParts(fields: Fields, parts: NameParts): Fields {
  const before = storedParts(fields) ?? splitName(fields.text ?? '');
  const others = Object.fromEntries(
    Object.entries(fields).filter(([name]) => !(NAME_PARTS as readonly string[]).includes(name)),
  );
  const stored = Object.fromEntries(NAME_PARTS.flatMap((part) => (parts[part] === '' ? [] : [[part, parts[part]]])));
  const isMade = joinName(before) === (fields.text ?? '');
  return { ...others, ...stored, text: isMade ? joinName(parts) : (fields.text ?? '') };
}

/** Fields with the name understood in another way: the text says what it said. */
export function withReading(fields: Fields, parts: NameParts): Fields {
  const told = Object.entries(parts).filter(([, part]) => part !== '');
  return { ...fields, ...Object.fromEntries(told) };
}

function alongWords(parts: NameParts, words: readonly string[]): NameParts | null {
  const left = [...words];
  const along = Object.fromEntries(
    FULL.map((part) => [part, parts[part] === '' ? '' : left.splice(0, parts[part].split(' ').length).join(' ')]),
  );
  const isEven = words.length === joinName(parts).split(' ').length;
  return isEven ? ({ ...parts, ...along } as NameParts) : null;
}
