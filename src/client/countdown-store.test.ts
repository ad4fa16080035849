import type { Countdown, NewCountdown } from '@/core/countdown';
import { type Outcome, fail, ok } from '@/core/outcome';
import type { CountdownsView } from '@/services';
import type { ApiProblem } from './api';
import { CountdownStore } from './countdown-store';
import { countdownFigure, countdownName, countdownWords } from './countdown-words';

const START = Date.parse('2026-05-04T08:00:00.000Z');
const countdown = (id: string) => ({ id, kind: 'press', items: [] }) as unknown as Countdown;
const view = (ms: number, ...ids: string[]): CountdownsView => ({
  now: new Date(START + ms).toISOString(),
  countdowns: ids.map(countdown),
});

/** A server that answers when it is told to. */
function aServer(browserMs: number) {
  const asked: string[] = [];
  const answers: ((answer: Outcome<CountdownsView, ApiProblem>) => void)[] = [];
  const ask = (what: string) =>
    new Promise<Outcome<CountdownsView, ApiProblem>>((resolve) => {
      asked.push(what);
      answers.push(resolve);
    });
  const store = new CountdownStore({
    read: () => ask('read'),
    start: ({ id }) => ask(`start ${id}`),
    end: (id, reason) => ask(`end ${id}: ${reason}`),
    nowMs: () => browserMs,
  });
  const ids = () => store.getSnapshot().countdowns.map(({ id }) => id);
  const settle = () => new Promise((resolve) => setTimeout(resolve, 0));
  return { store, asked, answers, ids, settle };
}

test('the server’s clock counts, whatever this browser’s says', async () => {
  const { store, answers } = aServer(START - 3_600_000);
  const told: number[] = [];
  store.subscribe(() => told.push(1));
  const started = store.start(countdown('one') as NewCountdown);
  answers[0]!(ok(view(0, 'one')));
  expect([await started, store.nowMs(), told.length]).toEqual([null, START, 1]);
});

test('a start or an end that is told is read once; an answer that comes late changes nothing', async () => {
  const { store, asked, answers, ids, settle } = aServer(START);
  store.follow(undefined);
  store.follow(0);
  expect(asked).toEqual([]);
  store.follow(1);
  store.follow(1);
  store.follow(2);
  expect(asked).toEqual(['read', 'read']);
  answers[1]!(ok(view(500, 'one', 'two')));
  await settle();
  answers[0]!(ok(view(100, 'one')));
  await settle();
  expect(ids()).toEqual(['one', 'two']);
});

test('what could not be read is read again with the next word of the server', async () => {
  const { store, asked, answers, ids, settle } = aServer(START);
  store.follow(1);
  answers[0]!(fail({ kind: 'serverGone' }));
  await settle();
  store.follow(1);
  expect(asked).toEqual(['read', 'read']);
  answers[1]!(ok(view(0, 'one')));
  await settle();
  store.follow(1);
  expect([asked.length, ids()]).toEqual([2, ['one']]);
});

test('what is refused is told, with nothing changed; a server that is gone is told as well', async () => {
  const { store, answers, ids } = aServer(START);
  const end = store.end('one', 'it smokes');
  answers[0]!(fail({ kind: 'refused', status: 404, problem: 'countdownNotFound', detail: 'No countdown one.' }));
  expect([await end, ids()]).toEqual(['No countdown one.', []]);
  const start = store.start(countdown('one') as NewCountdown);
  answers[1]!(fail({ kind: 'serverGone' }));
  expect(await start).toMatch(/does not answer: no countdown was started or ended\. Count by hand/);
});

test('a countdown says what is done and then what to do, whose it is, and how long', () => {
  expect(countdownWords({ kind: 'press' }, 1)).toBe('in the press');
  expect([countdownWords({ kind: 'cool' }, 3), countdownWords({ kind: 'cool' }, 0)]).toEqual([
    'cools before it is peeled',
    'cool: peel it, low and slow',
  ]);
  const items = ['a', 'b', 'c'].map((itemId) => ({ itemId, placeId: 'p', attempt: 1 }));
  const nameOf = (id: string) => `Rook ${id}`;
  expect(countdownName({ items: items.slice(0, 1) }, nameOf)).toBe('Rook a');
  expect(countdownName({ items: items.slice(0, 2) }, nameOf)).toBe('Rook a and 1 more');
  expect(countdownName({ items }, nameOf)).toBe('Rook a and 2 more');
  expect([0, 59, 60, 65, 3599, 3600, 169_920].map(countdownFigure)).toEqual([
    '0 s',
    '59 s',
    '1:00',
    '1:05',
    '59:59',
    '1 h 0 min',
    '47 h 12 min',
  ]);
});
