import { fileStem } from '@/core/names';
import { findRun } from '@/store';
import type { Context } from './context';

/** `garment-bags-proof.pdf`: the run it is of, and what it is; by the run's id where its title says no word. */
export async function fileNameOf(context: Context, runId: string, what: string): Promise<string> {
  const run = await findRun(context.store.db, runId);
  const stem = fileStem(run?.spec.title ?? '') || runId;
  return what.startsWith('.') ? `${stem}${what}` : `${stem}-${what}`;
}
