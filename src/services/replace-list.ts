import type { Outcome } from '@/core/outcome';
import { compareList, takeComparison } from '@/core/roster';
import { changeList } from '@/core/edit';
import type { StoredRun } from '@/store';
import type { Context } from './context';
import { type ListInput, takeList } from './lists';
import type { ServiceProblem } from './problem';
import { entriesWithWork, getRun, saveSpec } from './runs';

/** Lays a newer list over a run: lines that match keep their entry, entries with work done are withdrawn. */
export async function replaceList(
  context: Context,
  runId: string,
  counter: number,
  input: ListInput,
): Promise<Outcome<StoredRun, ServiceProblem>> {
  const list = await takeList(context, input);
  if (!list.ok) return list;
  const run = await getRun(context, runId);
  if (!run.ok) return run;
  const { spec } = run.value;
  const named = await entriesWithWork(context.store.db, runId);
  const keyColumn = list.value.keyColumn ?? spec.list.keyColumn;
  const comparison = compareList(spec.entries, list.value.lines, keyColumn, list.value.reread);
  const entries = takeComparison(spec.entries, comparison, (id) => named.has(id), context.randomBytes);
  return saveSpec(context, runId, counter, { ...changeList(spec, { keyColumn }), entries });
}
