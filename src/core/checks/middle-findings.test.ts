import { artCache } from '../artwork';
import { changePlace } from '../edit';
import { fitAll } from '../fit';
import { MOST_FOR_SIDE } from '../largest';
import { presentOrThrow } from '../outcome';
import { resolveSlots } from '../resolve';
import { aRect, aRun, aZone, shippedFaces } from '../test';
import { middleFindings } from './middle-findings';

/** A badge in the middle of its place moves a text off it. */
const spec = changePlace(aRun(['Wilhelmina']), null, (place) => ({
  ...place,
  outline: aRect(180, 80),
  clear: [aZone('badge', aRect(60, 40), 60, 20)],
}));
const fit = presentOrThrow(fitAll(resolveSlots(spec), artCache(shippedFaces())).fits[0], 'a fit');
const held = presentOrThrow(fit.draft.held, 'where it is held');
/** The same, as if the middle held letters of so much of the largest size. */
const withMiddle = (share: number) => ({
  ...fit,
  draft: { ...fit.draft, held: { ...held, heldEmMm: share * held.most.emMm } },
});

test('how much smaller it would be in the middle is told by its sizes; nobody looks further down than a fifth', () => {
  expect(middleFindings(withMiddle(0.85), [])).toMatchObject([{ kind: 'offMiddle', isMore: false, severity: 'check' }]);
  const [some] = middleFindings(withMiddle(0.85), []);
  expect(some?.kind === 'offMiddle' && some.smallerPct).toBeCloseTo(15, 9);
  const [none] = middleFindings(withMiddle(0), []);
  expect(none).toMatchObject({ isMore: true });
  expect(none?.kind === 'offMiddle' && none.smallerPct).toBeCloseTo(20, 9);
});

test('only a text at its largest size is told: a smaller one lies elsewhere; stops and no size tell nothing', () => {
  expect(middleFindings({ ...fit, emMm: fit.emMm * 0.99 }, [])).toEqual([]);
  expect(middleFindings({ ...fit, emMm: fit.emMm * (1 - 1e-12) }, [])).toHaveLength(1);
  expect(middleFindings({ ...fit, emMm: 0 }, [])).toEqual([]);
  expect(middleFindings(fit, [{ kind: 'placeUnusable', severity: 'stop' }])).toEqual([]);
  expect(middleFindings(fit, [{ kind: 'partMissing', severity: 'check', part: 'pet' }])).toHaveLength(1);
});

test('where somebody chose so it is a note, and nothing is offered that was taken', () => {
  const chosen = { ...fit, slot: { ...fit.slot, liesLargest: true } };
  expect(middleFindings(chosen, [])).toMatchObject([{ kind: 'offMiddle', severity: 'note' }]);
});

test('a text in the middle is told what it would gain off it, where that is more than is given up, and nobody holds it there', () => {
  const inMiddle = (share: number, isHeld: boolean) => ({
    ...fit,
    sized: { ...fit.sized, isHeld },
    draft: { ...fit.draft, held: { ...held, isHeld: [true, true] as const, emMm: share * held.most.emMm } },
  });
  const [larger] = middleFindings(inMiddle(1 / 1.4, false), []);
  expect(larger).toMatchObject({ kind: 'largerOffMiddle', severity: 'note' });
  expect(larger?.kind === 'largerOffMiddle' && larger.largerPct).toBeCloseTo(40, 9);
  expect(larger?.kind === 'largerOffMiddle' && larger.offMm).toBeGreaterThan(5);
  expect(middleFindings(inMiddle(1 / 1.4, true), [])).toEqual([]);
  expect(middleFindings(inMiddle(1 / (1 + MOST_FOR_SIDE * 0.99), false), [])).toEqual([]);
  expect(middleFindings(inMiddle(1 / (1 + MOST_FOR_SIDE * 1.01), false), [])).toHaveLength(1);
});
