import { circle, cutInto, island, measured, rect, ring } from './test/shapes';
import { turnedBy } from './test/turned-by';

/** Two plates of 8 × 8 mm with a neck between them, its corners cut off by `slope`. */
const plates = (length: number, width: number, slope = 0) => {
  const [left, right, low, high] = [8, 8 + length, 4 - width / 2, 4 + width / 2];
  const away = [left - slope, right + slope] as const;
  return ring([
    [0, 0],
    [away[0], 0],
    [left, low],
    [right, low],
    [away[1], 0],
    [16 + length, 0],
    [16 + length, 8],
    [away[1], 8],
    [right, high],
    [left, high],
    [away[0], 8],
    [0, 8],
  ]);
};

test.each([
  ['two plates nearly touching', [island(rect(0, 0, 20, 8)), island(rect(0.07, 8.06, 20, 8))]],
  ['a ring', [island(circle(0, 0, 4), circle(0, 0, 2.8))]],
  ['a narrow slot', [island(cutInto([15.4, 12], [15.4, 4], [14.8, 4], [14.8, 12]))]],
  ['a bar', [island(rect(0, 0, 20, 0.9))]],
  ['two plates on a long thin neck', [island(plates(3, 0.8))]],
  ['two plates on a neck that is thin and short', [island(plates(1.2, 0.7))]],
  ['two plates on a short neck that is wide enough to hold', [island(plates(0.5, 1.3))]],
  ['plates that taper to each other', [island(plates(3, 0.8, 1.5))]],
  ['a bar between others', [island(rect(0, 0, 9, 9)), island(rect(20, 0, 16, 0.9)), island(rect(50, 0, 9, 9))]],
])('%s measures the same however it lies', (_, islands) => {
  const flat = measured(...islands);
  for (const degrees of [11, 30, 45, 77, 90, 133, 180, 240]) {
    const turned = measured(...turnedBy(degrees, degrees % 2 === 0 ? 0 : 700, islands));
    for (const part of ['stroke', 'gap', 'notch', 'hole'] as const) {
      if (flat[part] === null) expect([degrees, part, turned[part]]).toEqual([degrees, part, null]);
      else expect(Math.abs(turned[part]! - flat[part])).toBeLessThan(0.02 + 0.01 * flat[part]);
    }
  }
});
