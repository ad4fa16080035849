import { type Finding, type Severity, findingKey, saidBy, worstSeverity } from '../finding';

interface HasFindings {
  readonly findings: readonly Finding[];
}

/** Findings that ask something of the maker, in their order. */
export function asksOf({ findings }: HasFindings): readonly Finding[] {
  return findings.filter(({ severity }) => severity !== 'note');
}

/** Stops before checks, each in their order. */
export function gravestFirst(findings: readonly Finding[]): readonly Finding[] {
  return [...findings].sort((a, b) => RANK[b.severity] - RANK[a.severity]);
}

const RANK: Readonly<Record<Severity, number>> = { stop: 2, check: 1, note: 0 };

/** Whether somebody has to decide on it. */
export function isOpen(fit: HasFindings): boolean {
  const worst = worstSeverity(fit.findings);
  return worst === 'stop' || worst === 'check';
}

/** How many entries ask something: the one count that the tape and every screen show. */
export function countDecisions(fits: Iterable<HasFindings & { readonly entryId: string }>): number {
  const open = new Set<string>();
  for (const fit of fits) if (isOpen(fit)) open.add(fit.entryId);
  return open.size;
}

/** What is found of each entry at all its places and on all its items, gravest first; what they say alike stands once. */
export function findingsByEntry(
  fits: Iterable<HasFindings & { readonly entryId: string }>,
): ReadonlyMap<string, readonly Finding[]> {
  const byEntry = new Map<string, Map<string, Finding>>();
  for (const { entryId, findings } of fits) {
    if (findings.length === 0) continue;
    const own = byEntry.get(entryId) ?? new Map<string, Finding>();
    for (const finding of findings) own.set(`${findingKey(finding)} ${saidBy(finding)}`, finding);
    byEntry.set(entryId, own);
  }
  return new Map([...byEntry].map(([entryId, own]) => [entryId, gravestFirst([...own.values()])]));
}

/** What a text is called where it is spoken of: itself, or whose it is while there is nothing to draw. */
export function nameOfFit(
  { text, whose }: { readonly text: readonly string[]; readonly whose: string },
  by = ' ',
): string {
  return text.filter((line) => line.trim() !== '').join(by) || whose || '(empty)';
}

/** Whose it is, where the text does not say so; null where it does. */
export function whoseElse({
  text,
  whose,
}: {
  readonly text: readonly string[];
  readonly whose: string;
}): string | null {
  const said = text.join(' ');
  return whose === '' || said === '' || said.toLowerCase() === whose.toLowerCase() ? null : whose;
}
