import type { PackSearch, Packing } from '@/core/sheets';
import { LongerSearches } from './longer-searches';

const search = (key: string): PackSearch => ({ key, boxes: [], numFirst: 0, options: {} as PackSearch['options'] });
const packing = (length: number): Packing => ({ beds: [], tooLarge: [], length, layouts: 1 });

interface Asked {
  readonly key: string;
  readonly signal: AbortSignal;
  readonly answer: (found: Packing) => void;
  readonly fail: () => void;
}

/** Searches that end when the test says so, or when they are stopped. */
function aBench() {
  const asked: Asked[] = [];
  const kept: (readonly [string, number | null])[] = [];
  const failures: string[] = [];
  const longer = new LongerSearches({
    pack: ({ key }, signal) =>
      new Promise((resolve, reject) => {
        signal.addEventListener('abort', () => reject(new Error('stopped')));
        asked.push({ key, signal, answer: resolve, fail: () => reject(new Error('out of memory')) });
      }),
    keep: async (_runId, key, found) => {
      kept.push([key, found?.length ?? null]);
    },
    onFailure: (runId, error) => failures.push(`${runId}: ${(error as Error).message}`),
  });
  return { asked, kept, failures, longer };
}

/** Whatever was answered has been dealt with. */
const settled = () => new Promise((resolve) => setImmediate(resolve));

test('one material after the other is searched for, kept, and not begun again when the plan is asked for meanwhile', async () => {
  const { asked, kept, longer } = aBench();
  longer.follow('run', [search('a'), search('b')]);
  longer.follow('run', [search('a'), search('b')]);
  expect(asked.map(({ key }) => key)).toEqual(['a']);
  asked[0]!.answer(packing(7));
  await settled();
  expect(kept).toEqual([['a', 7]]);
  longer.follow('run', [search('b')]);
  expect(asked.map(({ key, signal }) => [key, signal.aborted])).toEqual([
    ['a', false],
    ['b', false],
  ]);
  asked[1]!.answer(packing(9));
  await settled();
  expect(kept).toEqual([
    ['a', 7],
    ['b', 9],
  ]);
  // It is done: whoever asks for it again, since it was forgotten, gets it searched for again.
  longer.follow('run', [search('b')]);
  expect(asked).toHaveLength(3);
});

test('a run that is otherwise by now is not searched for as it was, and nothing of that is kept', async () => {
  const { asked, kept, failures, longer } = aBench();
  longer.follow('run', [search('a'), search('b')]);
  longer.follow('run', [search('c')]);
  await settled();
  expect(asked.map(({ key, signal }) => [key, signal.aborted])).toEqual([
    ['a', true],
    ['c', false],
  ]);
  longer.follow('other', [search('a')]);
  longer.follow('run', []);
  await settled();
  expect(asked.map(({ signal }) => signal.aborted)).toEqual([true, true, false]);
  // Stopped on purpose is no failure.
  expect([kept, failures]).toEqual([[], []]);
});

test('a search that fails is told as found nothing, so that nobody waits for it; the next goes on', async () => {
  const { asked, kept, failures, longer } = aBench();
  longer.follow('run', [search('a'), search('b')]);
  asked[0]!.fail();
  await settled();
  asked[1]!.answer(packing(3));
  await settled();
  expect(kept).toEqual([
    ['a', null],
    ['b', 3],
  ]);
  expect(failures).toEqual(['run: out of memory']);
});

test('of many runs the oldest is given up', async () => {
  const { asked, longer } = aBench();
  for (let i = 0; i < 9; i++) longer.follow(`run ${i}`, [search(`key ${i}`)]);
  expect(asked.map(({ signal }) => signal.aborted)).toEqual([true, ...Array.from({ length: 8 }, () => false)]);
  await settled();
});
