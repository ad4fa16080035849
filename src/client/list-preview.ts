import { type ListProblem, type ParsedList, parseList } from '@/core/roster';
import type { Outcome } from '@/core/outcome';

/** Pasted text as it would be taken: what it comes to, whether it can be taken, and how it was read. */
export interface ListPreview {
  readonly parsed: Outcome<ParsedList, ListProblem>;
  readonly isUsable: boolean;
  /** `43 entries`, or why there can be none. */
  readonly countWords: string;
  /** Says how the rows were read; empty for plain lines. */
  readonly readingWords: string;
}

export function previewOf(list: string, wanted: 'detect' | 'lines'): ListPreview {
  const parsed = parseList(list, wanted);
  return {
    parsed,
    isUsable: parsed.ok,
    countWords: parsed.ok ? entriesWords(parsed.value.lines.length) : problemWords(parsed.problem),
    readingWords: parsed.ok ? readingWords(parsed.value) : '',
  };
}

export function entriesWords(count: number): string {
  return count === 1 ? '1 entry' : `${count.toLocaleString('en')} entries`;
}

export function problemWords(problem: ListProblem): string {
  if (problem.kind === 'emptyList') return 'The list is empty.';
  const { numEntries, most } = problem;
  return `${entriesWords(numEntries)} are more than the ${most.toLocaleString('en')} of one run. The text stays here: take some out, or make two runs of it.`;
}

function readingWords({ reading }: ParsedList): string {
  if (reading.kind === 'lines') return '';
  const head = reading.hasHeader ? 'Read as a table with a header' : 'Read as a table';
  return `${head}: ${reading.names.join(', ')}.`;
}
