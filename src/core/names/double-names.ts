import { plainName } from './plain-name';

/** Why two names may be the same person. */
export type NearReason = 'accents' | 'oneLetter' | 'turnedRound';

/** Places in the list that say the same, or nearly. `reason` null: they say exactly the same. */
export interface DoubleNames {
  readonly reason: NearReason | null;
  /** The first in the order of the list, then the others. */
  readonly at: readonly number[];
}

/** Below it one letter makes a different name too often (Jan, Jon, Ian). */
const LEAST_LETTERS = 5;

/**
 * Names that stand twice, and names so near that they may be one person: alike but for accents, case and marks
 * (Sian/Siân), one letter apart, or with given and family name turned round. Each pair is told once, for its surest
 * reason. About linear in the number of names: near ones are found by the words that both give when a letter is left out.
 */
export function doubleNames(names: readonly string[]): DoubleNames[] {
  const exact = groups(names, (name) => name);
  const found: DoubleNames[] = exact.filter(({ length }) => length > 1).map((at) => ({ reason: null, at }));
  // Of names that are the same only the first is compared with others.
  const firsts = exact.map(([first]) => first!);
  const folded = new Map(firsts.map((i) => [i, fold(names[i]!)]));
  const told = new Set<string>();
  const tell = (reason: NearReason, at: readonly number[]) => {
    const key = at.join(' ');
    if (!told.has(key)) found.push({ reason, at });
    told.add(key);
  };
  const byFold = groups(firsts, (i) => folded.get(i)!);
  for (const at of spelledOut(byFold.map(([k]) => names[firsts[k!]!]!))) {
    tell(
      'accents',
      at.map((k) => firsts[byFold[k]![0]!]!),
    );
  }
  for (const at of byFold)
    if (at.length > 1 && fold(names[firsts[at[0]!]!]!) !== '')
      tell(
        'accents',
        at.map((k) => firsts[k]!),
      );
  const heads = byFold.map(([first]) => firsts[first!]!);
  for (const at of groups(heads, (i) => folded.get(i)!.split(' ').sort().join(' '))) {
    if (at.length > 1)
      tell(
        'turnedRound',
        at.map((k) => heads[k]!),
      );
  }
  for (const [a, b] of oneLetterApart(heads, folded)) tell('oneLetter', a < b ? [a, b] : [b, a]);
  return found;
}

function groups<T>(things: readonly T[], keyOf: (thing: T) => string): number[][] {
  const byKey = new Map<string, number[]>();
  things.forEach((thing, i) => {
    const key = keyOf(thing);
    const group = byKey.get(key);
    if (group) group.push(i);
    else byKey.set(key, [i]);
  });
  return [...byKey.values()];
}

/** `Müller` is written `Mueller` where there is no such letter. */
const SPELLED: readonly (readonly [RegExp, string])[] = [
  [/[äæ]/gu, 'ae'],
  [/[öøœ]/gu, 'oe'],
  [/ü/gu, 'ue'],
  [/å/gu, 'aa'],
];

/** Pairs of names of which one spells out letters that the other has. */
function spelledOut(names: readonly string[]): number[][] {
  const byFold = new Map(names.map((name, i) => [fold(name), i]));
  return names.flatMap((name, i) => {
    const letters = name.normalize('NFC').toLowerCase();
    const spelled = SPELLED.reduce((text, [letter, as]) => text.replace(letter, as), letters);
    const other = spelled === letters ? undefined : byFold.get(fold(spelled));
    return other === undefined || other === i ? [] : [[Math.min(i, other), Math.max(i, other)]];
  });
}

/** Without accents, case, marks, doubled spaces and the number of a line. */
function fold(name: string): string {
  return plainName(name.replace(/^\s*\d{1,5}[.)]\s+(?=\p{L})/u, ''))
    .replace(/[’'`´]/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

function* oneLetterApart(heads: readonly number[], folded: ReadonlyMap<number, string>): Generator<[number, number]> {
  const byShortened = new Map<string, number[]>();
  for (const i of heads) {
    const name = folded.get(i)!;
    if (name.replace(/ /g, '').length < LEAST_LETTERS || name.length > 60 || /\d/.test(name)) continue;
    const keys = new Set([name]);
    for (let k = 0; k < name.length; k++) keys.add(name.slice(0, k) + name.slice(k + 1));
    for (const key of keys) {
      const group = byShortened.get(key);
      if (!group) byShortened.set(key, [i]);
      else {
        for (const j of group) if (isOneEdit(folded.get(j)!, name)) yield [j, i];
        if (group.length < MOST_COMPARED) group.push(i);
      }
    }
  }
}

/** Lists of numbered texts share their shortened words by the thousand; nobody would look at all those pairs. */
const MOST_COMPARED = 50;

/** One letter more, less, other, or two neighbours turned round. */
function isOneEdit(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start++;
  let end = 0;
  while (end < Math.min(a.length, b.length) - start && a[a.length - 1 - end] === b[b.length - 1 - end]) end++;
  const [restA, restB] = [a.slice(start, a.length - end), b.slice(start, b.length - end)];
  if (restA.length <= 1 && restB.length <= 1) return true;
  return restA.length === 2 && restB.length === 2 && restA[0] === restB[1] && restA[1] === restB[0];
}
