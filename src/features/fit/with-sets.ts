import { randomBytes } from '@/client';
import type { OverrideSet, RunSpec, TextRef } from '@/core/spec';
import { setOverrides } from '@/core/edit';

/** Several exceptions for one text, in one change. */
export function withSets(spec: RunSpec, at: TextRef, sets: readonly OverrideSet[]): RunSpec {
  return sets.reduce((now, set) => setOverrides(now, [at], set, randomBytes), spec);
}
