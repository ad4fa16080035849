import { artCache } from '../artwork';
import fc from 'fast-check';
import { addBlank } from '../blanks';
import type { SizeGroup } from '../spec';
import { changePlaceUse, changeSizeGroup, setOverrides, sizeWith } from '../edit';
import { type FlatFit, fitRun, aRun, seededBytes, shippedFaces, withPlace, withRule } from '../test';
import { placedOutline } from '.';
import { outlineRings } from '../geometry';
import { UM10_PER_MM } from '../units';

const cache = artCache(shippedFaces());
const name = fc.stringMatching(/^[A-ZÅÉØ][a-zéøłß]{1,14}$/);
const names = fc.uniqueArray(name, { minLength: 2, maxLength: 6 });
const caps = (fits: readonly FlatFit[]) => fits.map(({ capHeightMm }) => capHeightMm);
const isStopped = ({ findings }: FlatFit) => findings.some(({ severity }) => severity === 'stop');
const slotAt = (fit: FlatFit) => ({
  entryId: fit.slot.ref.entryId,
  useId: fit.slot.ref.useId,
  placeId: fit.slot.ref.placeId,
});

test('banded: as large as each place allows, and the tallest no more than the ratio over the smallest', () => {
  fc.assert(
    fc.property(names, fc.double({ min: 1, max: 2, noNaN: true }), (texts, ratio) => {
      const filled = fitRun(aRun(texts), cache).fits;
      const { fits, setSizes } = fitRun(withRule(aRun(texts), { kind: 'banded', ratio }), cache);
      const inSet = fits.filter((fit) => !isStopped(fit));
      fc.pre(inSet.length > 1);
      const heights = caps(inSet);
      expect(Math.max(...heights) / Math.min(...heights)).toBeLessThanOrEqual(ratio + 1e-9);
      const [set] = Object.values(setSizes);
      fits.forEach((fit, i) => {
        expect(fit.capHeightMm).toBeCloseTo(Math.min(filled[i]!.capHeightMm, set!.letterMm), 9);
      });
    }),
    { numRuns: 40 },
  );
});

test('what each long text costs is what the set gains without it and those before it', () => {
  const texts = ['Ottoline-Hartington', 'Montgomery', 'Castellane', 'Bo', 'Ann'];
  const level = (some: readonly string[]) => fitRun(withRule(aRun(some), { kind: 'level', heightMm: null }), cache);
  const [set] = Object.values(level(texts).setSizes);
  expect(set!.costs[0]!.text).toBe('Ottoline-Hartington');
  const most = set!.costs.map(({ mostMm }) => mostMm);
  expect(most).toEqual([...most].sort((a, b) => a - b));
  set!.costs.forEach(({ withoutTheseMm }, i) => {
    const gone = new Set(set!.costs.slice(0, i + 1).map(({ text }) => text));
    const [left] = Object.values(level(texts.filter((text) => !gone.has(text))).setSizes);
    expect(withoutTheseMm).toBeCloseTo(left!.letterMm, 9);
  });
  expect(set!.withoutItMm).toBe(set!.costs[0]!.withoutItMm);
});

test('an own height or width is kept where the place holds it, and missed with a finding where it does not', () => {
  const rule = (by: 'height' | 'width', mm: number) => ({ kind: 'own' as const, size: { by, mm } });
  const tall = fitRun(withRule(aRun(['Bo', 'Montgomery']), rule('height', 30)), cache).fits;
  expect(tall[0]!.capHeightMm).toBeCloseTo(30, 9);
  expect(tall[1]!.findings).toMatchObject([{ kind: 'belowOwn', by: 'height', askedMm: 30 }]);
  const wide = fitRun(withRule(aRun(['Anna', 'Montgomery']), rule('width', 60)), cache).fits;
  for (const { inkWidthMm } of wide) expect(inkWidthMm).toBeCloseTo(60, 9);
});

test('x-heights are levelled when the group compares by them', () => {
  const spec = changeSizeGroup(withRule(aRun(['Bo', 'Ann']), { kind: 'level', heightMm: 9 }), null, { letter: 'x' });
  for (const { xHeightMm } of fitRun(spec, cache).fits) expect(xHeightMm).toBeCloseTo(9, 9);
});

test('a text with a size of its own takes no part in levelling the others', () => {
  const plain = withRule(aRun(['Bo', 'Ann', 'Eva']), { kind: 'level', heightMm: null });
  const before = fitRun(plain, cache).fits;
  const own = setOverrides(
    plain,
    [slotAt(before[0]!)],
    { kind: 'size', size: { by: 'height', mm: 14 } },
    seededBytes(3),
  );
  const after = fitRun(own, cache).fits;
  expect(after[0]!.capHeightMm).toBeCloseTo(14, 9);
  expect(after[1]!.capHeightMm).toBeGreaterThanOrEqual(before[1]!.capHeightMm - 1e-9);
});

test('exceptions draw otherwise: narrower, closer, in another lettering, from another film', () => {
  const spec = aRun(['Ottoline-Hartington', 'Bo']);
  const [first] = fitRun(spec, cache).fits;
  const set = (value: Parameters<typeof setOverrides>[2]) =>
    fitRun(setOverrides(spec, [slotAt(first!)], value, seededBytes(4)), cache).fits[0]!;
  expect(set({ kind: 'width', share: 0.8 }).capHeightMm).toBeCloseTo(first!.capHeightMm / 0.8, 2);
  expect(set({ kind: 'tracking', trackingEm: -0.02 }).capHeightMm).toBeGreaterThan(first!.capHeightMm);
  expect(set({ kind: 'lettering', letteringId: 'narrow-block' }).slot.letteringId).toBe('narrow-block');
  expect(set({ kind: 'material', materialId: 'film-white' }).layers.map(({ layer }) => layer.materialId)).toEqual([
    'film-white',
  ]);
});

describe('where ink lies in a place with room to spare', () => {
  const lie = (kind: SizeGroup['lie'], texts: readonly string[]) => {
    const level = withRule(withPlace(aRun(texts), 200, 60, 'stand-block'), { kind: 'level', heightMm: 15 });
    return fitRun(changeSizeGroup(level, null, { lie: kind }), cache).fits;
  };

  test('by the middle of its ink: the same distance on both sides, above and below', () => {
    for (const { xMm, yMm, inkWidthMm, inkHeightMm } of lie('ink', ['Peggy', 'Ann'])) {
      expect([xMm + inkWidthMm / 2, yMm + inkHeightMm / 2]).toEqual([expect.closeTo(100, 6), expect.closeTo(30, 6)]);
    }
  });

  test('by one baseline: descenders and accents move nobody off the line', () => {
    const fits = lie('baseline', ['Peggy', 'Ann', 'Éva']);
    const baselines = fits.map(({ yMm, emMm, artwork }) => yMm - (artwork.inkBox!.minY / 1e6) * emMm);
    for (const baseline of baselines) expect(baseline).toBeCloseTo(baselines[0]!, 6);
    // The capitals stand in the middle.
    expect(baselines[0]! - 7.5).toBeCloseTo(30, 6);
  });

  test('by its optical middle: a letter that is heavy on one side is moved the other way', () => {
    const [optical] = lie('optical', ['L']);
    const [byInk] = lie('ink', ['L']);
    expect(optical!.xMm).toBeGreaterThan(byInk!.xMm);
    let area = 0;
    let moment = 0;
    for (const ring of outlineRings(placedOutline(optical!))) {
      for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
        const cross = ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!;
        area += cross / 2;
        moment += ((ring[j]! + ring[i]!) * cross) / 6;
      }
    }
    expect(moment / area / UM10_PER_MM).toBeCloseTo(100, 1);
  });
});

test('two places that are sized together have one letter height; apart again each has its own', () => {
  const blank = withRule(aRun(['Ottoline', 'Bo']), { kind: 'level', heightMm: null });
  const [use] = blank.uses;
  const twice = addBlank(blank, blank.shop.blanks[0]!, seededBytes(5));
  const second = { useId: twice.uses[1]!.id, placeId: use!.places[0]!.placeId, variantId: null };
  const narrow = changePlaceUse(twice, second, (place) => ({ ...place, letteringId: 'heavy-slab' }));
  const together = sizeWith(narrow, second, use!.places[0]!.sizeGroupId, seededBytes(6));
  expect(together.sizeGroups).toHaveLength(1);
  const heights = caps(fitRun(together, cache).fits);
  for (const height of heights) expect(height).toBeCloseTo(heights[0]!, 9);
  const apart = sizeWith(together, second, null, seededBytes(7));
  expect(apart.sizeGroups).toHaveLength(2);
  const own = fitRun(apart, cache).fits;
  expect(own[0]!.capHeightMm - own[1]!.capHeightMm).not.toBeCloseTo(0, 3);
});
