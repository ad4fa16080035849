import { isSameJson } from './same-json';

test('values are the same as JSON whatever the order of keys; lists keep theirs', () => {
  expect(isSameJson({ a: 1, b: [{ c: null }] }, { b: [{ c: null }], a: 1 })).toBe(true);
  for (const [a, b] of [
    [{ a: 1 }, { a: 2 }],
    [{ a: 1 }, { a: 1, b: undefined }],
    [{ a: undefined }, { b: undefined }],
    [
      [1, 2],
      [2, 1],
    ],
    [[1], [1, 2]],
    [[], {}],
    [null, {}],
    [0, '0'],
  ]) {
    expect(isSameJson(a, b)).toBe(false);
    expect(isSameJson(b, a)).toBe(false);
  }
  expect(isSameJson(null, null)).toBe(true);
});
