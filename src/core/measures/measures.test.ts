import fc from 'fast-check';
import { lookAtOutline, narrowestGaps, smallestHole, thinnestStroke } from '.';
import { MM, STEP, circle, cutInto, island, measured, rect, ring } from './test/shapes';

test.each([0.3, 0.7, 1.2, 2.4])('a bar of %d mm is a stroke of that width', (width) => {
  const { stroke, gap, hole } = measured(island(rect(0, 0, 20, width)));
  expect(stroke).toBeCloseTo(width, 1);
  expect([gap, hole]).toEqual([null, null]);
});

test.each([0.25, 0.6, 1.5])('two plates %d mm apart have that gap', (gap) => {
  const plates = measured(island(rect(0, 0, 20, 8)), island(rect(0, 8 + gap, 20, 8)));
  expect(Math.abs(plates.gap! - gap)).toBeLessThan(0.03);
});

test('a ring has its thickness as stroke and its bore as hole', () => {
  const { stroke, hole } = measured(island(circle(0, 0, 4), circle(0, 0, 2.8)));
  expect(stroke).toBeCloseTo(1.2, 1);
  expect(Math.abs(hole! - 5.6)).toBeLessThan(0.1);
});

test.each([0.7, 1.2, 1.9, 2.6])('a square hole of %d mm is as wide as it is, however its edge is sampled', (side) => {
  for (const shift of [0, 0.05, 0.11]) {
    const { hole } = measured(island(rect(0, 0, 8, 8), rect(2 + shift, 3, side, side + shift)));
    expect(Math.abs(hole! / side - 1)).toBeLessThan(0.02);
  }
});

test('of several holes the smallest is told, in whatever order they stand, and none that is wider than twice the limit', () => {
  const holes = [rect(1, 1, 2, 2), rect(5, 1, 1, 1), rect(8, 1, 1.5, 3)];
  for (const inOrder of [holes, [...holes].reverse()]) {
    expect(measured(island(rect(0, 0, 12, 6), ...inOrder)).hole).toBeCloseTo(1, 1);
  }
  // Of 3 mm; what is nearly twice as wide is told, and what is wider is not.
  expect(measured(island(rect(0, 0, 20, 12), rect(2, 2, 5.8, 5.8))).hole).toBeCloseTo(5.8, 1);
  expect(measured(island(rect(0, 0, 20, 12), rect(2, 2, 6.2, 8))).hole).toBeNull();
});

test('corners, points and short nicks are no thin strokes', () => {
  expect(measured(island(rect(0, 0, 8, 8))).stroke).toBeNull();
  expect(
    measured(
      island(
        ring([
          [0, 0],
          [12, 0],
          [6, 10],
        ]),
      ),
    ).stroke,
  ).toBeNull();
});

test('a long point is one: it is lost over more than three times its width', () => {
  // 12° wide: the opening by w loses w / 2 / sin 6° = 4.8 w of it, from where that is more than 0.8 mm on.
  const { stroke } = measured(
    island(
      ring([
        [0, 0],
        [40, 4.2],
        [0, 8.4],
      ]),
    ),
  );
  expect(stroke).toBeGreaterThan(0.1);
  expect(stroke).toBeLessThan(0.3);
});

test('a short neck parts an island although its run is short; beside a way round it does not', () => {
  const neck = ring([
    [0, 0],
    [6, 0],
    [6, 2.75],
    [7.4, 2.75],
    [7.4, 0],
    [13.4, 0],
    [13.4, 6],
    [7.4, 6],
    [7.4, 3.25],
    [6, 3.25],
    [6, 6],
    [0, 6],
  ]);
  expect(measured(island(neck)).stroke).toBeCloseTo(0.5, 1);
});

test('a thin spot beside a way round parts nothing, however much wider than is looked across the way is', () => {
  const hole = (size: number) =>
    ring([
      [0.7, 20],
      [0.7 + size, 20 - size],
      [0.7 + 2 * size, 20],
      [0.7 + size, 20 + size],
    ]);
  for (const size of [4, 9.3, 13]) expect(measured(island(rect(0, 0, 40, 40), hole(size))).stroke).toBeNull();
  // With a slit through the way round both thin spots hold what is left. Discs on either side of a tip overlap up to here.
  const { stroke } = measured(island(cutThrough(40, 0.9), hole(9.3)));
  expect(Math.abs(stroke! - 1)).toBeLessThan(0.05);
});

/** A square of this size, slit from the middle of its right side nearly to its middle. */
const cutThrough = (size: number, slitMm: number) =>
  ring([
    [0, 0],
    [size, 0],
    [size, size / 2 - slitMm / 2],
    [size / 2, size / 2 - slitMm / 2],
    [size / 2, size / 2 + slitMm / 2],
    [size, size / 2 + slitMm / 2],
    [size, size],
    [0, size],
  ]);

test('plates of any size on a neck come apart; with one bank only they do not', () => {
  const tenths = (min: number, max: number) => fc.integer({ min, max }).map((value) => value / 10);
  fc.assert(
    fc.property(tenths(40, 150), tenths(40, 150), tenths(4, 10), tenths(14, 30), (left, right, wide, long) => {
      const height = 8;
      const [low, high] = [(height - wide) / 2, (height + wide) / 2];
      const [from, to] = [left, left + long];
      const end = to + right;
      const outline = (upper: number, lower: number) =>
        ring([
          [0, 0],
          ...(upper > 0
            ? ([
                [from, 0],
                [from, upper],
                [to, upper],
                [to, 0],
              ] as const)
            : []),
          [end, 0],
          [end, height],
          ...(lower < height
            ? ([
                [to, height],
                [to, lower],
                [from, lower],
                [from, height],
              ] as const)
            : []),
          [0, height],
        ]);
      const { stroke } = measured(island(outline(low, high)));
      expect(Math.abs((stroke ?? 0) - wide)).toBeLessThan(0.1);
      // One bank only: what stays is as wide as a plate.
      expect(measured(island(outline(2, height))).stroke).toBeNull();
    }),
    { numRuns: 12 },
  );
});

test('an island that would vanish is a thin stroke, however short', () => {
  expect(measured(island(circle(0, 0, 0.45)), island(rect(3, 0, 9, 9))).stroke).toBeCloseTo(0.9, 1);
});

test('nothing has no measures', () => {
  expect(measured()).toEqual({ stroke: null, gap: null, notch: null, hole: null });
});

test('a notch closes to a point; a passage between two plates and a slot with parallel sides do not', () => {
  const notch = measured(island(cutInto([15.8, 12], [15, 2], [14.2, 12])));
  expect(notch.gap).toBeNull();
  // 9° wide: it is long from where its edge is, 0.8 mm from its point.
  expect(Math.abs(notch.notch! - 0.125)).toBeLessThan(0.04);
  const slot = measured(island(cutInto([15.4, 12], [15.4, 4], [14.6, 4], [14.6, 12])));
  expect([slot.gap, slot.notch]).toEqual([expect.closeTo(0.8, 1), null]);
  const plates = measured(island(rect(0, 0, 20, 8)), island(rect(0, 8.5, 20, 8)));
  expect([plates.gap, plates.notch]).toEqual([expect.closeTo(0.5, 1), null]);
});

test('a short narrow passage is found although it is too short for the limit, and a notch beside it hides nothing', () => {
  // 0.4 mm over 2 mm of length: at 0.7 mm and more it would have to be longer to count.
  const opens = cutInto(
    ...([
      [20, 12],
      [16.4, 9],
      [16.4, 7],
      [20, 4],
      [12, 4],
      [16, 7],
      [16, 9],
      [12, 12],
    ] as const),
  );
  const passage = measured(island(opens));
  expect(Math.abs(passage.gap! - 0.4)).toBeLessThan(0.04);
  const both = measured(
    island(opens),
    island(cutInto([15.8, 12], [15, 2], [14.2, 12]).map((at, i) => (i % 2 ? at - 20 * MM : at))),
  );
  expect(Math.abs(both.gap! - 0.4)).toBeLessThan(0.04);
  expect(both.notch).toBeLessThan(0.2);
});

test('a neck to a part that is itself soon lost is a thin stroke', () => {
  // A plate, a neck of 0.5 × 2 mm and a knob of 0.9: at 1.0 the knob is gone as well and what is left is in one part.
  const knob = ring([
    [0, 0],
    [8, 0],
    [8, 3.7],
    [9.4, 3.7],
    [9.4, 3.5],
    [10.3, 3.5],
    [10.3, 4.4],
    [9.4, 4.4],
    [9.4, 4.2],
    [8, 4.2],
    [8, 8],
    [0, 8],
  ]);
  expect(Math.abs(measured(island(knob)).stroke! - 0.5)).toBeLessThan(0.06);
});

test.each([0.02, 0.05, 0.1])('edges %d mm apart, nearer than the samples stand, have that gap', (gapMm) => {
  for (const shift of [0, 0.04, 0.08, 0.11]) {
    const { gap } = measured(island(rect(0, 0, 20, 8)), island(rect(shift, 8 + gapMm, 20, 8)));
    expect(Math.abs(gap! - gapMm)).toBeLessThan(0.02);
  }
});

test('a sliver that is lost whole with the next hair of width does not come apart', () => {
  // Two rooms of 1.06 and 1.04 mm in a plate, on a way of 1.0: a disc of 1.02 fits both, one of 1.07 fits neither.
  const rooms = ring([
    [4, 4],
    [5.06, 4],
    [5.06, 4.03],
    [7.5, 4.03],
    [7.5, 4],
    [8.54, 4],
    [8.54, 5.04],
    [7.5, 5.04],
    [7.5, 5.03],
    [5.06, 5.03],
    [5.06, 5.06],
    [4, 5.06],
  ]);
  const { gap } = measured(island(rect(0, 0, 14, 10), rooms));
  expect(gap === null || gap > 1.02).toBe(true);
});

test('an inlet with a wide end is no passage at the width at which its end is nearly lost', () => {
  // A mouth of 1.6, a neck of 0.3 and a bulb of 1.0 mm, all in one: it is too long from 0.99 on, where its end is the last to be lost.
  const side = [
    [0.8, 12],
    [0.15, 8],
    [0.35, 7.8],
    [0.47, 7.4],
    [0.5, 7.1],
    [0.42, 6.7],
    [0.2, 6.45],
  ] as const;
  const inlet = cutInto(
    ...side.map(([x, y]) => [15 + x, y] as const),
    ...[...side].reverse().map(([x, y]) => [15 - x, y] as const),
  );
  const { gap, notch } = measured(island(inlet));
  expect(gap).toBeNull();
  expect(Math.abs(notch! - 1)).toBeLessThan(0.04);
});

test('a spot is where it is narrow', () => {
  const limit = { least: 1.5 * MM, leastRun: 0.8 * MM };
  const plates = { islands: [island(rect(0, 0, 20, 8)), island(rect(0, 8.5, 20, 8))] };
  const look = lookAtOutline(plates, STEP, 6 * MM, 6 * MM);
  const { passage } = narrowestGaps(look, limit);
  expect(passage!.y / MM).toBeGreaterThan(7.9);
  expect(passage!.y / MM).toBeLessThan(8.6);
  const waist = ring(
    [
      [0, 0],
      [20, 0],
      [12, 2.5],
      [12, 3.5],
      [20, 6],
      [0, 6],
      [8, 3.5],
      [8, 2.5],
    ].map(([x, y]) => [x!, y!] as const),
  );
  const tall = lookAtOutline({ islands: [island(waist)] }, STEP, 6 * MM, 6 * MM);
  expect(thinnestStroke(tall, { least: 5 * MM, leastRun: 0.8 * MM })).not.toBeNull();
});

test('nothing is asked where nothing is asked for', () => {
  const look = lookAtOutline(
    { islands: [island(rect(0, 0, 20, 0.3)), island(rect(0, 0.5, 20, 3))] },
    STEP,
    6 * MM,
    6 * MM,
  );
  const none = { least: 0, leastRun: 0.8 * MM };
  expect([thinnestStroke(look, none), narrowestGaps(look, none), smallestHole(look, none)]).toEqual([
    null,
    { passage: null, notch: null },
    null,
  ]);
});
