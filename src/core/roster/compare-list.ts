import { fieldOf } from '../spec';
import type { ListLine } from '../intake';
import { doubleNames } from '../names';
import type { Entry } from '../spec';

/** What a newer list says of one of its lines. */
export type LineFate =
  | { readonly kind: 'new'; readonly line: ListLine }
  | { readonly kind: 'same'; readonly line: ListLine; readonly entry: Entry }
  | {
      readonly kind: 'changed';
      readonly line: ListLine;
      readonly entry: Entry;
      /** Name of the column, what it said and what it says now. */
      readonly changes: readonly { readonly name: string; readonly was: string; readonly is: string }[];
    };

export interface ListComparison {
  /** In the order of the newer list. */
  readonly fates: readonly LineFate[];
  /** Entries that are in the run and in no line; those withdrawn before are not among them. */
  readonly gone: readonly Entry[];
}

/**
 * Lays the lines of a newer list beside the entries of a run, changing nothing. With a key column that both have, its
 * values pair them; otherwise, and for what the key leaves over, the same text does, doubled ones one by one. Names left
 * over on both sides that differ in accents, marks or one letter are taken for a correction of the spelling.
 *
 * `reread` answers an entry's line as it came, read like the newer ones, or null: only what the newer list says otherwise
 * than that line is a change, so that what was put right in the run stays right.
 */
export function compareList(
  entries: readonly Entry[],
  lines: readonly ListLine[],
  keyColumn: string | null = null,
  reread: (raw: string) => ListLine | null = () => null,
): ListComparison {
  const cameAs = new Map(entries.map((entry) => [entry, reread(entry.raw)]));
  const paired = new Map<ListLine, Entry>();
  const free = new Set(entries);
  const pair = (keyOfLine: (line: ListLine) => string, keyOfEntry: (entry: Entry) => string) => {
    const waiting = groupBy([...free], keyOfEntry);
    for (const line of lines) {
      const key = keyOfLine(line);
      const entry = key === '' || paired.has(line) ? undefined : waiting.get(key)?.shift();
      if (!entry) continue;
      paired.set(line, entry);
      free.delete(entry);
    }
  };
  if (keyColumn !== null)
    pair(
      ({ fields }) => fieldOf(fields, keyColumn),
      ({ fields }) => fieldOf(fields, keyColumn),
    );
  const hasKey = (fields: Readonly<Record<string, string>>) => keyColumn !== null && fieldOf(fields, keyColumn) !== '';
  // Who has a key that the other side knows nothing of is somebody else, even under the same name.
  const isKeyed = lines.some(({ fields }) => hasKey(fields)) && entries.some(({ fields }) => hasKey(fields));
  const textOfLine = ({ fields, text }: ListLine) => (isKeyed && hasKey(fields) ? '' : text);
  const unlessKeyed = (entry: Entry, text: string) => (isKeyed && hasKey(entry.fields) ? '' : text);
  pair(textOfLine, (entry) => unlessKeyed(entry, entry.fields.text ?? ''));
  pair(textOfLine, (entry) => unlessKeyed(entry, cameAs.get(entry)?.text ?? ''));
  if (keyColumn === null) pairCorrected(lines, paired, free);
  const companions = takeCompanions(paired, free);
  return {
    fates: lines.flatMap((line) => {
      const entry = paired.get(line);
      if (!entry) return [{ kind: 'new', line }];
      return [entry, ...(companions.get(entry) ?? [])].map((one) => fateOf(line, one, cameAs.get(one) ?? null));
    }),
    gone: entries.filter((entry) => free.has(entry) && !entry.withdrawn),
  };
}

function groupBy(entries: readonly Entry[], keyOf: (entry: Entry) => string): Map<string, Entry[]> {
  const groups = new Map<string, Entry[]>();
  for (const entry of entries) {
    const key = keyOf(entry);
    const group = groups.get(key);
    if (group) group.push(entry);
    else groups.set(key, [entry]);
  }
  return groups;
}

function pairCorrected(lines: readonly ListLine[], paired: Map<ListLine, Entry>, free: Set<Entry>): void {
  const come = lines.filter((line) => !paired.has(line) && line.text !== '');
  const gone = [...free].filter(({ withdrawn, fields }) => !withdrawn && fields.text);
  if (come.length === 0 || gone.length === 0) return;
  const near = doubleNames([...gone.map(({ fields }) => fields.text ?? ''), ...come.map(({ text }) => text)]);
  for (const { reason, at } of near) {
    const [a = 0, b = 0] = at;
    const [entry, line] = [gone[a], come[b - gone.length]];
    if (reason === null || reason === 'turnedRound' || at.length !== 2 || !entry || !line) continue;
    if (paired.has(line) || !free.has(entry)) continue;
    paired.set(line, entry);
    free.delete(entry);
  }
}

/** Entries that were made of one line, such as two people of a couple, all stay while their line does. */
function takeCompanions(paired: ReadonlyMap<ListLine, Entry>, free: Set<Entry>): ReadonlyMap<Entry, readonly Entry[]> {
  const byRaw = groupBy(
    [...free].filter(({ withdrawn }) => !withdrawn),
    ({ raw }) => raw,
  );
  const companions = new Map<Entry, Entry[]>();
  for (const [line, entry] of paired) {
    const others = line.raw === entry.raw && entry.raw.trim() !== '' ? (byRaw.get(entry.raw) ?? []) : [];
    if (others.length === 0 || others.some(({ fields }) => fields.text === entry.fields.text)) continue;
    companions.set(entry, others);
    byRaw.delete(entry.raw);
    for (const other of others) free.delete(other);
  }
  return companions;
}

function fateOf(line: ListLine, entry: Entry, cameAs: ListLine | null): LineFate {
  const before: Readonly<Record<string, string>> = cameAs ? { text: cameAs.text, ...cameAs.fields } : {};
  const changes = Object.entries({ text: line.text, ...line.fields }).flatMap(([name, is]) => {
    const was = fieldOf(entry.fields, name);
    return was === is || before[name] === is ? [] : [{ name, was, is }];
  });
  const isSaid = line.quantity !== null && line.quantity !== cameAs?.quantity;
  if (isSaid && line.quantity !== entry.quantity) {
    changes.push({ name: 'quantity', was: String(entry.quantity), is: String(line.quantity) });
  }
  if (entry.withdrawn) changes.push({ name: 'withdrawn', was: 'withdrawn', is: '' });
  return changes.length === 0 ? { kind: 'same', line, entry } : { kind: 'changed', line, entry, changes };
}
