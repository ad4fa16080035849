import { type Outcome, fail, ok } from '@/core/outcome';
import type { PageAsked } from '@/services';
import type { HttpProblem } from './problem-response';

/** Which part of a long answer is asked for: `from` counts from 0, `most` is at most what a page holds, and that when left out. */
export function pageAsked(url: URL, pageSize: number): Outcome<PageAsked, HttpProblem> {
  const from = numberIn(url, 'from', 0);
  const most = numberIn(url, 'most', pageSize);
  const issue = (field: string, message: string) =>
    fail({ kind: 'invalidInput' as const, issues: [{ field, row: null, message }] });
  if (from === null) return issue('from', 'It is a whole number from 0.');
  if (most === null || most < 1 || most > pageSize) return issue('most', `It is a whole number from 1 to ${pageSize}.`);
  return ok({ from, most });
}

function numberIn(url: URL, name: string, otherwise: number): number | null {
  const said = url.searchParams.get(name);
  if (said === null) return otherwise;
  return /^\d{1,9}$/.test(said) ? Number(said) : null;
}
