import { isSameJson } from '../same-json';

/** One value in which two of a thing differ: where it stands, and what it is in each; `undefined` where one has no such value. */
export interface ValueDifference {
  /** Keys from the outside in; members of lists by their `id` where they have one, else by their number. */
  readonly path: readonly string[];
  readonly own: unknown;
  readonly other: unknown;
}

/** Every value in which two of a thing differ, in the order of their keys. */
export function valueDifferences(own: unknown, other: unknown, path: readonly string[] = []): ValueDifference[] {
  if (isSameJson(own, other)) return [];
  const [mine, theirs] = [membersOf(own), membersOf(other)];
  // What is one value here and several there differs as a whole.
  if (!mine || !theirs) return [{ path, own, other }];
  const keys = [...new Set([...mine.keys(), ...theirs.keys()])];
  return keys.flatMap((key) => valueDifferences(mine.get(key), theirs.get(key), [...path, key]));
}

function membersOf(value: unknown): ReadonlyMap<string, unknown> | null {
  if (typeof value !== 'object' || value === null) return null;
  if (!Array.isArray(value)) return new Map(Object.entries(value));
  const ids = value.map((member: unknown) => idOf(member));
  // A list of plain words, such as peels, is one value.
  if (ids.some((id) => id === null)) return null;
  return new Map(value.map((member, i) => [ids[i]!, member]));
}

function idOf(member: unknown): string | null {
  if (typeof member !== 'object' || member === null || !('id' in member)) return null;
  return typeof member.id === 'string' ? member.id : null;
}
