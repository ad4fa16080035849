import { type RunSpec, readTextKey } from '../spec';

type ByEntry = ReadonlyMap<string, string>;

const known = new WeakMap<object, ByEntry>();

/** What a run says of this entry alone (exceptions, ticks, findings let stand), in one word that is equal when all of it is. */
export function entryPartsOf({ overrides, proof, looked }: RunSpec, entryId: string): string {
  const exceptions = byEntry(overrides, () => overrides.map((one) => [one.at.entryId, [one.at, one.set]]));
  const ticks = byEntry(proof, () => Object.entries(proof).map(([key, tick]) => [entryIn(key), [key, tick]]));
  const lets = byEntry(looked, () => Object.entries(looked).map(([key, let_]) => [entryIn(key), [key, let_]]));
  return [exceptions, ticks, lets].map((parts) => parts.get(entryId) ?? '').join('\n');
}

function byEntry(part: object, read: () => readonly (readonly [string, unknown])[]): ByEntry {
  const found = known.get(part);
  if (found) return found;
  const entries = new Map<string, string>();
  for (const [entryId, said] of read()) {
    entries.set(entryId, (entries.get(entryId) ?? '') + JSON.stringify(said));
  }
  known.set(part, entries);
  return entries;
}

function entryIn(key: string): string {
  return readTextKey(key)?.entryId ?? key;
}

const saysNumbers = new WeakMap<RunSpec['uses'], boolean>();

/** Whether some wording says the entry's number: only then does it hang on the entries before it. */
export function saysNumber(uses: RunSpec['uses']): boolean {
  const found = saysNumbers.get(uses);
  if (found !== undefined) return found;
  const says = uses.some(({ places }) =>
    places.some(({ wording }) =>
      wording?.lines.some(({ runs }) => runs.some(({ template }) => template.includes('number'))),
    ),
  );
  saysNumbers.set(uses, says);
  return says;
}
