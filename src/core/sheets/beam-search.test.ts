import fc from 'fast-check';

import { seededRandom } from '../random';
import { type BedLayout, BeamSearch } from './beam-search';
import { BestOffers } from './best-offers';
import { sizesOf } from './box-sizes';
import type { InnerBed, PackBox } from './niche-layout';
import { searchLayout } from './search-layout';
import { isSearchWorthIt, leastHeight, shorterBed } from './shorter-bed';
import { Skyline } from './skyline';

const aBox = fc.record({ width: fc.integer({ min: 1, max: 12 }), height: fc.integer({ min: 1, max: 12 }) });
const someBoxes = fc.array(aBox, { minLength: 2, maxLength: 12 });

const asItLies = ({ width, height }: PackBox, isTurned: boolean) =>
  isTurned ? { width: height, height: width } : { width, height };

/** Each box on the bed, none over another, none below the height that is told, and one that reaches it. */
function expectSound(boxes: readonly PackBox[], { width: bedWidth, mayTurn }: InnerBed, layout: BedLayout): void {
  const lying = boxes.map((box, i) => ({
    x: layout.x[i]!,
    y: layout.y[i]!,
    ...asItLies(box, layout.isTurned[i] === 1),
  }));
  expect(Math.max(...lying.map(({ y, height }) => y + height))).toBe(layout.height);
  expect(mayTurn || layout.isTurned.every((isTurned) => isTurned === 0)).toBe(true);
  lying.forEach((a, i) => {
    expect(a.x).toBeGreaterThanOrEqual(0);
    expect(a.y).toBeGreaterThanOrEqual(0);
    expect(a.x + a.width).toBeLessThanOrEqual(bedWidth);
    for (const b of lying.slice(i + 1))
      expect(a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y).toBe(true);
  });
}

test('whatever is laid out lies on the bed and above the ceiling, nothing over another, and nothing is left out', () => {
  fc.assert(
    fc.property(someBoxes, fc.boolean(), fc.integer({ min: 1, max: 40 }), fc.nat(), (boxes, mayTurn, room, seed) => {
      const bed = { width: 14, height: 1000, mayTurn };
      const ceiling = leastHeight(boxes, bed) + room;
      const layout = new BeamSearch(boxes, bed, seededRandom(seed)).layOutAbove(
        ceiling,
        { numStates: 20, levelShare: 0.2 },
        1e6,
      );
      if (!layout) {
        // With all the room of one below another there is always one.
        expect(ceiling).toBeLessThan(boxes.reduce((sum, { width, height }) => sum + Math.max(width, height), 0));
        return;
      }
      expectSound(boxes, bed, layout);
      expect(layout.height).toBeLessThanOrEqual(ceiling);
    }),
    { numRuns: 300, seed: 5 },
  );
});

/** A bed cut straight across again and again: it can be filled to the last corner. */
function cutUp(width: number, height: number, count: number, seed: number): PackBox[] {
  const random = seededRandom(seed);
  const boxes = [{ width, height }];
  while (boxes.length < count) {
    boxes.sort((a, b) => b.width * b.height - a.width * a.height);
    const { width: w, height: h } = boxes.shift()!;
    const at = 1 + Math.floor(random() * (Math.max(w, h) - 1));
    if (w > h) boxes.push({ width: at, height: h }, { width: w - at, height: h });
    else boxes.push({ width: w, height: at }, { width: w, height: h - at });
  }
  return boxes;
}

test('what a bed was cut into fills it again, and nothing fills less', () => {
  const bed = { width: 100, height: 1000, mayTurn: true };
  for (const seed of [1, 2, 3, 4, 5, 6]) {
    const boxes = cutUp(100, 130, 11, seed);
    const beam = new BeamSearch(boxes, bed, seededRandom(seed));
    const width = { numStates: 300, levelShare: 0.3 };
    const layout = beam.layOutAbove(130, width, 1e7)!;
    expectSound(boxes, bed, layout);
    expect(layout.height).toBe(130);
    expect(beam.layOutAbove(129, width, 1e7)).toBeNull();
  }
});

test('a search ends at what it may cost, and two in turn are told apart by chance only', () => {
  const boxes = cutUp(100, 130, 30, 9);
  const bed = { width: 100, height: 1000, mayTurn: true };
  const width = { numStates: 50, levelShare: 0.2 };
  const beam = new BeamSearch(boxes, bed, seededRandom(3));
  expect(beam.layOutAbove(160, width, 2000)).toBeNull();
  expect(beam.work).toBeGreaterThan(2000);
  expect(beam.work).toBeLessThan(2000 + 50 * (2 * 30 + 50) * 2);
  const again = () => new BeamSearch(boxes, bed, seededRandom(4)).layOutAbove(160, width, 1e7);
  expect(again()).toEqual(again());
  // More side by side costs more, and what is turned costs as it is offered twice.
  const workOf = (numStates: number, mayTurn: boolean) => {
    const one = new BeamSearch(boxes, { ...bed, mayTurn }, seededRandom(4));
    one.layOutAbove(400, { ...width, numStates }, 1e7);
    return one.work;
  };
  expect(workOf(40, true)).toBeGreaterThan(2 * workOf(10, true));
  expect(workOf(10, true)).toBeGreaterThan(workOf(10, false));
});

test('the best offers are those that sorting finds, in its order', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 60 }),
      fc.integer({ min: 1, max: 20 }),
      (costs, room) => {
        const best = new BestOffers(room);
        // Used before, for others.
        best.add(-1, 99, 99);
        best.clear();
        costs.forEach((cost, i) => best.add(cost + i / 100, i, 2 * i));
        const sorted = costs.map((cost, i) => ({ cost: cost + i / 100, i })).sort((a, b) => a.cost - b.cost);
        expect(best.inOrder()).toEqual(sorted.slice(0, room).map(({ i }) => ({ state: i, offer: 2 * i })));
      },
    ),
  );
  const alike = new BestOffers(4);
  for (const [state, offer] of [
    [2, 0],
    [1, 7],
    [1, 5],
    [0, 9],
  ] as const)
    alike.add(1, state, offer);
  expect(alike.inOrder()).toEqual([
    { state: 0, offer: 9 },
    { state: 1, offer: 5 },
    { state: 1, offer: 7 },
    { state: 2, offer: 0 },
  ]);
});

test('a skyline is what columns one wide would be', () => {
  const WIDTH = 12;
  const aStep = fc.record({
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    tall: fc.integer({ min: 1, max: 4 }),
    isAtRight: fc.boolean(),
    isLowered: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(aStep, { maxLength: 20 }), (steps) => {
      const skyline = new Skyline(20);
      // Used before, for another bed.
      skyline.clear(WIDTH + 5);
      for (const tall of [9, 3, 7]) skyline.place(skyline.highestNiche(), 3, tall, true);
      skyline.clear(WIDTH);
      const columns = Array<number>(WIDTH).fill(0);
      for (const { share, tall, isAtRight, isLowered } of steps) {
        const at = skyline.highestNiche();
        const top = Math.min(...columns);
        const from = columns.indexOf(top);
        const end = columns.findIndex((y, x) => x >= from && y !== top);
        const niche = (end < 0 ? WIDTH : end) - from;
        expect([skyline.x[at], skyline.y[at], skyline.widthAt(at)]).toEqual([from, top, niche]);
        expect(skyline.leftWall(at)).toBe(from > 0 ? columns[from - 1]! - top : Infinity);
        expect(skyline.rightWall(at)).toBe(from + niche < WIDTH ? columns[from + niche]! - top : Infinity);
        if (isLowered) {
          const by = Math.min(skyline.leftWall(at), skyline.rightWall(at), tall);
          skyline.lower(at, by);
          columns.fill(top + by, from, from + niche);
        } else {
          const width = 1 + Math.floor(share * (niche - 1));
          skyline.place(at, width, tall, isAtRight);
          const x = isAtRight ? from + niche - width : from;
          columns.fill(top + tall, x, x + width);
        }
        expect(skyline.lowest()).toBe(Math.max(...columns));
        expect(skyline.area()).toBe(columns.reduce((sum, y) => sum + y, 0));
        const copy = new Skyline(20);
        copy.copyFrom(skyline);
        expect([copy.highestNiche(), copy.area(), copy.lowest()]).toEqual([
          skyline.highestNiche(),
          skyline.area(),
          skyline.lowest(),
        ]);
      }
    }),
  );
});

test('boxes of one size are one, also turned where they may be; the larger first', () => {
  const boxes = [
    { width: 2, height: 5 },
    { width: 4, height: 4 },
    { width: 5, height: 2 },
    { width: 2, height: 5 },
  ];
  const free = sizesOf(boxes, true);
  expect(free.boxes).toEqual([[1], [0, 2, 3]]);
  expect([[...free.width], [...free.height], [...free.numWays], [...free.count]]).toEqual([
    [4, 5],
    [4, 2],
    [1, 2],
    [1, 3],
  ]);
  expect(free.leastSide(Uint16Array.of(1, 1))).toBe(2);
  expect(free.leastSide(Uint16Array.of(1, 0))).toBe(4);
  expect(free.leastSide(Uint16Array.of(0, 0))).toBe(Infinity);
  const asTheyLie = sizesOf(boxes, false);
  expect(asTheyLie.boxes).toEqual([[1], [2], [0, 3]]);
  expect([...asTheyLie.numWays]).toEqual([1, 1, 1]);
  expect(asTheyLie.leastSide(Uint16Array.of(1, 1, 0))).toBe(4);
});

test('nothing ends above the least height: by area, by the deepest, and by what cannot be turned', () => {
  const bed = { width: 10, height: 100, mayTurn: true };
  expect(leastHeight([{ width: 10, height: 3 }], bed)).toBe(3);
  expect(leastHeight(Array(7).fill({ width: 3, height: 3 }), bed)).toBe(7);
  expect(leastHeight([{ width: 2, height: 9 }], bed)).toBe(2);
  expect(leastHeight([{ width: 2, height: 9 }], { ...bed, mayTurn: false })).toBe(9);
  expect(leastHeight([{ width: 2, height: 11 }], bed)).toBe(11);
  expect(leastHeight([{ width: 11, height: 2 }], bed)).toBe(11);
  fc.assert(
    fc.property(someBoxes, fc.boolean(), fc.nat(), (boxes, mayTurn, seed) => {
      const one = { width: 14, height: 1000, mayTurn };
      const { layout } = searchLayout({ boxes, numFirst: 0, bed: one }, seededRandom(seed), 60);
      expect(layout.lastHeight).toBeGreaterThanOrEqual(leastHeight(boxes, one));
    }),
  );
});

test('a shorter bed is shorter, within its budget, and found again; a bed at its least is left', () => {
  const bed = { width: 100, height: 1000, mayTurn: true };
  const boxes = cutUp(100, 130, 25, 2);
  const find = (height: number, layouts = 800) => shorterBed({ boxes, bed, height, random: seededRandom(7) }, layouts);
  const { layout, layouts } = find(170);
  expectSound(boxes, bed, layout!);
  expect(layout!.height).toBeLessThan(150);
  expect(layouts).toBeLessThanOrEqual(800);
  expect(find(170)).toEqual({ layout, layouts });
  // Each further one is looked for above what was found.
  const longer = find(170, 4000);
  expect(longer.layout!.height).toBeLessThanOrEqual(layout!.height);
  expect(find(130)).toEqual({ layout: null, layouts: 0 });
  expect([isSearchWorthIt(400), isSearchWorthIt(500)]).toEqual([false, true]);
});

test('changes of an order come nearer and nearer: what is worse is gone on from less and less', () => {
  const bed = { width: 900, height: 9000, mayTurn: true };
  // Too few for several side by side, so that orders alone are tried.
  const lengths = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => {
    const { layout, layouts } = searchLayout(
      { boxes: cutUp(900, 1300, 45, seed), numFirst: 0, bed },
      seededRandom(seed),
      560,
    );
    expect(layouts).toBe(560);
    return layout.lastHeight;
  });
  const mean = lengths.reduce((sum, one) => sum + one, 0) / lengths.length;
  // Within 7 % of what the bed was cut from; walking about without cooling ends 7.6 % above it.
  expect(mean).toBeLessThan(1.07 * 1300);
});

test('of several beds the boxes stay where they are, and the last ends higher up than orders alone find', () => {
  const boxes = [...cutUp(100, 100, 9, 1), ...cutUp(100, 60, 16, 3)];
  const bed = { width: 100, height: 100, mayTurn: true };
  const { layout, layouts } = searchLayout({ boxes, numFirst: 2, bed }, seededRandom(4), 3000);
  expect(layout.numBeds).toBe(2);
  expect(layouts).toBeLessThanOrEqual(3000);
  expect([layout.bedNo[0], layout.bedNo[1]]).toEqual([0, 0]);
  for (const bedNo of [0, 1]) {
    const on = boxes.map((_, i) => i).filter((i) => layout.bedNo[i] === bedNo);
    const part = (values: Int32Array | Uint8Array) => on.map((i) => values[i]!);
    const sizes = on.map((i) => boxes[i]!);
    const ends = on.map((i) => layout.y[i]! + asItLies(boxes[i]!, layout.isTurned[i] === 1).height);
    const height = Math.max(...ends);
    if (bedNo === 1) expect(layout.lastHeight).toBe(height);
    expectSound(sizes, bed, {
      x: Int32Array.from(part(layout.x)),
      y: Int32Array.from(part(layout.y)),
      isTurned: Uint8Array.from(part(layout.isTurned)),
      height,
    });
  }
});
