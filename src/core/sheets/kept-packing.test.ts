import fc from 'fast-check';
import { aBed } from '../test';
import { keepLonger, keptPackBoxes, packings } from './kept-packing';
import { type PackOptions, packBoxes } from './pack-boxes';

const OPTIONS = aBed({ layouts: 4 });
const boxes = fc.array(
  fc.record({ width: fc.integer({ min: 1, max: 900 }), height: fc.integer({ min: 1, max: 900 }) }),
  { minLength: 1, maxLength: 8 },
);
const some = [
  { width: 700, height: 400 },
  { width: 100, height: 900 },
];

test('what is kept is what a search finds, and it is searched once', () => {
  fc.assert(
    fc.property(boxes, fc.nat({ max: 3 }), (list, first) => {
      const found = keptPackBoxes(list, first, OPTIONS);
      const searched = packings.count;
      expect(found.packing).toEqual(packBoxes(list, first, OPTIONS));
      const again = keptPackBoxes(
        list.map((box) => ({ ...box })),
        first,
        { ...OPTIONS },
      );
      expect(again.packing).toBe(found.packing);
      expect(packings.count).toBe(searched);
    }),
    { numRuns: 40 },
  );
});

test('whatever a packing depends on is asked anew when it is otherwise', () => {
  const others: [Parameters<typeof keptPackBoxes>[0], number, PackOptions][] = [
    [some, 1, OPTIONS],
    [[...some].reverse(), 0, OPTIONS],
    [some.map(({ width, height }) => ({ width: height, height: width })), 0, OPTIONS],
    ...Object.entries(OPTIONS).map(([name, value]): [typeof some, number, PackOptions] => [
      some,
      0,
      { ...OPTIONS, [name]: typeof value === 'boolean' ? !value : value + 1 },
    ]),
  ];
  keptPackBoxes(some, 0, OPTIONS);
  for (const [list, first, options] of others) {
    const before = packings.count;
    keptPackBoxes(list, first, options);
    expect(packings.count).toBe(before + 1);
  }
});

test('of many packings the latest are kept: what was asked for again stays, what was not goes', () => {
  const at = (seed: number) => keptPackBoxes(some, 0, { ...OPTIONS, seed });
  at(1000);
  at(2000);
  for (let seed = 3000; seed < 3022; seed++) {
    at(seed);
    at(1000);
  }
  at(4000);
  const before = packings.count;
  at(1000);
  expect(packings.count).toBe(before);
  at(2000);
  expect(packings.count).toBe(before + 1);
});

test('a longer search is due until it was done; what it found stands where it is shorter, and the first stays', () => {
  const options = { ...OPTIONS, seed: 77 };
  const { packing, search } = keptPackBoxes(some, 0, options);
  expect(search).toMatchObject({ boxes: some, numFirst: 0, options: { ...options, layouts: 20 * options.layouts } });
  keepLonger(search!.key, { ...packing, length: packing.length + 1 });
  expect(keptPackBoxes(some, 0, options)).toEqual({ packing, search: null });
  const given = keptPackBoxes(some, 0, { ...options, seed: 79 });
  keepLonger(given.search!.key, null);
  expect(keptPackBoxes(some, 0, { ...options, seed: 79 })).toEqual({ packing: given.packing, search: null });
  const shorter = { ...packing, length: packing.length - 1 };
  keepLonger(search!.key, shorter);
  expect(keptPackBoxes(some, 0, options).packing).toBe(shorter);
  expect(keptPackBoxes(some, 0, options, 'first').packing).toBe(packing);
});

test('there is nothing to search for where the order is given; what nobody asked for is not kept', () => {
  expect(keptPackBoxes(some.slice(1), 0, OPTIONS).search).toBeNull();
  expect(keptPackBoxes(some, 1, OPTIONS).search).toBeNull();
  const before = packings.count;
  keepLonger('unheard of', keptPackBoxes(some, 0, { ...OPTIONS, seed: 78 }).packing);
  expect(packings.count).toBe(before + 1);
});
