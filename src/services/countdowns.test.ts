import type { NewCountdown } from '@/core/countdown';
import type { Deed, NewAct } from '@/core/ledger';
import {
  type BenchItem,
  type RunView,
  benchOfRun,
  countdownsOfRun,
  createRun,
  endCountdown,
  marksOfRun,
  recordAct,
  startCountdown,
} from '.';
import type { Context } from './context';
import { aContext, freshFolder, problemOf, removeFolders, valueOf } from './test/a-context';

const START = Date.parse('2026-05-04T08:00:00.000Z');
const MAY_MAKE = { mayMake: true, notCut: false };
const PRESS = { who: '', station: 'press-one' };

let context: Context;
let run: RunView;
let nowMs = START;
let no = 0;
const folder = freshFolder();
const open = async (): Promise<Context> => ({
  ...(await aContext(++no, folder)),
  nowIso: () => new Date(nowMs).toISOString(),
});

beforeAll(async () => {
  context = await open();
});
beforeEach(async () => {
  nowMs = START;
  run = valueOf(await createRun(context, { title: 'Chess club', dueOn: null, list: 'Rook Ellery\nPawnsworth\nZugla' }));
});
afterAll(async () => {
  await context.store.close();
  removeFolders();
});

const items = async () => valueOf(await benchOfRun(context, run.id, 'press-one')).items;
const inPress = ({ itemId, pieces }: BenchItem) => {
  const { placeId, attempt } = pieces[0]!;
  return { itemId, placeId, attempt };
};
const countdown = (of: readonly BenchItem[], more: Partial<NewCountdown> = {}): NewCountdown => ({
  id: `countdown-${++no}`,
  kind: 'press',
  film: 'navy film',
  items: of.map(inPress),
  seconds: 15,
  by: PRESS,
  ...more,
});
const act = (deeds: readonly Deed[]): NewAct => ({
  id: `act-number-${++no}`,
  by: PRESS,
  at: '2026-05-04T08:00:00Z',
  deeds,
});
const bonded = ({ itemId, pieces }: BenchItem): Deed => {
  const { placeId, layerId, attempt } = pieces[0]!;
  return { kind: 'bonded', itemId, placeId, layerIds: [layerId], attempts: [attempt], face: 'front' };
};
const start = (of: readonly BenchItem[], more: Partial<NewCountdown> = {}) =>
  startCountdown(context, run.id, countdown(of, more));
const mark = (deeds: readonly Deed[]) => recordAct(context, run.id, act(deeds), MAY_MAKE);

test('what lies in the press is not called pressed, checked or packed before its countdown has run out', async () => {
  const [rook, pawn] = await items();
  const view = valueOf(await start([rook!]));
  expect(view).toMatchObject({
    now: '2026-05-04T08:00:00.000Z',
    countdowns: [{ startedAt: view.now, endedEarly: null }],
  });
  nowMs += 5500;
  const held = { kind: 'stillRunning', doing: 'press', text: 'Rook Ellery', secondsToGo: 10, seconds: 15 };
  expect(problemOf(await mark([bonded(rook!)]))).toEqual(held);
  expect(problemOf(await mark([{ kind: 'checked', itemId: rook!.itemId }]))).toEqual(held);
  // One of two: the act is refused whole, and nothing of it is recorded.
  expect(problemOf(await mark([bonded(pawn!), { kind: 'packed', itemId: rook!.itemId }]))).toEqual(held);
  expect((await items()).map(({ stage }) => stage)).toEqual(['open', 'open', 'open']);
  // What was cut or spoiled meanwhile can be said.
  const { pieceId } = rook!.pieces[0]!;
  valueOf(await mark([{ kind: 'cut', pieceId, attempt: 1, passId: null }, bonded(pawn!)]));
  nowMs = START + 15_000;
  valueOf(await mark([bonded(rook!)]));
  expect((await items()).map(({ stage }) => stage)).toEqual(['bonded', 'bonded', 'open']);
});

test('ended early with a reason it holds nothing; what has run out or was ended stays as it is', async () => {
  const [rook] = await items();
  const sent = countdown([rook!]);
  valueOf(await startCountdown(context, run.id, sent));
  nowMs += 4000;
  const ending = { reason: 'it smokes', station: 'press-one' };
  const ended = valueOf(await endCountdown(context, run.id, sent.id, ending));
  expect(ended.countdowns[0]).toMatchObject({ endedEarly: { ...ending, at: '2026-05-04T08:00:04.000Z' } });
  valueOf(await mark([bonded(rook!)]));
  nowMs += 1000;
  const again = valueOf(await endCountdown(context, run.id, sent.id, { ...ending, reason: 'another' }));
  expect(again.countdowns[0]!.endedEarly).toMatchObject({ reason: 'it smokes' });
  const done = countdown([rook!], { seconds: 1 });
  valueOf(await startCountdown(context, run.id, done));
  nowMs += 1000;
  const { countdowns } = valueOf(await endCountdown(context, run.id, done.id, ending));
  expect(countdowns.find(({ id }) => id === done.id)!.endedEarly).toBeNull();
  expect(problemOf(await endCountdown(context, run.id, 'countdown-x', ending)).kind).toBe('countdownNotFound');
});

test('it is there again after the server was killed, and runs on meanwhile', async () => {
  const [rook] = await items();
  valueOf(await start([rook!], { seconds: 40 }));
  await context.store.close();
  nowMs += 39_000;
  context = await open();
  expect(valueOf(await countdownsOfRun(context, run.id)).countdowns).toHaveLength(1);
  expect(problemOf(await mark([bonded(rook!)]))).toMatchObject({ kind: 'stillRunning', secondsToGo: 1 });
  nowMs += 1000;
  valueOf(await mark([bonded(rook!)]));
});

test('several run at once; what lies in the press cannot be put there again, what cures can', async () => {
  const [rook, pawn, zugla] = await items();
  valueOf(await start([rook!]));
  valueOf(await start([pawn!, zugla!], { kind: 'dryOut', seconds: 5 }));
  expect(problemOf(await start([zugla!]))).toMatchObject({ kind: 'stillRunning', doing: 'dryOut', text: 'Zugla' });
  nowMs += 5000;
  valueOf(await start([zugla!], { kind: 'cure', seconds: 172_800 }));
  const view = valueOf(await start([zugla!]));
  expect(view.countdowns.map(({ kind }) => kind).sort()).toEqual(['cure', 'dryOut', 'press', 'press']);
  // Half a day later only what cures is told of.
  nowMs += 12 * 3_600_000 + 15_000;
  expect(valueOf(await countdownsOfRun(context, run.id)).countdowns.map(({ kind }) => kind)).toEqual(['cure']);
});

test('sent twice it is one; another under its id, an item or run that is not there, and too many are refused', async () => {
  const [rook] = await items();
  const sent = countdown([rook!], { kind: 'cure' });
  valueOf(await startCountdown(context, run.id, sent));
  expect(valueOf(await startCountdown(context, run.id, sent)).countdowns).toHaveLength(1);
  const other = await startCountdown(context, run.id, { ...sent, seconds: 16 });
  expect(problemOf(other)).toEqual({ kind: 'idTaken', what: 'countdown', id: sent.id });
  const strange = [{ ...inPress(rook!), itemId: 'zzzzzzzzzz-zzzzzzzzzz-1' }];
  expect(problemOf(await start([rook!], { items: strange }))).toMatchObject({ kind: 'unknownTarget', what: 'item' });
  expect(problemOf(await startCountdown(context, 'nosuchrun0', sent)).kind).toBe('runNotFound');
  expect(problemOf(await countdownsOfRun(context, 'nosuchrun0')).kind).toBe('runNotFound');
  for (let i = 1; i < 200; i++) valueOf(await start([rook!], { kind: 'cure' }));
  expect(problemOf(await start([rook!], { kind: 'cure' }))).toEqual({ kind: 'tooManyCountdowns', most: 200 });
  // Those that have run out are no burden.
  nowMs += 15_000;
  valueOf(await start([rook!], { kind: 'cure' }));
});

test('pages are told: the mark of countdowns goes up with every start and every early end', async () => {
  const [rook] = await items();
  const told: number[] = [];
  const stop = context.events.listen(run.id, () => told.push(1));
  const marks = async () => (await marksOfRun(context.store.db, run.id))!.countdowns;
  expect(await marks()).toBe(0);
  const sent = countdown([rook!]);
  valueOf(await startCountdown(context, run.id, sent));
  expect(await marks()).toBe(1);
  valueOf(await endCountdown(context, run.id, sent.id, { reason: 'no', station: 'press-one' }));
  expect([await marks(), told.length]).toEqual([2, 2]);
  stop();
});
