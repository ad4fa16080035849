import { jest } from '@jest/globals';
import { type JobEnd, type JobThread, JobEndedError, Lanes, jobEndOf } from './lanes';

/** Threads whose jobs end when they are told to. */
class FakeThreads {
  readonly made: boolean[] = [];
  /** What was begun: thread, name. */
  readonly begun: [no: number, name: string][] = [];
  readonly #open = new Map<string, (error: Error | null) => void>();

  readonly make = (isLasting: boolean): JobThread => {
    const no = this.made.push(isLasting) - 1;
    return {
      run: (name, _, signal) =>
        new Promise((resolve, reject) => {
          this.begun.push([no, name]);
          signal.addEventListener('abort', () => reject(new Error('aborted')));
          this.#open.set(name, (error) => (error ? reject(error) : resolve(`${name} done`)));
        }),
    };
  };

  end(name: string, error: Error | null = null): void {
    this.#open.get(name)!(error);
  }
}

let threads: FakeThreads;
/** How much of the time that passes this program has the processor. */
let share: number;
const lanesOf = (some: { numLasting?: number; most?: number } = {}) =>
  new Lanes({
    makeThread: threads.make,
    numLasting: 2,
    most: 3,
    patienceMs: 1500,
    limitMs: 60_000,
    processorMs: () => share * Date.now(),
    ...some,
  });
const turn = () => jest.advanceTimersByTimeAsync(0);

beforeEach(() => {
  jest.useFakeTimers();
  threads = new FakeThreads();
  share = 1;
});
afterEach(() => {
  jest.useRealTimers();
});

test('a run keeps to its thread, and its jobs wait for each other', async () => {
  const lanes = lanesOf();
  const one = lanes.run('a', 'a1', null);
  void lanes.run('a', 'a2', null);
  void lanes.run('b', 'b1', null);
  expect(threads.begun).toEqual([
    [0, 'a1'],
    [1, 'b1'],
  ]);
  threads.end('a1');
  expect(await one).toBe('a1 done');
  await turn();
  expect(threads.begun[2]).toEqual([0, 'a2']);
  threads.end('a2');
  threads.end('b1');
  await turn();
  void lanes.run('a', 'a3', null);
  expect(threads.begun[3]).toEqual([0, 'a3']);
  await jest.advanceTimersByTimeAsync(10_000);
  expect(threads.made).toEqual([true, true]);
});

test('of two hundred runs it is known where they are at home; the one not asked for longest is taken where there is room', async () => {
  const lanes = lanesOf();
  const threadOf = async (runId: string) => {
    void lanes.run(runId, runId, null);
    threads.end(runId);
    await turn();
    return threads.begun.at(-1)![0];
  };
  expect(await threadOf('first')).toBe(0);
  for (let i = 1; i <= 201; i++) expect(await threadOf(`run ${i}`)).toBe(i % 2 === 1 && i < 201 ? 1 : 0);
  // One that is known stays, although the other thread has fewer by now.
  expect(await threadOf('run 200')).toBe(0);
  expect(await threadOf('first')).toBe(1);
});

test('behind another run’s long job a run waits no longer than its patience, and takes all that waits of it along', async () => {
  const lanes = lanesOf();
  void lanes.run('a', 'a1', null);
  void lanes.run('b', 'b1', null);
  void lanes.run('c', 'c1', null);
  void lanes.run('c', 'c2', null);
  await jest.advanceTimersByTimeAsync(1499);
  expect(threads.begun).toHaveLength(2);
  await jest.advanceTimersByTimeAsync(1);
  expect(threads.begun[2]).toEqual([2, 'c1']);
  expect(threads.made).toEqual([true, true, false]);
  threads.end('c1');
  await turn();
  expect(threads.begun[3]).toEqual([2, 'c2']);
  threads.end('c2');
  await turn();
  void lanes.run('c', 'c3', null);
  expect(threads.begun[4]).toEqual([2, 'c3']);
});

test('with every thread taken it waits for the first that is free', async () => {
  const lanes = lanesOf({ most: 2 });
  void lanes.run('a', 'a1', null);
  void lanes.run('b', 'b1', null);
  void lanes.run('c', 'c1', null);
  await jest.advanceTimersByTimeAsync(4000);
  expect(threads.begun).toHaveLength(2);
  threads.end('b1');
  await jest.advanceTimersByTimeAsync(1500);
  expect(threads.begun[2]).toEqual([1, 'c1']);
});

test('a job behind its own run’s stays there, however long that takes', async () => {
  const lanes = lanesOf();
  void lanes.run('a', 'a1', null);
  void lanes.run('a', 'a2', null);
  await jest.advanceTimersByTimeAsync(30_000);
  expect(threads.begun).toHaveLength(1);
});

test('a job that takes too long or too much is ended with the reason; waiting does not count, and the next goes on', async () => {
  const lanes = lanesOf();
  const ends: (JobEnd | null)[] = [];
  const note = (error: unknown) => void ends.push(jobEndOf(error));
  void lanes.run('a', 'a1', null).catch(note);
  void lanes.run('a', 'a2', null).catch(note);
  void lanes.run('a', 'a3', null).catch(note);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(ends).toEqual([{ kind: 'tookTooLong', seconds: 60 }]);
  await jest.advanceTimersByTimeAsync(59_999);
  expect(threads.begun.at(-1)).toEqual([0, 'a2']);
  threads.end('a2', Object.assign(new Error('Worker terminated'), { code: 'ERR_WORKER_OUT_OF_MEMORY' }));
  await turn();
  threads.end('a3', new Error('a bug'));
  await turn();
  expect(ends).toEqual([{ kind: 'tookTooLong', seconds: 60 }, { kind: 'tooMuchMemory' }, null]);
  expect(jobEndOf(new JobEndedError({ kind: 'tooMuchMemory' }))).toEqual({ kind: 'tooMuchMemory' });
});

test.each([
  ['two of its threads at work', 2, 60],
  ['half of the processor', 0.5, 120],
  ['nearly nothing of it', 0.01, 360],
  ['nothing of it, as one that hangs', 0, 360],
])('with %s a job is ended when it had its time of the processor, or long after', async (_, ofTime, seconds) => {
  share = ofTime;
  const ends: (JobEnd | null)[] = [];
  void lanesOf()
    .run('a', 'a1', null)
    .catch((error: unknown) => void ends.push(jobEndOf(error)));
  await jest.advanceTimersByTimeAsync(seconds * 1000 - 1);
  expect(ends).toEqual([]);
  await jest.advanceTimersByTimeAsync(1);
  expect(ends).toEqual([{ kind: 'tookTooLong', seconds: 60 }]);
});

test('a job that is done before its time is up ends nothing later', async () => {
  share = 0.5;
  const lanes = lanesOf();
  const one = lanes.run('a', 'a1', null);
  await jest.advanceTimersByTimeAsync(100_000);
  threads.end('a1');
  expect(await one).toBe('a1 done');
  await turn();
  expect(jest.getTimerCount()).toBe(0);
});
