import fc from 'fast-check';
import { artCache } from '../artwork';
import { changeMotifHeight, changeMotifPart, changePlace, changePlaceUse, changeRule, takeMotif } from '../edit';
import { changeMotifSpot } from '../edit';
import { boxHeight, boxOfRings, outlineRings } from '../geometry';
import { STARTER_MOTIFS } from '../motifs';
import type { MotifSpot, RunSpec } from '../spec';
import { aRect, aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { layerOutline } from '.';
import { largestInProportion } from './own-motif';

const cache = artCache(shippedFaces());
const random = seededBytes(3);
const lyre = STARTER_MOTIFS.find(({ value }) => value.name === 'lyre')!;

function beside(texts: readonly string[], spot: MotifSpot, heightMm: number): RunSpec {
  const plain = changePlaceUse(aRun(texts), null, (place) => ({ ...place, letteringId: 'stand-block' }));
  const placed = changePlace(plain, null, (place) => ({ ...place, outline: aRect(150, 70), clear: [] }));
  const taken = changeMotifPart(takeMotif(placed, null, lyre, random), null, { part: 0, slot: 'main' }, random);
  return changeMotifHeight(changeMotifSpot(taken, null, spot), null, heightMm);
}

const SPOTS = ['before', 'after', 'both', 'above', 'below', 'topLeft', 'bottomRight', 'behind'] as const;

const heightOf = (outline: ReturnType<typeof layerOutline>) => boxHeight(boxOfRings(outlineRings(outline))!) / 10_000;

test('a motif keeps its height beside each text, and both stay in the place', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,7}$/),
      fc.constantFrom(...SPOTS),
      fc.double({ min: 5, max: 45, noNaN: true }),
      (text, spot, heightMm) => {
        const [fit] = fitRun(beside([text], spot, heightMm), cache).fits;
        fc.pre(fit!.emMm > 0);
        expect(heightOf(layerOutline(fit!, 0))).toBeCloseTo(heightMm, 2);
        const { xMm, yMm } = fit!.spot!;
        expect(Math.min(xMm, yMm)).toBeGreaterThan(-0.001);
        expect(xMm + fit!.inkWidthMm).toBeLessThan(150.001);
        expect(yMm + fit!.inkHeightMm).toBeLessThan(70.001);
        // As large as it can be: what holds it touches the place, but for what the last step stayed below.
        const [across, down] = [fit!.inkWidthMm / 150, fit!.inkHeightMm / 70];
        expect(Math.max(across, down)).toBeGreaterThan(0.995);
      },
    ),
    { numRuns: 60 },
  );
});

test('texts of one height have a motif of one height, whatever each could be by itself', () => {
  const run = changeRule(beside(['Bo', 'Wilhelmina'], 'before', 20), null, { kind: 'level', heightMm: null });
  const { fits } = fitRun(run, cache);
  const [short, long] = fits;
  expect(short!.capHeightMm).toBeCloseTo(long!.capHeightMm, 6);
  expect(short!.mostCapMm).toBeGreaterThan(long!.mostCapMm);
  expect(fits.map((fit) => heightOf(layerOutline(fit, 0)))).toEqual([20, 20].map((mm) => expect.closeTo(mm, 2)));
  expect(fits.map(({ sized }) => sized.isBetween ?? false)).toEqual([false, false]);
});

test('one that is taller than its place leaves no room for any text', () => {
  const [fit] = fitRun(beside(['Bo'], 'before', 90), cache).fits;
  expect([fit!.emMm, fit!.spot]).toEqual([0, null]);
});

test('steps come down on the largest size that fits in proportion, and end where nothing does', () => {
  // A width of 100 takes a text of as many times its size, beside 40 that keep theirs.
  const largestAt = (size: number) => ({ largestMm: 100 / (5 + 40 / size) });
  const most = largestInProportion(20, 0.1, largestAt)!;
  expect(most.sizeMm).toBeGreaterThan(12 * 0.995);
  expect(5 * most.sizeMm + 40).toBeLessThanOrEqual(100);
  expect(largestInProportion(20, 0.1, (size) => ({ largestMm: 100 / (5 + 120 / size) }))).toBeNull();
  expect(largestInProportion(0.05, 0.1, largestAt)).toBeNull();
});
