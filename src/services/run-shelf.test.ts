import {
  type RunView,
  archiveRun,
  createRun,
  listRunSummaries,
  makeNextPass,
  recordAct,
  removeRunById,
  restoreRunById,
  saveSpec,
} from '.';
import type { Context } from './context';
import { namesByItem } from './item-works';
import { aContext, removeFolders, valueOf } from './test/a-context';

afterAll(removeFolders);

/** The shelf as a server that was started anew would read it. */
async function asRead(context: Context) {
  return listRunSummaries({ ...context, knownRuns: new Map() });
}

test('what is known of runs is what is read of them, whatever was changed in between, and the rest is not read again', async () => {
  const context = await aContext(3);
  const runs: RunView[] = [];
  for (const title of ['Ferry crew', 'Chess club', 'Allotments'])
    runs.push(valueOf(await createRun(context, { title, dueOn: null, list: 'Ottoline\nBo' })));
  const [ferry, chess, plots] = runs as [RunView, RunView, RunView];
  let before = await listRunSummaries(context);
  expect(before.runs).toHaveLength(3);
  const summaryOf = (shelf: typeof before, { id }: RunView) => shelf.runs.find((run) => run.id === id);
  const expectChanged = async (changed: readonly RunView[]) => {
    const now = await listRunSummaries(context);
    expect(now).toEqual(await asRead(context));
    const other = runs.filter((run) => summaryOf(now, run) !== summaryOf(before, run));
    expect(other.map(({ id }) => id)).toEqual(changed.map(({ id }) => id));
    before = now;
  };
  await expectChanged([]);
  valueOf(await makeNextPass(context, chess.id, null));
  await expectChanged([]);
  const piece = [...namesByItem(chess.spec).values()].flat().at(0)!;
  const by = { who: '', station: 'table' };
  const deeds = [{ kind: 'cut' as const, pieceId: piece.id, attempt: 1, passId: null }];
  valueOf(await recordAct(context, chess.id, { id: 'act-number-1', by, at: '2026-05-04T09:00:00Z', deeds }));
  await expectChanged([chess]);
  expect(summaryOf(before, chess)!.tally.cut).toBe(1);
  valueOf(await saveSpec(context, ferry.id, ferry.counter, { ...ferry.spec, title: 'Ferry crews' }));
  await expectChanged([ferry]);
  valueOf(await archiveRun(context, plots.id, true));
  await expectChanged([plots]);
  valueOf(await removeRunById(context, plots.id));
  await expectChanged([plots]);
  expect(before.runs).toHaveLength(2);
  valueOf(await restoreRunById(context, plots.id));
  await expectChanged([plots]);
  expect(summaryOf(before, plots)).toMatchObject({ isArchived: true, title: 'Allotments' });
});
