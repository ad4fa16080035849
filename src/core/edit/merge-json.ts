import { isSameJson } from '../same-json';

/** A value of a spec, as JSON has it. */
type Json = unknown;
type JsonObject = Readonly<Record<string, Json>>;

/** A spot that both sides changed, each in its own way. */
export interface MergeConflict {
  /** Names and ids from the outside in, such as `['entries', 'abcdefghij', 'fields', 'text']`. */
  readonly path: readonly string[];
  readonly mine: Json;
  readonly theirs: Json;
}

export interface Merged<T> {
  readonly value: T;
  readonly conflicts: readonly MergeConflict[];
}

/**
 * What two people made of the same value, put together: whatever only one of them changed is taken from that one. Objects
 * are merged by key, lists of things with an id by id, lists of ids as sets, anything else as a whole. Where both changed
 * the same spot, `prefer` decides and the conflict is told.
 *
 * Parts that nobody changed stay the very same objects as in `theirs`, or in `mine` where those are one.
 */
export function mergeJson<T>(base: T, mine: T, theirs: T, prefer: 'mine' | 'theirs' = 'mine'): Merged<T> {
  const conflicts: MergeConflict[] = [];
  const value = mergeAt({ base, mine, theirs }, [], { prefer, conflicts }) as T;
  return { value, conflicts };
}

const GONE = undefined;

/** The same value as it was, and as both sides have made it. */
interface Sides<T> {
  readonly base: T;
  readonly mine: T;
  readonly theirs: T;
}

interface Deciding {
  readonly prefer: 'mine' | 'theirs';
  /** Filled while it is merged. */
  readonly conflicts: MergeConflict[];
}

function mergeAt({ base, mine, theirs }: Sides<Json>, path: readonly string[], by: Deciding): Json {
  if (mine === theirs || isSameJson(mine, base)) return theirs;
  if (isSameJson(theirs, base) || isSameJson(mine, theirs)) return mine;
  if (isObject(base) && isObject(mine) && isObject(theirs)) {
    return mergeObjects({ base, mine, theirs }, path, by);
  }
  if (hasIds(base) && hasIds(mine) && hasIds(theirs)) return mergeLists({ base, mine, theirs }, path, by);
  if (isIdSet(base) && isIdSet(mine) && isIdSet(theirs)) return mergeSets(base, mine, theirs);
  by.conflicts.push({ path, mine, theirs });
  // What one side took away while the other worked on it stays: taking away can be repeated, work cannot.
  if (mine === GONE) return theirs;
  if (theirs === GONE) return mine;
  return by.prefer === 'mine' ? mine : theirs;
}

function mergeObjects({ base, mine, theirs }: Sides<JsonObject>, path: readonly string[], by: Deciding): JsonObject {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  const merged = Object.fromEntries(
    [...keys].flatMap((key) => {
      const sides = { base: own(base, key), mine: own(mine, key), theirs: own(theirs, key) };
      const part = mergeAt(sides, [...path, key], by);
      return part === GONE ? [] : [[key, part]];
    }),
  );
  return [theirs, mine].find((side) => hasSameParts(side, merged)) ?? merged;
}

function hasSameParts(a: JsonObject, b: JsonObject): boolean {
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
}

type WithId = JsonObject & { readonly id: string };

/** In the order of the side that changed it; what only the other side has comes after what it followed there. */
function mergeLists(
  { base, mine, theirs }: Sides<readonly WithId[]>,
  path: readonly string[],
  by: Deciding,
): readonly WithId[] {
  const [inBase, inMine, inTheirs] = [byId(base), byId(mine), byId(theirs)];
  const isReordered = !isSameJson(idsIn(mine, inBase), idsIn(base, inMine));
  const [leading, other] = isReordered ? [mine, theirs] : [theirs, mine];
  const ids = leading.map(({ id }) => id);
  const known = new Set(ids);
  const added = other.filter(({ id }) => !known.has(id));
  const order = added.length === 0 ? ids : insertAfter(ids, other, new Set(added.map(({ id }) => id)));
  const merged = order.flatMap((id) => {
    const sides = { base: inBase.get(id), mine: inMine.get(id), theirs: inTheirs.get(id) };
    const part = mergeAt(sides, [...path, id], by);
    return part === GONE ? [] : [part as WithId];
  });
  const same = [theirs, mine].find((side) => side.length === merged.length && side.every((x, i) => x === merged[i]));
  return same ?? merged;
}

function insertAfter(ids: readonly string[], other: readonly WithId[], added: ReadonlySet<string>): string[] {
  const after = new Map<string | null, string[]>();
  let before: string | null = null;
  for (const { id } of other) {
    if (added.has(id)) after.set(before, [...(after.get(before) ?? []), id]);
    else before = id;
  }
  const known = new Set(ids);
  const lost = [...after].filter(([id]) => id !== null && !known.has(id)).flatMap(([, list]) => list);
  return [...(after.get(null) ?? []), ...ids.flatMap((id) => [id, ...(after.get(id) ?? [])]), ...lost];
}

function byId(list: readonly WithId[]): ReadonlyMap<string, WithId> {
  return new Map(list.map((thing) => [thing.id, thing]));
}

function idsIn(list: readonly WithId[], other: ReadonlyMap<string, WithId>): string[] {
  return list.flatMap(({ id }) => (other.has(id) ? [id] : []));
}

function mergeSets(base: readonly string[], mine: readonly string[], theirs: readonly string[]): string[] {
  const [inBase, inMine, inTheirs] = [new Set(base), new Set(mine), new Set(theirs)];
  const kept = theirs.filter((id) => inMine.has(id) || !inBase.has(id));
  return [...kept, ...mine.filter((id) => !inTheirs.has(id) && !inBase.has(id))];
}

function own(object: JsonObject, key: string): Json {
  return Object.hasOwn(object, key) ? object[key] : GONE;
}

function isObject(value: Json): value is JsonObject {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function hasIds(value: Json): value is readonly WithId[] {
  return Array.isArray(value) && value.every((thing) => isObject(thing) && typeof thing.id === 'string');
}

function isIdSet(value: Json): value is readonly string[] {
  return Array.isArray(value) && value.every((thing) => typeof thing === 'string');
}
