/**
 * Anything the program wants the maker to know about one fit. A *stop* keeps the piece out of a pass, a *check* wants
 * a look, a *note* asks nothing. Findings hold facts; the sentences live with the screen that shows them.
 */
export type Finding =
  | { readonly kind: 'nothingToDraw'; readonly severity: 'stop' }
  | { readonly kind: 'characterMissing'; readonly severity: 'stop'; readonly characters: readonly string[] }
  | { readonly kind: 'tooSmall'; readonly severity: 'stop'; readonly capHeightMm: number; readonly leastMm: number }
  | { readonly kind: 'belowSet'; readonly severity: 'check'; readonly capHeightMm: number; readonly setMm: number }
  | { readonly kind: 'extenderCosts'; readonly severity: 'note'; readonly costMm: number };

export type Severity = Finding['severity'];

const RANK: Record<Severity, number> = { stop: 2, check: 1, note: 0 };

/** The most serious severity among findings; null when there are none. */
export function worstSeverity(findings: readonly Finding[]): Severity | null {
  let worst: Severity | null = null;
  for (const { severity } of findings) {
    if (worst === null || RANK[severity] > RANK[worst]) worst = severity;
  }
  return worst;
}

export function hasStop(findings: readonly Finding[]): boolean {
  return worstSeverity(findings) === 'stop';
}
