import { whenIdle } from './when-idle';

type Globals = { requestIdleCallback?: unknown; cancelIdleCallback?: unknown };
const globals = globalThis as Globals;
afterEach(() => {
  delete globals.requestIdleCallback;
  delete globals.cancelIdleCallback;
});

test('it is done when the page is idle, at most a second later, and not at all once it was called off', () => {
  const waiting = new Map<number, () => void>();
  const limits: number[] = [];
  globals.requestIdleCallback = (work: () => void, { timeout }: { timeout: number }) => {
    limits.push(timeout);
    waiting.set(limits.length, work);
    return limits.length;
  };
  globals.cancelIdleCallback = (handle: number) => waiting.delete(handle);
  const done: string[] = [];
  whenIdle(() => done.push('first'));
  const callOff = whenIdle(() => done.push('second'));
  expect(done).toEqual([]);
  callOff();
  for (const work of waiting.values()) work();
  expect([done, limits]).toEqual([['first'], [1000, 1000]]);
});

test('a browser that does not say when it is idle does it soon', async () => {
  const done: string[] = [];
  whenIdle(() => done.push('kept'));
  whenIdle(() => done.push('called off'))();
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(done).toEqual(['kept']);
});
