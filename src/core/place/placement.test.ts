import fc from 'fast-check';
import { ANCHORS, type Centring, type MeasuredPlace, type Variant, centringSchema } from '../shop';
import { aPlace, aRect, aVariant, aimedBox } from '../test';
import { centringReport, inkOnBlank, placeGeometry } from '.';

/** Where a ruler is laid for ink of this size that lies where it is wanted. */
const onBlank = (variant: Variant, place: MeasuredPlace, widthMm: number, heightMm: number) =>
  inkOnBlank(variant, place, aimedBox(variant, place, widthMm, heightMm));

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const level = fc.record({
  leftGapMm: mm(20, 160),
  leftHandleMm: mm(10, 60),
  rightHandleMm: mm(10, 60),
  rightGapMm: mm(20, 160),
});

/** A bag with handles, a place on it and ink that fits: 200 of them. */
const bags = fc.record({
  bodyMm: mm(260, 700),
  levels: fc.array(level, { minLength: 1, maxLength: 2 }),
  take: fc.constantFrom('body' as const, 'handles' as const),
  widthShare: mm(0.2, 0.5),
  inkShare: mm(0.1, 1),
  dropMm: mm(0, 200),
});

test('on 200 random bags the ink is centred on the middle that was taken, and its distances add up to the bag', () => {
  fc.assert(
    fc.property(bags, ({ bodyMm, levels, take, widthShare, inkShare, dropMm }) => {
      const centring: Centring = { levels, take, toleranceMm: 3 };
      const widthMm = bodyMm * widthShare;
      const place = aPlace({
        outline: aRect(widthMm, 60),
        datum: { kind: 'handle', lineMm: 25, dropMm, leftMm: 0 },
        centring,
      });
      const inkMm = widthMm * inkShare;
      const ink = onBlank(aVariant(bodyMm, 500), place, inkMm, 40);
      expect(ink.leftMm + inkMm + ink.rightMm).toBeCloseTo(bodyMm, 9);
      // Handles by where they really are: their middles from the left edge, at each height.
      const middles = levels.map(
        ({ leftGapMm, leftHandleMm, rightHandleMm, rightGapMm }) =>
          (leftGapMm + leftHandleMm / 2 + (bodyMm - rightGapMm - rightHandleMm / 2)) / 2,
      );
      const mean = middles.reduce((sum, x) => sum + x, 0) / middles.length;
      expect(ink.leftMm + inkMm / 2).toBeCloseTo(take === 'body' ? bodyMm / 2 : mean, 9);
      expect(ink.dropMm).toBeCloseTo(dropMm + 10, 9);
    }),
    { numRuns: 200 },
  );
});

test('on 200 random blanks a place held anywhere keeps its ink off the edges by what the ruler reads', () => {
  const blanks = fc.record({
    bodyMm: fc.tuple(mm(200, 800), mm(200, 800)),
    anchor: fc.constantFrom(...ANCHORS),
    readingDeg: fc.constantFrom(0, 90, 180, 270),
    hem: fc.boolean(),
    share: fc.tuple(mm(0.05, 1), mm(0.05, 1)),
  });
  fc.assert(
    fc.property(blanks, ({ bodyMm: [width, height], anchor, readingDeg, hem, share }) => {
      const outline = aRect(width * 0.4, height * 0.2);
      const datum = {
        kind: hem ? ('hem' as const) : ('edge' as const),
        lineMm: hem ? height : 0,
        dropMm: 30,
        leftMm: 20,
      };
      const place = aPlace({ outline, datum, anchor, readingDeg: readingDeg as 0 });
      const aside = readingDeg % 180 === 90;
      const ink = [width * 0.4 * share[0], height * 0.2 * share[1]] as const;
      const read = aside ? [ink[1], ink[0]] : ink;
      const found = onBlank(aVariant(width, height), place, read[0]!, read[1]!);
      expect(found.leftMm).toBeGreaterThanOrEqual(20 - 1e-9);
      expect(found.leftMm + ink[0] + found.rightMm).toBeCloseTo(width, 9);
      expect(found.dropMm).toBeGreaterThanOrEqual(30 - 1e-9);
      expect(found.dropMm + ink[1]).toBeLessThanOrEqual(30 + height * 0.2 + 1e-9);
    }),
    { numRuns: 200 },
  );
});

const LEVEL = { leftGapMm: 90, leftHandleMm: 25, rightHandleMm: 25, rightGapMm: 90 };

test('the difference of both middles, which to take and why', () => {
  const report = (levels: Centring['levels'], take: Centring['take'] = 'handles') =>
    centringReport({ levels, take, toleranceMm: 3 });
  expect(report([LEVEL])).toMatchObject({ differenceMm: 0, recommended: 'body', why: 'withinTolerance' });
  // Sewn 12 mm further in on the left: the middle moves by half of it.
  const off = { ...LEVEL, leftGapMm: 102 };
  expect(report([off])).toMatchObject({ differenceMm: 6, recommended: 'handles', why: 'eyeReadsHandles', shiftMm: 6 });
  expect(report([off], 'body').shiftMm).toBe(0);
  expect(report([off, LEVEL])).toMatchObject({ differencesMm: [6, 0], recommended: 'body', why: 'handlesLean' });
  // A wider handle counts by its middle.
  expect(report([{ ...LEVEL, rightHandleMm: 45 }]).differenceMm).toBe(-5);
});

test('held to the middle without handles, a place stays there whatever width the blank gets', () => {
  const held = aPlace({ centring: { levels: [], take: 'body', toleranceMm: 3 } });
  for (const widthMm of [120, 400, 433]) {
    const { leftMm, box } = placeGeometry(aVariant(widthMm), held);
    expect(leftMm).toBeCloseTo((widthMm - box.widthMm) / 2, 9);
  }
  expect(centringReport(held.centring!)).toMatchObject({ differencesMm: [], shiftMm: 0, recommended: 'body' });
  expect(centringSchema.safeParse(held.centring).success).toBe(true);
  // No handle was measured: there is no middle between them to take.
  expect(centringSchema.safeParse({ ...held.centring, take: 'handles' }).success).toBe(false);
});
