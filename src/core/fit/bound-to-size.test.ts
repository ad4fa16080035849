import { artCache } from '../artwork';
import {
  changeLettering,
  changeMotifHeight,
  changeMotifSpot,
  changePlace,
  changePlaceUse,
  changeRule,
  takeMotif,
} from '../edit';
import { boxOfRings, outlineRings } from '../geometry';
import { STARTER_MOTIFS } from '../motifs';
import { placeCurve, placeGeometry } from '../place';
import { dropAlongSide } from '../place/as-seen';
import { resolveSlots } from '../resolve';
import type { RunSpec } from '../spec';
import { shapeBox } from '../shop/shape-box';
import { aRect, aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { UM10_PER_MM } from '../units';
import { isBoundToSize, slotAt } from './bound-to-size';
import { placedOutline } from './placed-outline';

const cache = artCache(shippedFaces());

interface Goods {
  readonly topMm: number;
  readonly bottomMm: number;
  readonly readingDeg?: 0 | 90 | 180;
  readonly isLevel?: boolean;
}

/** Lettering on round goods of two diameters. */
function onGoods(texts: readonly string[], { topMm, bottomMm, readingDeg = 0, isLevel = true }: Goods): RunSpec {
  const said = changePlaceUse(aRun(texts), null, (place) => ({ ...place, letteringId: 'stand-block' }));
  const placed = changePlace(said, null, (place) => ({
    ...place,
    outline: aRect(120, 70),
    clear: [],
    datum: { kind: 'rim', lineMm: 0, dropMm: 20, leftMm: 0 },
    readingDeg,
    wrap: { kind: 'round', topMm, bottomMm, heightMm: 110, seenShare: 0.45 },
  }));
  if (!isLevel) return placed;
  const bend = { way: 'arch', curve: { by: 'place' }, letters: 'bent' } as const;
  return changeLettering(placed, null, (lettering) => ({ ...lettering, bend }));
}

/** How far below the rim the feet of a row of letters are, along the side: the highest and the lowest of them. */
function feetMm(spec: RunSpec): readonly [number, number] {
  const [fit] = fitRun(spec, cache).fits;
  const { variant, measured } = fit!.slot;
  const geometry = placeGeometry(variant!, measured!);
  const drops = placedOutline(fit!).islands.map(({ outer }) => {
    const below = Array.from({ length: outer.length / 2 }, (_, i) =>
      dropAlongSide(measured!, geometry, outer[2 * i]! / UM10_PER_MM, outer[2 * i + 1]! / UM10_PER_MM),
    );
    return Math.max(...below);
  });
  return [Math.min(...drops), Math.max(...drops)];
}

const CUPS: readonly Goods[] = [
  { topMm: 88, bottomMm: 62 },
  { topMm: 62, bottomMm: 88 },
];

test('along its place lettering stands level on goods that taper, and straight it does not', () => {
  for (const cup of CUPS) {
    const [high, low] = feetMm(onGoods(['HHHHHHHHHH'], cup));
    expect(low - high).toBeLessThan(0.12);
    const [up, down] = feetMm(onGoods(['HHHHHHHHHH'], { ...cup, isLevel: false }));
    expect(down - up).toBeGreaterThan(1);
  }
});

test('a set of one height is bent to the same millimetres, whatever its texts are', () => {
  const spec = changeRule(onGoods(['Ida', 'Wilhelmina', 'Bo'], CUPS[0]!), null, { kind: 'level', heightMm: null });
  const { fits } = fitRun(spec, cache);
  const radii = fits.map(({ artwork, emMm }) => artwork.bent!.radiusEm * emMm);
  const [slot] = resolveSlots(spec);
  const wanted = placeCurve(slot!.variant!, slot!.measured!)!.radiusMm;
  for (const radius of radii) expect(radius).toBeCloseTo(wanted, 4);
  for (const fit of fits) expect(outlineRings(placedOutline(fit))).toBeDefined();
});

test('which way it bends is the place’s: narrower below an arch, above a dip, and upside down the other one', () => {
  const way = (goods: Goods) => {
    const [slot] = resolveSlots(onGoods(['Ida'], goods));
    return placeCurve(slot!.variant!, slot!.measured!)?.way ?? null;
  };
  expect(CUPS.map(way)).toEqual(['arch', 'dip']);
  expect(CUPS.map((cup) => way({ ...cup, readingDeg: 180 }))).toEqual(['dip', 'arch']);
  expect(CUPS.map((cup) => way({ ...cup, readingDeg: 90 }))).toEqual([null, null]);
  expect(way({ topMm: 70, bottomMm: 70 })).toBeNull();
});

test('in a place without a curve it is drawn as without a bend', () => {
  const same: Goods = { topMm: 70, bottomMm: 70 };
  const [level] = fitRun(onGoods(['Wilhelmina'], same), cache).fits;
  const [straight] = fitRun(onGoods(['Wilhelmina'], { ...same, isLevel: false }), cache).fits;
  expect(level!.emMm).toBeCloseTo(straight!.emMm, 6);
  expect(level!.artwork.bent).toBeNull();
});

test('only what keeps millimetres is drawn anew for a size, and once for each', () => {
  const [bound] = resolveSlots(onGoods(['Ida'], CUPS[0]!));
  const [free] = resolveSlots(onGoods(['Ida'], { ...CUPS[0]!, isLevel: false }));
  expect([isBoundToSize(bound!), isBoundToSize(free!)]).toEqual([true, false]);
  expect(slotAt(free!, 10)).toBe(free);
  expect(slotAt(bound!, 10)).toBe(slotAt(bound!, 10));
  const radius = placeCurve(bound!.variant!, bound!.measured!)!.radiusMm;
  expect(slotAt(bound!, 10).form.bend!.curve).toEqual({ by: 'radius', capitals: radius / 10 });
  expect(slotAt(bound!, 20).form.bend!.curve).toEqual({ by: 'radius', capitals: radius / 20 });
});

test('a motif that keeps its height stands beside a level name, and both lie in their place', () => {
  const lyre = STARTER_MOTIFS.find(({ value }) => value.name === 'lyre')!;
  const random = seededBytes(6);
  for (const isLevel of [true, false]) {
    const taken = takeMotif(onGoods(['Ida', 'Wilhelmina'], { ...CUPS[0]!, isLevel }), null, lyre, random);
    const spec = changeMotifHeight(changeMotifSpot(taken, null, 'before'), null, 12);
    for (const fit of fitRun(spec, cache).fits) {
      expect(fit.emMm).toBeGreaterThan(0);
      expect(fit.layers.flatMap(({ layer, part }) => (layer.make.kind === 'motif' ? [part!.heightMm] : []))).toEqual([
        expect.closeTo(12, 2),
      ]);
      expect(fit.artwork.bent !== null).toBe(isLevel);
      const { shape } = placeGeometry(fit.slot.variant!, fit.slot.measured!);
      const { widthMm, heightMm } = shapeBox(shape);
      const { maxX, maxY } = boxOfRings(outlineRings(placedOutline(fit)))!;
      expect(maxX / UM10_PER_MM).toBeLessThan(widthMm + 0.01);
      expect(maxY / UM10_PER_MM).toBeLessThan(heightMm + 0.01);
    }
  }
});
