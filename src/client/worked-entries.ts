import type { RunSpec } from '@/core/spec';

/** Undoing never takes an entry away that work is recorded for: it is withdrawn instead. */
export function withWorkedEntries(now: RunSpec, next: RunSpec, hasWork: (entryId: string) => boolean): RunSpec {
  const kept = new Set<string>(next.entries.map(({ id }) => id));
  const lost = now.entries.filter(({ id }) => !kept.has(id) && hasWork(id));
  if (lost.length === 0) return next;
  return { ...next, entries: [...next.entries, ...lost.map((entry) => ({ ...entry, withdrawn: true }))] };
}
