import { type Outcome, fail } from '@/core/outcome';
import { mergeList, parseList } from '@/core/roster';
import type { StoredRun } from '@/store';
import type { Context } from './context';
import { listIssue } from './input-issues';
import type { ServiceProblem } from './problem';
import { entriesWithWork, getRun, saveSpec } from './runs';

/** Lays a list pasted again over a run: lines that match keep their entry, entries with work done are withdrawn. */
export async function replaceList(
  context: Context,
  runId: string,
  counter: number,
  list: string,
  reading: 'detect' | 'lines' = 'detect',
): Promise<Outcome<StoredRun, ServiceProblem>> {
  const lines = parseList(list, reading);
  if (!lines.ok) return fail({ kind: 'invalidInput', issues: [listIssue(lines.problem)] });
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const named = await entriesWithWork(context.store.db, runId);
  const entries = mergeList(run.value.spec.entries, lines.value.lines, (id) => named.has(id), context.randomBytes);
  return saveSpec(context, runId, counter, { ...run.value.spec, entries });
}
