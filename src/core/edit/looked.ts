import type { Looked, RunSpec } from '../spec';

/** Lets findings stand. */
export function setLooked(spec: RunSpec, looked: Readonly<Record<string, Looked>>): RunSpec {
  return { ...spec, looked: { ...spec.looked, ...looked } };
}

/** Opens findings again. */
export function dropLooked(spec: RunSpec, keys: readonly string[]): RunSpec {
  const gone = new Set(keys);
  return { ...spec, looked: Object.fromEntries(Object.entries(spec.looked).filter(([key]) => !gone.has(key))) };
}
