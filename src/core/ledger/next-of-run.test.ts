import { type Tally, nextOfRun } from '.';

const tally = (part: Partial<Tally>): Tally => ({
  items: 12,
  cut: 12,
  weeded: 12,
  bonded: 12,
  checked: 12,
  packed: 12,
  recuts: 0,
  ...part,
});

test.each<[Partial<Tally>, string, number]>([
  [{ items: 0, cut: 0, bonded: 0, checked: 0, packed: 0 }, 'empty', 0],
  [{ cut: 4, bonded: 2, checked: 1, packed: 0 }, 'cut', 8],
  [{ cut: 4, bonded: 2, checked: 1, packed: 0, recuts: 2 }, 'recut', 2],
  [{ bonded: 5, checked: 3, packed: 3 }, 'putOn', 7],
  [{ checked: 3, packed: 3 }, 'check', 9],
  [{ packed: 11 }, 'pack', 1],
  [{}, 'done', 0],
])('of %j the next is %s', (part, kind, num) => {
  expect(nextOfRun(tally(part))).toEqual({ kind, num });
});
