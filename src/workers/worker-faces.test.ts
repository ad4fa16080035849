import { jest } from '@jest/globals';
import { ABSENT_FACE } from '@/core/faces';
import { HEAVY_SLAB_SHA, BRASS_SCRIPT_SHA, STAND_BLOCK_SHA } from '@/core/shop';
import { serveFaces } from './test/serve-faces';
import { faceOf, haveFaces } from './worker-faces';

const always = () => true;
const { asked, answers } = serveFaces();

beforeEach(() => {
  asked.length = 0;
  answers.length = 0;
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

function gone(): Response {
  throw new TypeError('fetch failed');
}

test('a face is fetched once for all its settings, and open then', async () => {
  expect(await haveFaces([STAND_BLOCK_SHA, `${STAND_BLOCK_SHA}@wght=700`], always)).toBe(true);
  expect(await haveFaces([STAND_BLOCK_SHA], always)).toBe(true);
  expect(asked).toHaveLength(1);
  expect(faceOf(STAND_BLOCK_SHA).shape('Bo', [], 0).glyphs).toHaveLength(2);
});

test('a server that is gone is asked again as long as somebody waits', async () => {
  answers.push(gone, gone);
  const have = haveFaces([HEAVY_SLAB_SHA], always);
  await jest.advanceTimersByTimeAsync(1499);
  expect(asked).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(1501);
  expect(await have).toBe(true);
  expect(asked).toHaveLength(3);
});

test('nobody waits any more: it is not asked again, and what comes after it neither', async () => {
  answers.push(gone);
  const have = haveFaces([BRASS_SCRIPT_SHA, STAND_BLOCK_SHA], () => false);
  await jest.advanceTimersByTimeAsync(10_000);
  expect(await have).toBe(false);
  expect(asked).toHaveLength(1);
});

test('a face that the server does not have stands there without a letter; it is not asked for again', async () => {
  answers.push(() => new Response(null, { status: 404 }));
  const other = 'a'.repeat(64);
  expect(await haveFaces([other, other], always)).toBe(true);
  expect(await haveFaces([other], always)).toBe(true);
  expect(asked).toHaveLength(1);
  expect(faceOf(other)).toBe(ABSENT_FACE);
});

test('a shipped face that is not there, and a server in trouble, are said with the face', async () => {
  answers.push(
    () => new Response(null, { status: 404 }),
    () => new Response(null, { status: 500 }),
  );
  await expect(haveFaces([BRASS_SCRIPT_SHA], always)).rejects.toThrow(
    `face ${BRASS_SCRIPT_SHA}: the server answered 404`,
  );
  await expect(haveFaces(['b'.repeat(64)], always)).rejects.toThrow('the server answered 500');
  expect(() => faceOf(BRASS_SCRIPT_SHA)).toThrow('was not fetched');
});
