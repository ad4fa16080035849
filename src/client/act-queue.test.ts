import type { Act, Deed, NewAct } from '@/core/ledger';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { ActAnswer, ActAnswers, BenchItem, BenchView } from '@/services';
import { ActQueue } from './act-queue';
import type { ApiProblem } from './api';
import { type Keeper, memoryKeeper } from './keeper';

const ITEM = 'aentry0001-ause000001-1';
const PIECE = `${ITEM}-aplace0001-alayer0001-1`;
const item: BenchItem = {
  itemId: ITEM,
  entryId: 'aentry0001',
  text: ['Ann'],
  fields: { text: 'Ann' },
  variantId: null,
  variantWords: '',
  blankName: 'bag',
  stage: 'open',
  numLost: 0,
  pieces: [
    {
      pieceId: PIECE,
      attempt: 1,
      stage: null,
      spoiledFor: null,
      again: null,
      placeId: 'aplace0001',
      placeName: 'chest',
      text: ['Ann'],
      letter: null,
      isFilmOpen: false,
      layerId: 'alayer0001',
      materialName: 'film',
      materialHex: '#000000',
      materialKind: 'standardFilm',
      process: 'film',
      passNo: 1,
      passId: 'apass00001',
      frozen: null,
      frozenText: null,
      filmNow: null,
    },
  ],
};
const MARKS = { spec: 1, passes: 0, releases: 0, acts: 0 };
const TALLY = { items: 1, cut: 0, weeded: 0, bonded: 0, checked: 0, packed: 0, recuts: 0 };

const NOBODY = { num: 0, texts: [] };

/** A server that keeps what it acknowledges, and can be gone or refuse. */
class FakeLedger {
  isGone = false;
  isFull = false;
  refusal: string | null = null;
  /** Asked as long as an act does not answer it beforehand. */
  question: 'needsPass' | 'wasItCut' | null = null;
  readonly sentAnswers: ActAnswers[] = [];
  readonly acts: NewAct[] = [];
  numRequests = 0;

  readonly send = async (act: NewAct, answers: ActAnswers): Promise<Outcome<ActAnswer, ApiProblem>> => {
    this.numRequests++;
    await new Promise((resolve) => setTimeout(resolve, 1));
    if (this.isGone) return fail({ kind: 'serverGone' });
    if (this.isFull) return fail({ kind: 'refused', status: 507, problem: 'diskFull', detail: 'The disk is full.' });
    this.sentAnswers.push(answers);
    if (this.question === 'needsPass' && !answers.mayMake) {
      const passes = [{ no: 2, numPieces: 12, notReleased: NOBODY, notProofed: NOBODY, checks: NOBODY }];
      return fail({ kind: 'refused', status: 409, problem: 'needsPass', detail: '', plan: 'asked about', passes });
    }
    if (this.question === 'wasItCut' && !answers.notCut)
      return fail({ kind: 'refused', status: 409, problem: 'wasItCut', detail: '', passNo: 4 });
    if (this.refusal) return fail({ kind: 'refused', status: 422, problem: 'x', detail: this.refusal });
    const isRepeat = this.acts.some(({ id }) => id === act.id);
    if (!isRepeat) this.acts.push(act);
    const recorded: Act = { ...act, seq: this.acts.length, receivedAt: act.at };
    const bench = { state: '', since: '', marks: MARKS, tally: TALLY, undo: act.id, redo: null, changed: [] };
    return ok({ act: recorded, isRepeat, madePasses: [], bench });
  };
}

let ledger: FakeLedger;
let keeper: Keeper;
let bench: BenchView;
let made: number;
beforeEach(() => {
  ledger = new FakeLedger();
  keeper = memoryKeeper();
  bench = { items: [item], state: '', marks: MARKS, tally: TALLY, undo: null, redo: null };
  made = 0;
});

function aQueue(pageId = 'one'): ActQueue {
  return new ActQueue('arunnumber', {
    keeper,
    pageId,
    who: () => '',
    station: () => 'bench',
    nowIso: () => `2027-01-01T08:00:${String(made).padStart(2, '0')}Z`,
    makeActId: () => `act-${pageId}-${++made}`,
    send: ledger.send,
    bench: () => bench,
    onRecorded: ({ act, bench: { undo } }) => {
      const stage = act.deeds[0]?.kind === 'cut' ? ('cut' as const) : item.stage;
      bench = { ...bench, undo, items: [{ ...item, stage, pieces: [{ ...item.pieces[0]!, stage: null }] }] };
    },
  });
}

const cut: Deed = { kind: 'cut', pieceId: PIECE, attempt: 1, passId: null };
const weeded: Deed = { kind: 'weeded', pieceId: PIECE, attempt: 1, passId: null };
const spoiled: Deed = {
  kind: 'spoiled',
  pieces: [{ pieceId: PIECE, attempt: 1 }],
  blankLost: false,
  reason: 'torn',
  note: '',
};
const kinds = () => ledger.acts.map(({ deeds }) => deeds[0]!.kind);
const until = async (isSo: () => boolean) => {
  for (let i = 0; i < 400 && !isSo(); i++) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(isSo()).toBe(true);
};

test('acts go one after the other, and each is decided on what the one before it led to', async () => {
  const queue = aQueue();
  const seen: string[] = [];
  const one = queue.record((now) => (seen.push(now.items[0]!.stage), [cut]));
  const two = queue.record((now) => (seen.push(now.items[0]!.stage), [weeded]));
  expect(queue.getSnapshot().numWaiting).toBe(2);
  expect(await one).toMatchObject({ ok: true });
  expect(await two).toMatchObject({ ok: true });
  expect([seen, kinds(), queue.getSnapshot().numWaiting]).toEqual([['open', 'cut'], ['cut', 'weeded'], 0]);
  expect(await queue.record(() => [])).toBeNull();
  expect(await keeper.kept('acts:')).toEqual([]);
});

test('a refused act is told to who asked for it, and the next one goes on', async () => {
  const queue = aQueue();
  ledger.refusal = 'no such piece';
  expect(await queue.record(() => [cut])).toEqual({ ok: false, detail: 'no such piece' });
  ledger.refusal = null;
  expect(await queue.record(() => [cut])).toMatchObject({ ok: true });
});

test('with the server gone acts are decided at once, kept, and sent in their order when it is back', async () => {
  const queue = aQueue();
  ledger.isGone = true;
  const one = queue.record(() => [cut]);
  await until(() => queue.getSnapshot().isServerGone);
  const stages: (string | null)[] = [];
  const two = queue.record((now) => (stages.push(now.items[0]!.pieces[0]!.stage), [weeded]));
  const three = queue.record((now) => (stages.push(now.items[0]!.pieces[0]!.stage), [spoiled]));
  const attempts: number[] = [];
  const four = queue.record((now) => {
    attempts.push(now.items[0]!.pieces[0]!.attempt);
    return [];
  });
  expect([stages, attempts]).toEqual([['cut', 'weeded'], [2]]);
  expect(await four).toBeNull();
  const kept = (await keeper.kept('acts:')).flatMap(([, acts]) => acts as NewAct[]);
  expect(kept.map(({ deeds }) => deeds[0]!.kind)).toEqual(['cut', 'weeded', 'spoiled']);
  ledger.isGone = false;
  queue.tryNow();
  await Promise.all([one, two, three]);
  expect([kinds(), queue.getSnapshot()]).toEqual([
    ['cut', 'weeded', 'spoiled'],
    { numWaiting: 0, isServerGone: false, trouble: null, refusals: [], question: null },
  ]);
});

test('a server that cannot keep an act says why, and is sent it again until it can', async () => {
  const queue = aQueue();
  ledger.isFull = true;
  const one = queue.record(() => [cut]);
  await until(() => queue.getSnapshot().isServerGone);
  expect(queue.getSnapshot()).toMatchObject({ trouble: 'The disk is full.', numWaiting: 1, refusals: [] });
  ledger.isFull = false;
  queue.tryNow();
  expect(await one).toMatchObject({ ok: true });
  expect(queue.getSnapshot()).toMatchObject({ trouble: null, isServerGone: false, numWaiting: 0 });
});

test('undo with the server gone takes back what waits, then the one act that is known, then nothing', async () => {
  bench = { ...bench, undo: 'act-before' };
  const queue = aQueue();
  ledger.isGone = true;
  const first = queue.record(() => [cut]);
  await until(() => queue.getSnapshot().isServerGone);
  const undos = [queue.undo(), queue.undo(), queue.undo()];
  expect(await undos[2]).toBeNull();
  const redo = queue.redo();
  ledger.isGone = false;
  queue.tryNow();
  await Promise.all([first, ...undos, redo]);
  expect(ledger.acts.slice(1).map(({ deeds }) => deeds)).toEqual([
    [{ kind: 'undone', actId: ledger.acts[0]!.id }],
    [{ kind: 'undone', actId: 'act-before' }],
    [{ kind: 'undone', actId: ledger.acts[2]!.id }],
  ]);
});

test('a page opened later sends what an earlier one could not, once, and tells what is refused', async () => {
  const first = aQueue('one');
  ledger.isGone = true;
  void first.record(() => [cut]);
  void first.record(() => [weeded]);
  await until(() => first.getSnapshot().numWaiting === 2 && first.getSnapshot().isServerGone);
  ledger.isGone = false;
  const later = aQueue('two');
  expect(await later.takeUpKept()).toBe(2);
  await until(() => later.getSnapshot().numWaiting === 0 && ledger.acts.length === 2);
  // The first page is still open and sends the same acts again: the server has them already.
  first.tryNow();
  await until(() => first.getSnapshot().numWaiting === 0);
  expect(kinds()).toEqual(['cut', 'weeded']);
  expect(await keeper.kept('acts:')).toEqual([]);
  await keeper.keep('acts:arunnumber:gone', [{ ...ledger.acts[0]!, id: 'act-lost-1' }]);
  ledger.refusal = 'That cutting is past.';
  await later.takeUpKept();
  await until(() => later.getSnapshot().refusals.length === 1);
  expect(later.getSnapshot().refusals).toEqual(['That cutting is past.']);
  later.dismissRefusals();
  expect(later.getSnapshot().refusals).toEqual([]);
});

test('with the server gone an act counts as waiting once the browser holds it, not before', async () => {
  const quick = keeper;
  keeper = {
    ...quick,
    keep: async (key, value) => {
      await new Promise((resolve) => setTimeout(resolve, 40));
      await quick.keep(key, value);
    },
  };
  const queue = aQueue();
  ledger.isGone = true;
  void queue.record(() => [cut]);
  await until(() => queue.getSnapshot().isServerGone);
  await until(() => queue.getSnapshot().numWaiting === 1);
  void queue.record(() => [weeded]);
  expect(queue.getSnapshot().numWaiting).toBe(1);
  await until(() => queue.getSnapshot().numWaiting === 2);
  const [[, acts] = []] = await quick.kept('acts:');
  expect((acts as NewAct[]).map(({ deeds }) => deeds[0]!.kind)).toEqual(['cut', 'weeded']);
  // A queue that still waits would keep the tests from ending.
  ledger.isGone = false;
  queue.tryNow();
  await until(() => ledger.acts.length === 2 && queue.getSnapshot().numWaiting === 0);
});

describe('a question of the server', () => {
  test('is asked once; yes sends the act again with the answer, and what waited behind it goes on', async () => {
    const queue = aQueue();
    ledger.question = 'needsPass';
    const mark = queue.record(() => [cut]);
    const later = queue.record(() => [weeded]);
    await until(() => queue.getSnapshot().question !== null);
    expect(queue.getSnapshot()).toMatchObject({ numWaiting: 2, question: { kind: 'needsPass', passes: [{ no: 2 }] } });
    expect(ledger.acts).toEqual([]);
    const kept = (await keeper.kept('acts:')).flatMap(([, acts]) => acts as NewAct[]);
    expect(kept.map(({ deeds }) => deeds[0]!.kind)).toEqual(['cut']);
    queue.answer(true);
    expect(await mark).toMatchObject({ ok: true });
    expect(ledger.sentAnswers).toContainEqual({ mayMake: true, notCut: false, plan: 'asked about' });
    // Each act asks for itself.
    await until(() => queue.getSnapshot().question !== null);
    queue.answer(true);
    expect(await later).toMatchObject({ ok: true });
    expect([kinds(), queue.getSnapshot().question]).toEqual([['cut', 'weeded'], null]);
    expect(new Set(ledger.acts.map(({ id }) => id)).size).toBe(2);
  });

  test('no drops the act and whatever would have taken it back; nothing of it is kept', async () => {
    const queue = aQueue();
    ledger.isGone = true;
    const mark = queue.record(() => [cut]);
    await until(() => queue.getSnapshot().isServerGone);
    const undo = queue.undo();
    ledger.isGone = false;
    ledger.question = 'needsPass';
    queue.tryNow();
    await until(() => queue.getSnapshot().question !== null);
    expect(queue.getSnapshot().isServerGone).toBe(false);
    queue.answer(false);
    expect(await Promise.all([mark, undo])).toEqual([null, null]);
    expect([ledger.acts, queue.getSnapshot().numWaiting, await keeper.kept('acts:')]).toEqual([[], 0, []]);
    // Nobody is asked: an answer does nothing.
    queue.answer(true);
    expect(queue.getSnapshot()).toEqual({
      numWaiting: 0,
      isServerGone: false,
      trouble: null,
      refusals: [],
      question: null,
    });
  });

  test('one that waited in the browser is asked by the page that sends it, not done unasked', async () => {
    await keeper.keep('acts:arunnumber:gone', [
      { id: 'act-gone-01', by: { who: '', station: 'bench' }, at: '2027-01-01T08:00:00Z', deeds: [cut] },
    ]);
    ledger.question = 'needsPass';
    const queue = aQueue('later');
    await queue.takeUpKept();
    await until(() => queue.getSnapshot().question !== null);
    expect(ledger.acts).toEqual([]);
    queue.answer(false);
    await until(() => queue.getSnapshot().numWaiting === 0);
    expect([ledger.acts, queue.getSnapshot().refusals]).toEqual([[], []]);
  });

  test('whether a pass was cut is answered with the word that it was not', async () => {
    const queue = aQueue();
    ledger.question = 'wasItCut';
    const done = queue.record(() => [{ kind: 'unmade', passId: 'apass00001' }]);
    await until(() => queue.getSnapshot().question !== null);
    expect(queue.getSnapshot().question).toEqual({ kind: 'wasItCut', passNo: 4 });
    queue.answer(true);
    expect(await done).toMatchObject({ ok: true });
    expect(ledger.sentAnswers.at(-1)).toEqual({ mayMake: false, notCut: true });
  });
});
