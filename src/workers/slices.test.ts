import { jest } from '@jest/globals';
import { inSlices, letMessagesIn } from './slices';

/** Every look at the clock finds it five milliseconds on: the third thing of a slice is its last. */
function slowClock(): void {
  let now = 0;
  jest.spyOn(performance, 'now').mockImplementation(() => (now += 5));
}

afterEach(() => jest.restoreAllMocks());

test('all are computed in their order while somebody waits, and it is asked after each slice whether they do', async () => {
  slowClock();
  const done: number[] = [];
  const isCurrent = jest.fn(() => true);
  expect(await inSlices([...Array(10).keys()], isCurrent, (one) => done.push(one))).toBe(true);
  expect(done).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
  expect(isCurrent).toHaveBeenCalledTimes(3);
});

test('what comes in between ends it after the slice', async () => {
  slowClock();
  const done: number[] = [];
  let isCurrent = true;
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => (isCurrent = false);
  port2.postMessage(null);
  expect(
    await inSlices(
      [...Array(10).keys()],
      () => isCurrent,
      (one) => done.push(one),
    ),
  ).toBe(false);
  port1.close();
  expect(done).toEqual([0, 1, 2]);
});

test('within one slice nobody is let in', async () => {
  const isCurrent = jest.fn(() => false);
  jest.spyOn(performance, 'now').mockReturnValue(0);
  expect(await inSlices([1, 2, 3], isCurrent, () => undefined)).toBe(true);
  expect(isCurrent).not.toHaveBeenCalled();
});

test('messages that wait come first', async () => {
  const order: string[] = [];
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = () => order.push('message');
  port2.postMessage(null);
  await letMessagesIn();
  port1.close();
  expect([...order, 'went on']).toEqual(['message', 'went on']);
});
