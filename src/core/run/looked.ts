import { type SlotRef, slotKeyOf } from './refs';
import type { Looked, RunSpec } from './run-spec';

/** `entry-use-place-kind`: one finding of one text. */
export function lookedKey(at: SlotRef, kind: string): string {
  return `${slotKeyOf(at)}-${kind}`;
}

/** Lets findings stand. */
export function setLooked(spec: RunSpec, looked: Readonly<Record<string, Looked>>): RunSpec {
  return { ...spec, looked: { ...spec.looked, ...looked } };
}

/** Opens findings again. */
export function dropLooked(spec: RunSpec, keys: readonly string[]): RunSpec {
  const gone = new Set(keys);
  return { ...spec, looked: Object.fromEntries(Object.entries(spec.looked).filter(([key]) => !gone.has(key))) };
}
