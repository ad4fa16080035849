import { artCache } from '@/core/artwork';
import { seededRandom } from '@/core/random';
import { type PackBox, packBoxes } from '@/core/sheets';
import { aRun, piecesOfRun, shippedFaces, withPlace } from '@/core/test';
import { mmToUm10 } from '@/core/units';
import { randomNames } from '../e2e/cut-file-checker/random-names';
import { type Bench, cpuMs } from './bench';

const SEEDS = [1, 2, 3, 4];
const WIDTH_MM = 290;
const GAP_MM = 3;
/** Processor time that each packing gets. */
const BUDGET_MS = 1000;

const GAP = mmToUm10(GAP_MM);

/**
 * A bed cut at random by straight cuts into so many boxes: all of it can be used. Gaps are taken off the boxes. Cut at whole units: two
 * halves that are rounded each may be wider than what they were cut from, and then nothing fills it.
 */
function cutBoxes(count: number, seed: number): PackBox[] {
  const random = seededRandom(seed);
  const boxes = [{ width: mmToUm10(WIDTH_MM) + GAP, height: mmToUm10(400) + GAP }];
  while (boxes.length < count) {
    boxes.sort((a, b) => b.width * b.height - a.width * a.height);
    const at = Math.floor(random() ** 2 * Math.min(boxes.length, 8));
    const [box] = boxes.splice(at, 1);
    const { width, height } = box!;
    const share = 0.25 + random() * 0.5;
    if (width > height) {
      const left = Math.round(width * share);
      boxes.push({ width: left, height }, { width: width - left, height });
    } else {
      const upper = Math.round(height * share);
      boxes.push({ width, height: upper }, { width, height: height - upper });
    }
  }
  return boxes.map(({ width, height }) => ({ width: width - GAP, height: height - GAP }));
}

const cache = artCache(shippedFaces());

function nameBoxes(count: number, seed: number): PackBox[] {
  const pieces = piecesOfRun(withPlace(aRun(randomNames(count, seed * 7919)), 180, 52), cache);
  return pieces.map(({ box }) => ({
    width: mmToUm10((box.maxX - box.minX) / 10_000),
    height: mmToUm10((box.maxY - box.minY) / 10_000),
  }));
}

function lengthOverBound(boxes: readonly PackBox[], seed: number): { ratio: number; ms: number; layouts: number } {
  const options = {
    bedWidth: mmToUm10(WIDTH_MM),
    bedHeight: mmToUm10(50_000),
    spacing: mmToUm10(GAP_MM),
    edge: mmToUm10(0),
    mayTurn: true,
    seed,
  };
  const few = 1000;
  const rate = few / cpuMs(() => void packBoxes(boxes, 0, { ...options, layouts: few }));
  let packed = packBoxes(boxes, 0, { ...options, layouts: 1 });
  const layouts = Math.max(few, Math.round(rate * BUDGET_MS));
  const ms = cpuMs(() => {
    packed = packBoxes(boxes, 0, { ...options, layouts });
  });
  const low = Math.max(
    ...packed.beds[0]!.map(({ index, y, isTurned }) => y + boxes[index]![isTurned ? 'width' : 'height'] + GAP),
  );
  const bound =
    boxes.reduce((sum, { width, height }) => sum + (width + GAP) * (height + GAP), 0) / (mmToUm10(WIDTH_MM) + GAP);
  return { ratio: low / bound, ms, layouts: packed.layouts };
}

/** What stood in the handbook as a mark to reach. */
const MARKS = {
  cut20: 1.001,
  cut50: 1.033,
  cut100: 1.041,
  cut200: 1.035,
  names50: 1.038,
  names100: 1.045,
  names200: 1.036,
};

export const PACKING_BENCHES: readonly Bench[] = Object.entries(MARKS).map(([name, mark]) => {
  const count = Number(/\d+/.exec(name)![0]);
  const boxesOf = name.startsWith('cut') ? cutBoxes : nameBoxes;
  return {
    name: `packing ${name}`,
    target: `length over bound ${mark} after a second`,
    run: () => {
      const each = SEEDS.map((seed) => lengthOverBound(boxesOf(count, seed), seed));
      const mean = (of: (one: (typeof each)[number]) => number) =>
        each.reduce((sum, one) => sum + of(one), 0) / each.length;
      return {
        ms: mean(({ ms }) => ms),
        note: `${mean(({ ratio }) => ratio).toFixed(3)}, ${Math.round(mean(({ layouts }) => layouts)).toLocaleString('en')} layouts`,
      };
    },
  };
});
