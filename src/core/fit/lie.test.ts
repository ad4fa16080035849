import fc from 'fast-check';
import { artCache } from '../artwork';
import { changePlace, changePlaceUse, changeSizeGroup } from '../edit';
import { outlineRings } from '../geometry';
import type { SizeRule, SizeGroup } from '../spec';
import { wordingOf } from '../spec';
import { ANCHORS } from '../shop';
import { type FlatFit, aRun, fitRun, shippedFaces, withPlace, withRule } from '../test';
import { UM10_PER_MM } from '../units';
import { placedOutline } from '.';

const cache = artCache(shippedFaces());
/** With accents above and tails below, or neither. */
const texts = fc.uniqueArray(fc.stringMatching(/^[A-ZÅÉ][aegjopqyé]{0,7}$/), { minLength: 2, maxLength: 5 });
const rules = fc.constantFrom<SizeRule>(
  { kind: 'fill' },
  { kind: 'level', heightMm: null },
  { kind: 'banded', ratio: 1.5 },
);
const lying = (
  names: readonly string[],
  lie: SizeGroup['lie'],
  { rule, anchor, heightMm }: { rule: SizeRule; anchor: (typeof ANCHORS)[number]; heightMm: number },
) => {
  const placed = changePlace(withPlace(withRule(aRun(names), rule), 150, heightMm, 'stand-block'), null, (place) => ({
    ...place,
    anchor,
  }));
  return fitRun(changeSizeGroup(placed, null, { lie }), cache).fits.filter(({ inkWidthMm }) => inkWidthMm > 0);
};
const clamped = (value: number, low: number, high: number) => Math.min(Math.max(value, low), high);
const aboveOf = ({ artwork, emMm }: FlatFit) => (-artwork.inkBox!.minY / 1e6) * emMm;
const baselineOf = (fit: FlatFit) => fit.yMm + aboveOf(fit);

test('on one baseline: the same for all that it suits, as near to the capitals’ middle as all allow; the others keep inside', () => {
  fc.assert(
    fc.property(
      texts,
      rules,
      fc.constantFrom(...ANCHORS),
      fc.integer({ min: 12, max: 60 }),
      (names, rule, anchor, heightMm) => {
        const fits = lying(names, 'baseline', { rule, anchor, heightMm });
        const highest = Math.max(...fits.map(aboveOf));
        const lowest = Math.min(...fits.map((fit) => heightMm - (fit.inkHeightMm - aboveOf(fit))));
        const tallest = Math.max(...fits.map(({ capHeightMm }) => capHeightMm));
        const share = anchor.startsWith('top') ? 0 : anchor.startsWith('bottom') ? 1 : 0.5;
        const wanted = share * heightMm + (1 - share) * tallest;
        const line = highest <= lowest ? clamped(wanted, highest, lowest) : (highest + lowest) / 2;
        for (const fit of fits) {
          const [above, below] = [aboveOf(fit), fit.inkHeightMm - aboveOf(fit)];
          expect(baselineOf(fit)).toBeCloseTo(clamped(line, above, heightMm - below), 6);
          expect(fit.yMm).toBeGreaterThanOrEqual(-1e-9);
          expect(fit.yMm + fit.inkHeightMm).toBeLessThanOrEqual(heightMm + 1e-9);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('texts of two lines share no baseline: they lie by their ink', () => {
  const spec = changePlaceUse(withPlace(aRun(['Ann Gay', 'Bo Lee']), 150, 60, 'stand-block'), null, (place) => ({
    ...place,
    wording: wordingOf(['{given}', '{family}']),
  }));
  const ofKind = (lie: SizeGroup['lie']) =>
    fitRun(changeSizeGroup(withRule(spec, { kind: 'level', heightMm: 10 }), null, { lie }), cache).fits;
  expect(ofKind('baseline').map(({ spot }) => spot)).toEqual(ofKind('ink').map(({ spot }) => spot));
});

test('by its optical middle: the centre of its area across, the middle of its letters down; what is held at a side lies there', () => {
  fc.assert(
    fc.property(fc.stringMatching(/^[ABDLPRÉ][egopqy]{0,4}$/), fc.constantFrom(...ANCHORS), (text, anchor) => {
      const at = { rule: { kind: 'level', heightMm: 8 } as const, anchor, heightMm: 60 };
      const [optical] = lying([text], 'optical', at);
      const [byInk] = lying([text], 'ink', at);
      if (/left|right/i.test(anchor)) expect(optical!.xMm).toBe(byInk!.xMm);
      else expect(middleOfArea(optical!)).toBeCloseTo(75, 2);
      if (/top|bottom/i.test(anchor)) expect(optical!.yMm).toBe(byInk!.yMm);
      // Its capitals stand in the middle whatever hangs below them or stands above.
      else expect(baselineOf(optical!) - optical!.capHeightMm / 2).toBeCloseTo(30, 6);
    }),
    { numRuns: 40 },
  );
});

/** By strips: how much ink lies left of each spot, counted along rows. Shares nothing with sums over edges. */
function middleOfArea(fit: FlatFit): number {
  const rings = [...outlineRings(placedOutline(fit))];
  const ROW = 0.02 * UM10_PER_MM;
  let [area, moment] = [0, 0];
  for (let y = (fit.yMm * UM10_PER_MM + ROW / 2) | 0; y < (fit.yMm + fit.inkHeightMm) * UM10_PER_MM; y += ROW) {
    const cuts = rings
      .flatMap((ring) =>
        Array.from({ length: ring.length / 2 }, (_, i) => {
          const j = (i + ring.length / 2 - 1) % (ring.length / 2);
          const [x0, y0, x1, y1] = [ring[2 * j]!, ring[2 * j + 1]! + 0.5, ring[2 * i]!, ring[2 * i + 1]! + 0.5];
          return y0 < y === y1 < y ? [] : [x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)];
        }).flat(),
      )
      .sort((a, b) => a - b);
    for (let i = 0; i + 1 < cuts.length; i += 2) {
      const width = cuts[i + 1]! - cuts[i]!;
      area += width;
      moment += width * ((cuts[i]! + cuts[i + 1]!) / 2);
    }
  }
  return moment / area / UM10_PER_MM;
}

test('two lines by their optical middle: from the first capitals’ top to the last baseline', () => {
  const spec = changePlaceUse(withPlace(aRun(['Ann Gay']), 150, 80, 'stand-block'), null, (place) => ({
    ...place,
    wording: wordingOf(['{given}', '{family}']),
  }));
  const [fit] = fitRun(
    changeSizeGroup(withRule(spec, { kind: 'level', heightMm: 10 }), null, { lie: 'optical' }),
    cache,
  ).fits;
  const last = baselineOf(fit!) + fit!.artwork.lastBaselineEm * fit!.emMm;
  expect((baselineOf(fit!) - fit!.capHeightMm + last) / 2).toBeCloseTo(40, 6);
  expect(last).toBeGreaterThan(baselineOf(fit!));
});
