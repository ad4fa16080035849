import type { Entry, PlaceUse } from '../run';

const TOKEN = /\{([^{}]+)\}/g;

/**
 * The lines of a place for one entry: each `{field}` becomes that field of the entry, a field it does not have becomes
 * nothing. Null when the place stays empty for now.
 */
export function wordingLines(entry: Entry, { wording }: PlaceUse): readonly string[] | null {
  if (!wording) return null;
  return wording.lines.map(({ runs }) => runs.map(({ template }) => fillTemplate(template, entry)).join(''));
}

function fillTemplate(template: string, { fields }: Entry): string {
  return template.replace(TOKEN, (_, name: string) => (Object.hasOwn(fields, name) ? (fields[name] ?? '') : ''));
}
