import { placedIn } from '@/core/freeze';
import { isSameJson } from '@/core/same-json';
import { type RunSpec, getsBlank, readItemId, readPieceId } from '@/core/spec';
import { type Connection, findRun } from '@/store';
import { itemWorks } from './item-works';
import type { InputIssue } from './problem';
import { readWork } from './work';

/**
 * Blanks that a changed rule would take from entries that say what they said, though they are made or worked on for them: with the
 * item the bench would lose what lies there. What a newer list says otherwise is told before it is laid over a run.
 */
export async function takersLost(db: Connection, runId: string, next: RunSpec): Promise<InputIssue[]> {
  const run = await findRun(db, runId);
  if (!run) return [];
  const { uses, entries } = run.spec;
  const narrowed = uses.filter((use) => {
    const same = next.uses.find(({ id }) => id === use.id);
    return same && !isSameJson(same.who, use.who);
  });
  if (narrowed.length === 0) return [];
  const worked = await workedItems(db, runId, run.spec);
  const nextEntries = new Map(next.entries.map((entry) => [entry.id, entry]));
  return narrowed.flatMap((use) => {
    const after = next.uses.find(({ id }) => id === use.id);
    return entries
      .filter((entry) => worked.has(`${entry.id} ${use.id}`))
      .filter(({ id }) => {
        const entry = nextEntries.get(id);
        return entry && !entry.withdrawn && after && !getsBlank(after, entry);
      })
      .map(({ fields }) => ({
        field: 'uses',
        row: null,
        message: `“${fields.text ?? ''}” would lose a blank that is made or worked on. Take its pass back first, or leave it.`,
      }));
  });
}

/** `entry use` of all that lies in a pass in force, or that something was done to. */
async function workedItems(db: Connection, runId: string, spec: RunSpec): Promise<ReadonlySet<string>> {
  const work = await readWork(db, runId);
  const placed = work.passes.flatMap((pass) => [...placedIn(pass)].map((at) => readPieceId(at.placed.pieceId)));
  const begun = itemWorks(spec, work)
    .items.filter(({ stage }) => stage !== 'open')
    .map(({ itemId }) => readItemId(itemId));
  return new Set([...placed, ...begun].flatMap((ref) => (ref ? [`${ref.entryId} ${ref.useId}`] : [])));
}
