import fc from 'fast-check';
import type { Outline, Ring } from '../geometry';
import { seededRandom } from '../random';
import { GrowingRuns, type GrowingRun } from './growing-runs';
import { type LostRun, holdsSample, lostRuns, narrowestOfRun, samplesOfRun } from './lost-runs';
import { runLength } from './run-reach';
import { sampleOutline } from './sample-outline';

const square = (x: number, side: number): Ring => Int32Array.from([x, 0, x + side, 0, x + side, side, x, side]);
const outline: Outline = {
  islands: [0, 20_000, 50_000].map((x, i) => ({ outer: square(x, 6000 + 3000 * i), holes: [] })),
};
const samples = sampleOutline(outline, 700);
const num = samples.x.length;

/** Some widths, alike and unlike; nothing lies across some samples. */
function someWidths(seed: number): Float64Array {
  const random = seededRandom(seed);
  return Float64Array.from({ length: num }, () => (random() < 0.1 ? Infinity : Math.ceil(random() * 20)));
}

const plain = ({ ringNo, first, count, isWholeRing }: LostRun) => ({
  ringNo,
  count,
  isWholeRing,
  first: isWholeRing ? -1 : first,
});
const inOrder = (runs: readonly LostRun[]) => runs.map(plain).sort((a, b) => a.ringNo - b.ringNo || a.first - b.first);

test('runs are what is narrower, as far as neighbours are, each in its own ring', () => {
  fc.assert(
    fc.property(fc.nat(), fc.integer({ min: 0, max: 22 }), (seed, width) => {
      const widths = someWidths(seed);
      const runs = lostRuns(samples, widths, width);
      const lost = new Set<number>();
      for (const run of runs) {
        const own = [...samplesOfRun(samples, run)];
        expect(own).toHaveLength(run.count);
        const [start, end] = [samples.ringStarts[run.ringNo]!, samples.ringStarts[run.ringNo + 1]!];
        for (const i of own) {
          expect(i >= start && i < end && widths[i]! < width && !lost.has(i)).toBe(true);
          lost.add(i);
        }
        expect(run.isWholeRing).toBe(run.count === end - start);
        if (!run.isWholeRing) {
          const wrapped = (i: number) => start + ((i - start + end - start) % (end - start));
          for (const beside of [wrapped(own[0]! - 1), wrapped(own.at(-1)! + 1)])
            expect(widths[beside]).toBeGreaterThanOrEqual(width);
        }
        for (let i = 0; i < num; i++) expect(holdsSample(samples, run, i)).toBe(own.includes(i));
        expect(widths[narrowestOfRun(samples, widths, run)]).toBe(Math.min(...own.map((i) => widths[i]!)));
      }
      expect(lost.size).toBe(widths.filter((one) => one < width).length);
    }),
    { numRuns: 25 },
  );
});

test('runs that grow sample by sample are those of every width, and as long', () => {
  fc.assert(
    fc.property(fc.nat(), (seed) => {
      const widths = someWidths(seed);
      const growing = new GrowingRuns(samples, widths);
      const order = [...widths.keys()].filter((i) => widths[i]! < Infinity).sort((a, b) => widths[a]! - widths[b]!);
      const rings = samples.rings.map((_, ringNo) => ringNo);
      order.forEach((i, k) => {
        const run = growing.add(i);
        expect(growing.has(run) && holdsSample(samples, run, i)).toBe(true);
        expect(run.since).toBe(widths[i]);
        // All of one width have to be in for the runs to be those of a width.
        if (widths[order[k + 1]!] === widths[i]) return;
        const now = growing.of(rings);
        expect(inOrder(now)).toEqual(inOrder(lostRuns(samples, widths, widths[i]! + 1e-9)));
        expect(growing.of([1]).every(({ ringNo }) => ringNo === 1)).toBe(true);
        for (const one of now) {
          const length = runLength(samples, widths, one, one.since);
          // A single sample begins and ends where it is.
          if (length === 0) continue;
          expect([growing.isLonger(one, length * 0.999), growing.isLonger(one, length * 1.001)]).toEqual([true, false]);
        }
      });
    }),
    { numRuns: 20 },
  );
});

test('a run that became a part of another is none any more; the other tells since when it was less', () => {
  const widths = new Float64Array(num).fill(Infinity);
  [3, 9, 5].forEach((width, k) => (widths[4 + k] = width));
  const growing = new GrowingRuns(samples, widths);
  const left = growing.add(4);
  const right = growing.add(6);
  expect([left, right].map((run: GrowingRun) => [run.first, run.count, run.before])).toEqual([
    [4, 1, 0],
    [6, 1, 0],
  ]);
  const both = growing.add(5);
  expect([both.first, both.count, both.since, both.before]).toEqual([4, 3, 9, 5]);
  expect([growing.has(left), growing.has(right), growing.of([0])]).toEqual([true, false, [both]]);
});

test('a run reaches from where it begins to be narrower to where it ends, and round its tip', () => {
  const widths = new Float64Array(num).fill(30);
  const [start] = samples.ringStarts;
  const at = start! + 2;
  widths[at] = 10;
  const [run] = lostRuns(samples, widths, 20);
  // Half way to either neighbour, on a straight edge.
  expect(runLength(samples, widths, run!, 20)).toBeCloseTo(samples.rings[0]!.step, 0);
  expect(runLength(samples, widths, run!, 10.0001)).toBeCloseTo(0, 0);
  expect(runLength(samples, widths, run!, 25)).toBeCloseTo(1.5 * samples.rings[0]!.step, 0);
});
