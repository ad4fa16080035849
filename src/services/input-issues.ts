import type { z } from 'zod';
import type { LimitFault } from '@/core/resolve';
import type { ListProblem } from '@/core/roster';
import { limitWords } from '@/core/sentences';
import { assertNever } from '@/core/outcome';
import type { InputIssue } from './problem';

/** What the schema objects to, field by field. */
export function issuesOfZod(error: z.ZodError): InputIssue[] {
  return error.issues.map(({ path, message }) => ({ field: path.join('.') || '(whole)', row: null, message }));
}

export function limitIssue(fault: LimitFault): InputIssue {
  return { field: 'entries', row: fault.row, message: limitWords(fault) };
}

export function listIssue(problem: ListProblem): InputIssue {
  switch (problem.kind) {
    case 'emptyList':
      return { field: 'list', row: null, message: 'The list is empty. Paste at least one name, one to a line.' };
    case 'tooManyEntries':
      return {
        field: 'list',
        row: problem.most + 1,
        message: `The list has ${problem.numEntries} entries; a run holds ${problem.most}. Split it into several runs.`,
      };
    default:
      return assertNever(problem);
  }
}
