import { fail, ok } from '@/core/outcome';
import { againIn } from './api-query';

test('a question is asked again while the server is gone or its answer is not the last one, and then no more', () => {
  const isUnfinished = (value: number) => value < 3;
  expect(againIn({ state: {} }, isUnfinished)).toBe(false);
  const gone = { state: { data: fail({ kind: 'serverGone' } as const) } };
  expect([againIn(gone), againIn<number>(gone, isUnfinished)]).toEqual([2000, 2000]);
  expect([2, 3].map((value) => againIn({ state: { data: ok(value) } }, isUnfinished))).toEqual([2000, false]);
  expect(againIn({ state: { data: ok(2) } })).toBe(false);
});
