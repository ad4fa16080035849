import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type MadePass, placedIn } from '@/core/freeze';
import type { Deed } from '@/core/ledger';
import { presentOrThrow } from '@/core/outcome';
import { NEW_MATERIAL } from '@/core/shop';
import {
  type Context,
  contextOn,
  createRun,
  benchOfRun,
  makeNextPass,
  listThings,
  recordAct,
  saveThing,
  startCountdown,
} from '@/services';
import { directCompute } from '@/services/compute/direct';
import { insertPass, outlineReader } from '@/store';
import { randomBytes } from 'node:crypto';
import type { Bench } from './bench';
import { faceReader } from '@/services/face-file/face-reader';

const NUM_NAMES = 500;
const NUM_RUNNING = 40;
const NUM_MATERIALS = 1000;

async function aContext(folder: string): Promise<Context> {
  const opened = await contextOn(folder, {
    compute: directCompute(faceReader(folder), outlineReader(folder)),
    nowIso: () => new Date().toISOString(),
    randomBytes: (count) => randomBytes(count),
  });
  return presentOrThrow(opened.ok ? opened.value : null, 'a context');
}

/** On a folder of its own, with the real database. */
async function withContext<T>(work: (context: Context) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(path.join(tmpdir(), 'knurl-bench-'));
  const context = await aContext(folder);
  try {
    return await work(context);
  } finally {
    await context.store.close();
    rmSync(folder, { recursive: true, force: true });
  }
}

const BY = { who: '', station: 'bench' };

/** Marks of a run of 500 items with 40 countdowns, each on the disk before it answers: the middle one of a pass's. */
async function medianMark(context: Context): Promise<number> {
  const list = Array.from({ length: NUM_NAMES }, (_, i) => `Perpetua ${i}`).join('\n');
  const run = await createRun(context, { title: 'Marks', dueOn: null, list });
  if (!run.ok) throw new Error('The list is one.');
  const { id } = run.value;
  const bench = await benchOfRun(context, id, 'bench');
  if (!bench.ok) throw new Error('The run is there.');
  const at = new Date().toISOString();
  const { items } = bench.value;
  for (const [i, { itemId, pieces }] of items.slice(0, NUM_RUNNING).entries()) {
    const { placeId } = pieces[0]!;
    const lying = [{ itemId, placeId, attempt: 1 }];
    await startCountdown(context, id, {
      id: `countdown-${i}`,
      kind: 'press',
      film: '',
      items: lying,
      seconds: 600,
      by: BY,
    });
  }
  // What lies in a made pass: making one costs what a layout costs.
  const made = await makeNextPass(context, id, null);
  if (!made.ok) throw new Error('There is something to make.');
  const placed = [...placedIn(made.value.pass)].map(({ placed: one }) => one.pieceId);
  const deeds = (['cut', 'weeded'] as const).flatMap((kind) =>
    placed.map((pieceId) => ({ kind, pieceId, attempt: 1, passId: null })),
  );
  const times: number[] = [];
  for (const [i, deed] of deeds.entries()) {
    const start = performance.now();
    const done = await recordAct(context, id, { id: `act-number-${i}`, by: BY, at, deeds: [deed] });
    if (!done.ok) throw new Error(`It was refused: ${done.problem.kind}.`);
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
}

const NUM_ITEMS = 20_000;

/** A run of 20,000 items, all in one made pass: the first mark, the middle one of the next ten, and all checked in one act. */
async function marksOfMany(context: Context): Promise<{ first: number; next: number; all: number }> {
  const list = Array.from({ length: NUM_ITEMS }, (_, i) => `P${i}`).join('\n');
  const run = await createRun(context, { title: 'Marks', dueOn: null, list });
  if (!run.ok) throw new Error('The list is one.');
  const { id } = run.value;
  const bench = await benchOfRun(context, id, 'bench');
  if (!bench.ok) throw new Error('The run is there.');
  const { items } = bench.value;
  const pieceIds = items.map(({ pieces }) => presentOrThrow(pieces[0], 'a piece').pieceId);
  await insertPass(context.store.db, id, passOf(pieceIds));
  let numActs = 0;
  const timed = async (deeds: readonly Deed[]): Promise<number> => {
    const act = { id: `act-number-${numActs++}`, by: BY, at: new Date().toISOString(), deeds };
    const start = performance.now();
    const done = await recordAct(context, id, act);
    if (!done.ok) throw new Error(`It was refused: ${done.problem.kind}.`);
    return performance.now() - start;
  };
  const cut = (pieceId: string | undefined): Deed[] =>
    pieceId === undefined ? [] : [{ kind: 'cut', pieceId, attempt: 1, passId: null }];
  const first = await timed(cut(pieceIds[0]));
  const next: number[] = [];
  for (const pieceId of pieceIds.slice(1, 11)) next.push(await timed(cut(pieceId)));
  const all = await timed(items.map(({ itemId }) => ({ kind: 'checked', itemId })));
  return { first, next: next.sort((a, b) => a - b)[5]!, all };
}

/** A made pass of these pieces, of no shape: marks do not look at it. */
function passOf(pieceIds: readonly string[]): MadePass {
  const placed = pieceIds.map((pieceId) => {
    return { pieceId, attempt: 1, text: ['P'], outline: '0'.repeat(64), spot: null, x: 0, y: 0, turnDeg: 0 as const };
  });
  return {
    id: 'apassmade1' as MadePass['id'],
    no: 1,
    cutFile: 2,
    bed: { name: 'a bed', widthMm: 500, heightMm: 500 },
    patches: [
      { id: 'apatch0001' as never, materialId: 'film', reversed: true, stockId: null, x: 0, y: 0, w: 1, h: 1, placed },
    ],
    engine: {},
    how: { packing: 'niche', seed: 1, layouts: 1 },
  };
}

export const DEED_BENCHES: readonly Bench[] = [
  {
    name: 'marks of 20,000 items, the next',
    target: '≤ 50 ms, by the clock; the first ≤ 300, all checked at once ≤ 300',
    run: () =>
      withContext(async (context) => {
        const { first, next, all } = await marksOfMany(context);
        return { ms: next, note: `the first ${first.toFixed(0)} ms, all checked at once ${all.toFixed(0)} ms` };
      }),
  },
  {
    name: 'a mark, of 500 items with 40 countdowns',
    target: '≤ 50 ms, by the clock',
    run: () =>
      withContext(async (context) => ({ ms: await medianMark(context), note: 'median of all marks of a pass' })),
  },
  {
    name: 'a shop of 1,000 materials read',
    target: '≤ 300 ms with its page',
    run: () =>
      withContext(async (context) => {
        for (let i = 0; i < NUM_MATERIALS; i++)
          await saveThing(context, 'materials', {
            id: `m-${i}`,
            rev: 0,
            candidate: { ...NEW_MATERIAL, name: `film ${i}` },
          });
        const start = performance.now();
        const { length } = await listThings(context, 'materials');
        return { ms: performance.now() - start, note: `${length} materials` };
      }),
  },
];
