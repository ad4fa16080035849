import type { Island, Outline } from '../geometry';
import { PointGrid } from './point-grid';
import { fillFor, localWidths } from './local-width';
import { sampleOutline } from './sample-outline';
import { MM, STEP, circle, island, rect, ring } from './test/shapes';
import { turnedBy } from './test/turned-by';

const look = (islands: readonly Island[], side: 'inside' | 'outside' = 'inside', cutOffMm = 6, step = STEP) => {
  const outline: Outline = { islands };
  const samples = sampleOutline(outline, step);
  return {
    samples,
    widths: localWidths(samples, fillFor(new PointGrid(), samples, cutOffMm * MM), side, cutOffMm * MM).width,
  };
};

test('a bar is as wide as it is at every sample away from its ends, also nearly as wide as is looked, however it lies', () => {
  for (const widthMm of [0.6, 3.2, 5.6]) {
    for (const degrees of [0, 23, 90, 141, 180, 250, 318]) {
      const { samples, widths } = look(turnedBy(degrees, 40, [island(rect(0, 0, 40, widthMm))]));
      const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
      for (let i = 0; i < widths.length; i++) {
        const along = (samples.x[i]! - 40 * MM) * cos + (samples.y[i]! - 40 * MM) * sin;
        if (along < 6 * MM || along > 34 * MM) continue;
        expect(Math.abs(widths[i]! / MM - widthMm)).toBeLessThan(0.02);
      }
    }
  }
});

test('what lies far apart is measured as each is alone, ring by ring', () => {
  const ringAt = (x: number) => island(circle(x, 30, 4), circle(x, 30, 2.8));
  const all = [island(rect(0, 0, 14, 2)), ringAt(60), island(rect(100, 0, 9, 3)), ringAt(140)];
  for (const side of ['inside', 'outside'] as const) {
    const together = look(all, side);
    const alone = all.flatMap((one) => [...look([one], side).widths]);
    expect(together.widths).toHaveLength(alone.length);
    // Each ring's first and last samples are neighbours.
    alone.forEach((width, i) => {
      if (width === Infinity) expect(together.widths[i]).toBe(Infinity);
      else expect(Math.abs(together.widths[i]! - width)).toBeLessThan(1e-6 * MM);
    });
    const { ringStarts, ringNos } = together.samples;
    ringStarts.slice(0, -1).forEach((start, ringNo) => {
      expect([ringNos[start], ringNos[ringStarts[ringNo + 1]! - 1]]).toEqual([ringNo, ringNo]);
    });
  }
});

test('every sample has its place and its corner, wherever a ring begins, also with edges shorter than a step', () => {
  const corners = [
    [0, 0],
    [0.02, 0],
    [0.04, 0],
    [20, 0],
    [20, 8.97],
    [20, 9],
    [0, 9],
  ] as const;
  corners.forEach((_, from) => {
    const shifted = [...corners.slice(from), ...corners.slice(0, from)];
    const samples = sampleOutline({ islands: [island(ring(shifted))] }, STEP);
    const num = samples.x.length;
    expect(samples.corners).toHaveLength(2 * num);
    for (let i = 0; i < num; i++) {
      const next = (i + 1) % num;
      const [cx, cy] = [samples.corners[2 * i]!, samples.corners[2 * i + 1]!];
      if (Number.isNaN(cx)) continue;
      // A corner stands between its sample and the next one.
      const far = Math.max(
        Math.hypot(cx - samples.x[i]!, cy - samples.y[i]!),
        Math.hypot(cx - samples.x[next]!, cy - samples.y[next]!),
      );
      expect(far).toBeLessThanOrEqual(STEP + 1e-6);
    }
    const found = new Set<string>();
    for (let i = 0; i < num; i++)
      if (!Number.isNaN(samples.corners[2 * i]!)) found.add(`${samples.corners[2 * i]} ${samples.corners[2 * i + 1]}`);
    for (const [x, y] of [corners[3], ...corners.slice(5)]) expect(found).toContain(`${x * MM} ${y * MM}`);
  });
});

test('what lies across between two samples is as far as it is, however the two sides stand to each other', () => {
  // The nearest sample alone would be up to 7 µm too far. A hundred times as large, so that corners lie on whole numbers nearly enough.
  for (const degrees of [0, 31, 90, 127, 233]) {
    for (const lengthMm of [20, 20.05, 20.1]) {
      const bar = turnedBy(degrees, 5000, [island(rect(0, 0, 100 * lengthMm, 80))]);
      const { samples, widths } = look(bar, 'inside', 600, 100 * STEP);
      const middle = samples.x.reduce((sum, x) => sum + x, 0) / samples.x.length;
      const height = samples.y.reduce((sum, y) => sum + y, 0) / samples.y.length;
      const far = [...widths].filter((_, i) => Math.hypot(samples.x[i]! - middle, samples.y[i]! - height) < 800 * MM);
      expect(far.length).toBeGreaterThan(200);
      for (const width of far) expect(Math.abs(width / (100 * MM) - 0.8)).toBeLessThan(0.0005);
    }
  }
});
