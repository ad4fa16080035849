import type { Outcome } from '@/core/outcome';

/** What the demo cannot go on without. */
export function valueOf<T>(outcome: Outcome<T, unknown>): T {
  if (!outcome.ok) throw new Error(`the demo could not be seeded: ${JSON.stringify(outcome.problem)}`);
  return outcome.value;
}
