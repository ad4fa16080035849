import type { MergeConflict } from './merge-json';

type Json = unknown;
type JsonObject = Readonly<Record<string, Json>>;

/** The merged value with one side's state at every spot that was disputed, and nothing else changed. */
export function withSide<T>(merged: T, conflicts: readonly MergeConflict[], side: 'mine' | 'theirs'): T {
  return conflicts.reduce((value, conflict) => setAt(value, conflict.path, conflict[side]) as T, merged);
}

/** Parts along the path are made anew, everything beside it stays the same object. What is set to undefined is taken out. */
function setAt(value: Json, [first, ...rest]: readonly string[], part: Json): Json {
  if (first === undefined) return part;
  if (Array.isArray(value)) {
    const at = value.findIndex((thing: { readonly id?: unknown }) => thing.id === first);
    const inner = setAt(value[at], rest, part);
    if (at === -1) return inner === undefined ? value : [...value, inner];
    return value.flatMap((thing: Json, i) => (i !== at ? [thing] : inner === undefined ? [] : [inner]));
  }
  const object = (value ?? {}) as JsonObject;
  const inner = setAt(object[first], rest, part);
  if (inner !== undefined) return { ...object, [first]: inner };
  return Object.fromEntries(Object.entries(object).filter(([key]) => key !== first));
}

/** The questions with what stands here now: somebody may go on typing while they are open. What was taken away here stays taken away. */
export function withMineNow(spec: unknown, conflicts: readonly MergeConflict[]): readonly MergeConflict[] {
  return conflicts.map((conflict) =>
    conflict.mine === undefined ? conflict : { ...conflict, mine: valueAt(spec, conflict.path) },
  );
}

function valueAt(value: Json, [first, ...rest]: readonly string[]): Json {
  if (first === undefined || typeof value !== 'object' || value === null)
    return first === undefined ? value : undefined;
  const part = Array.isArray(value)
    ? value.find((thing: { readonly id?: unknown }) => thing.id === first)
    : (value as JsonObject)[first];
  return valueAt(part, rest);
}

/** The later questions with those of the earlier that are about other spots. */
export function addConflicts(
  earlier: readonly MergeConflict[],
  later: readonly MergeConflict[],
): readonly MergeConflict[] {
  const asked = new Set(later.map(({ path }) => path.join('/')));
  return [...earlier.filter(({ path }) => !asked.has(path.join('/'))), ...later];
}
