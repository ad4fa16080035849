/** Which items are worked on: one that is looked at, and around it those that a mark goes to. */
export interface Selection {
  readonly currentId: string | null;
  /** Where a range starts. */
  readonly anchorId: string | null;
  readonly pickedIds: ReadonlySet<string>;
}

export const NOTHING: Selection = { currentId: null, anchorId: null, pickedIds: new Set() };

export function pickOne(id: string): Selection {
  return { currentId: id, anchorId: id, pickedIds: new Set([id]) };
}

export function toggle({ pickedIds }: Selection, id: string): Selection {
  const next = new Set(pickedIds);
  if (!next.delete(id) || next.size === 0) next.add(id);
  return { currentId: id, anchorId: id, pickedIds: next };
}

/** From the anchor to `id`, both included, in the order of the list. */
export function extendTo(selection: Selection, ids: readonly string[], id: string): Selection {
  const anchorId = selection.anchorId ?? id;
  const [from, to] = [ids.indexOf(anchorId), ids.indexOf(id)].sort((a, b) => a - b) as [number, number];
  return { currentId: id, anchorId, pickedIds: new Set(ids.slice(Math.max(from, 0), to + 1)) };
}

export function pickAll(selection: Selection, ids: readonly string[]): Selection {
  return { ...selection, currentId: selection.currentId ?? ids[0] ?? null, pickedIds: new Set(ids) };
}

/** The item so many lines on, stopping at both ends. */
export function neighbour(ids: readonly string[], id: string | null, lines: number): string | null {
  const at = id === null ? -1 : ids.indexOf(id);
  if (at === -1) return ids[0] ?? null;
  return ids[Math.min(Math.max(at + lines, 0), ids.length - 1)] ?? null;
}
