/** What a column of an entry says; empty where it has none. Columns are named by people, and one may be called `constructor`. */
export function fieldOf(fields: Readonly<Record<string, string>>, name: string): string {
  return Object.hasOwn(fields, name) ? (fields[name] ?? '') : '';
}
