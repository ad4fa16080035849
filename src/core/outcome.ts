/** What a step answers when something can be expected to go wrong: a value, or a problem that holds facts. */
export type Outcome<T, P> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: P };

export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

export function fail<P>(problem: P): { readonly ok: false; readonly problem: P } {
  return { ok: false, problem };
}

/** Closes a switch over a union: the compiler objects when a kind is missing, the program when data lied. */
export function assertNever(value: never): never {
  throw new Error(`a kind that nobody knows: ${JSON.stringify(value)}`);
}

/** A value that the caller has proved to be there; throws for a bug, naming what was missing. */
export function presentOrThrow<T>(value: T | null | undefined, what: string): T {
  if (value === null || value === undefined) throw new Error(`missing: ${what}`);
  return value;
}
