/** Turns round every row of parts that runs the other way, from the deepest on; `levels` says how deep each of them stands. */
export function inOrderSeen<T>(parts: readonly T[], levels: readonly number[]): T[] {
  let seen = parts.map((part, i) => ({ part, level: levels[i] ?? 0 }));
  for (let level = Math.max(0, ...levels); level > 0; level--) {
    const turned: typeof seen = [];
    for (let i = 0; i < seen.length;) {
      let end = i;
      while (end < seen.length && seen[end]!.level >= level) end++;
      if (end === i) turned.push(seen[i++]!);
      else {
        turned.push(...seen.slice(i, end).reverse());
        i = end;
      }
    }
    seen = turned;
  }
  return seen.map(({ part }) => part);
}
