import fc from 'fast-check';
import { artCache } from '../artwork';
import { changeMotifHeight, changeMotifPart, changePlace, changePlaceUse, changeRule, takeMotif } from '../edit';
import { changeMotifSpot } from '../edit';
import { boxHeight, boxOfRings, outlineRings } from '../geometry';
import { STARTER_MOTIFS } from '../motifs';
import { resolveSlots } from '../resolve';
import type { MotifSpot, RunSpec } from '../spec';
import { aRect, aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { layerOutline } from '.';
import { widthAt } from './outline-facts';
import { hasOwnMotif, largestInProportion, withMotifAt } from './own-motif';

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
  // Beside one that nearly fills all there is, too.
  const tight = largestInProportion(20, 0.1, (size) => ({ largestMm: 100 / (5 + 98 / size) }))!;
  expect(tight.sizeMm).toBeGreaterThan(0.4 * 0.999);
  expect(5 * tight.sizeMm + 98).toBeLessThanOrEqual(100);
  expect(largestInProportion(20, 0.1, (size) => ({ largestMm: 100 / (5 + 99.6 / size) }))).toBeNull();
  expect(largestInProportion(20, 0.1, (size) => ({ largestMm: 100 / (5 + 120 / size) }))).toBeNull();
  expect(largestInProportion(0.05, 0.1, largestAt)).toBeNull();
});

test('the very same slot stands for a text at the same height of capitals', () => {
  const [slot] = resolveSlots(beside(['Bo'], 'before', 20));
  const at = withMotifAt(slot!, 10);
  expect(at.motif).toMatchObject({ heightMm: 20, share: 2 });
  expect(withMotifAt(slot!, 10)).toBe(at);
  expect(withMotifAt(slot!, 20).motif!.share).toBe(1);
  expect([hasOwnMotif(slot!), hasOwnMotif({ ...slot!, motif: null })]).toEqual([true, false]);
});

test('no text is so small that nobody reads it, only to stand beside its motif', () => {
  // All but a hair of the place is the motif's: what is left takes capitals of under half a millimetre.
  const heights = [66, 69.2, 69.6, 69.8].map(
    (mm) => fitRun(beside(['Wilhelmina'], 'above', mm), cache).fits[0]!.capHeightMm,
  );
  expect(heights.every((mm) => mm === 0 || mm >= 0.5)).toBe(true);
  expect(heights[0]).toBeGreaterThan(0.5);
  expect(heights.at(-1)).toBe(0);
});

test('a layer is as wide as its ink at that size', () => {
  const inkBox = { minX: -200_000, minY: 0, maxX: 1_300_000, maxY: 1 };
  expect(widthAt({ inkBox }, 20)).toBeCloseTo(30, 9);
  expect(widthAt({ inkBox: null }, 20)).toBe(0);
});
