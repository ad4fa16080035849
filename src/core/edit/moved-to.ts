/** A list with one of it put at another place among the others; as it was where there is no such place. */
export function movedTo<T>(list: readonly T[], from: number, to: number): readonly T[] {
  if (from < 0 || from >= list.length || to < 0 || to >= list.length) return list;
  const others = list.filter((_, i) => i !== from);
  return [...others.slice(0, to), list[from]!, ...others.slice(to)];
}
