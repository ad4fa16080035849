import { outlineRings } from '../geometry';
import { MM, island, rect } from './test/shapes';
import { strokeContrast } from '.';

/** A frame whose left bar is so wide, and whose others are 4 mm. */
const frame = (leftMm: number, scale = 1) => {
  const islands = [island(rect(0, 0, 36 + leftMm, 40), rect(leftMm, 4, 32, 32))];
  return [...outlineRings({ islands })].map((ring) => Int32Array.from(ring, (value) => value * scale));
};

test('how uneven strokes are is the thick over the thin, at any size', () => {
  for (const scale of [1, 3]) {
    expect(strokeContrast(frame(4, scale), 40 * MM * scale)).toBeCloseTo(1, 1);
    expect(strokeContrast(frame(8, scale), 40 * MM * scale)).toBeCloseTo(2, 1);
    expect(strokeContrast(frame(12, scale), 40 * MM * scale)).toBeCloseTo(3, 1);
  }
});

test('what has no strokes, or none that is looked at, has nothing to compare', () => {
  expect(strokeContrast([], 10 * MM)).toBeNull();
  expect(strokeContrast([island(rect(0, 0, 90, 90)).outer], 10 * MM)).toBeNull();
});
