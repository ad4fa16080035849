import fc from 'fast-check';
import { artCache } from '../artwork';
import { changePlace, changePlaceUse, changeVariant } from '../edit';
import { type Outline, boxOfRings, outlineArea, outlineRings } from '../geometry';
import { piecesOfFits } from '../pieces';
import { freeSpace } from '../place';
import type { Shape, StringHole } from '../shop';
import { checkedReport } from '../checks';
import { resolveSlots } from '../resolve';
import { aRect, aRun, distanceToEdges, fitRun, shippedFaces, withCard } from '../test';
import { UM10_PER_MM } from '../units';
import { type Fit, layerOutline, linesOnLayer, outlineAt } from '.';

const cache = artCache(shippedFaces());

function onPlace(
  texts: readonly string[],
  outline: Shape,
  part: Parameters<typeof withCard>[1] = {},
  readingDeg: 0 | 90 = 0,
) {
  const plain = changePlaceUse(aRun(texts), null, (place) => ({ ...place, letteringId: 'stand-block' }));
  return withCard(
    changePlace(plain, null, (place) => ({ ...place, outline, clear: [], readingDeg })),
    part,
  );
}

const boxOf = (outline: Outline) => boxOfRings(outlineRings(outline))!;
const inPlace = (fit: Fit, i: number) => outlineAt(layerOutline(fit, i), fit.layers[i]!.spot!);
const mm = (um10: number) => um10 / UM10_PER_MM;

const shapes = fc.oneof(
  fc
    .record({ w: fc.integer({ min: 50, max: 140 }), h: fc.integer({ min: 35, max: 90 }) })
    .map(({ w, h }) => aRect(w, h)),
  fc
    .record({ w: fc.integer({ min: 60, max: 140 }), h: fc.integer({ min: 50, max: 90 }) })
    .map(({ w, h }): Shape => ({ kind: 'ellipse', widthMm: w, heightMm: h })),
  fc
    .record({ top: fc.integer({ min: 60, max: 140 }), bottom: fc.integer({ min: 60, max: 140 }) })
    .map(({ top, bottom }): Shape => ({ kind: 'taper', topWidthMm: top, bottomWidthMm: bottom, heightMm: 60 })),
);
const holes = fc.record({
  side: fc.constantFrom('left' as const, 'top' as const),
  diameterMm: fc.double({ min: 2, max: 5, noNaN: true }),
  edgeMm: fc.double({ min: 2, max: 5, noNaN: true }),
});

test('a card is as large as its place, and its hole keeps its distance from every edge of it and from the letters', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,7}$/),
      shapes,
      holes,
      fc.constantFrom(0 as const, 90 as const),
      (text, outline, hole, deg) => {
        const [fit] = fitRun(onPlace([text], outline, { hole }, deg), cache).fits;
        fc.pre(fit!.emMm > 0);
        const card = inPlace(fit!, 0);
        const letters = inPlace(fit!, 1);
        const { variant, measured } = fit!.slot;
        const { widthMm, heightMm } = freeSpace(variant!, measured!)!;
        const box = boxOf(card);
        const [w, h] = deg === 0 ? [widthMm, heightMm] : [heightMm, widthMm];
        [box.minX, box.minY, box.maxX - w * UM10_PER_MM, box.maxY - h * UM10_PER_MM].forEach((off) =>
          expect(Math.abs(mm(off))).toBeLessThan(0.02),
        );
        const [island] = card.islands;
        const [ring] = island!.holes;
        expect(card.islands).toHaveLength(1);
        expect(island!.holes).toHaveLength(1);
        const edge = { islands: [{ outer: island!.outer, holes: [] }] };
        let nearest = Infinity;
        for (let i = 0; i < ring!.length; i += 2) {
          const [x, y] = [ring![i]!, ring![i + 1]!];
          nearest = Math.min(nearest, mm(distanceToEdges(edge, x, y)));
          expect(mm(distanceToEdges(letters, x, y))).toBeGreaterThan(hole.edgeMm - 0.03);
        }
        // No farther from the edge than it was asked for.
        expect(Math.abs(nearest - hole.edgeMm)).toBeLessThan(0.02);
        expect(
          mm(
            boxOf({ islands: [{ outer: ring!, holes: [] }] }).maxX -
              boxOf({ islands: [{ outer: ring!, holes: [] }] }).minX,
          ),
        ).toBeCloseTo(hole.diameterMm, 1);
      },
    ),
    { numRuns: 60 },
  );
});

test('letters keep as far off the edge of a card as it says, and off its hole no nearer', () => {
  const hole: StringHole = { side: 'left', diameterMm: 4, edgeMm: 3 };
  const lefts = [2, 6].map((mmOff) => {
    const [fit] = fitRun(
      onPlace(['Montgomery'], aRect(90, 50), { hole, distance: { by: 'mm', mm: mmOff } }),
      cache,
    ).fits;
    const { minX, maxX, minY, maxY } = boxOf(inPlace(fit!, 1));
    expect(Math.min(mm(minY), 50 - mm(maxY))).toBeGreaterThan(mmOff - 0.01);
    expect(90 - mm(maxX)).toBeCloseTo(mmOff, 1);
    return Math.round(mm(minX) * 10) / 10;
  });
  // The hole ends 7 mm from the side, and 3 or 6 mm beyond that the letters begin.
  expect(lefts).toEqual([10, 13]);
});

test('a hole that a place is too small for stops the text', () => {
  const hole: StringHole = { side: 'left', diameterMm: 20, edgeMm: 12 };
  const [fit] = fitRun(onPlace(['Bo'], aRect(60, 30), { hole }), cache).fits;
  expect([fit!.emMm, fit!.findings.map(({ kind }) => kind)]).toEqual([0, ['placeUnusable']]);
});

test('texts that are alike share the space beside their hole', () => {
  const hole: StringHole = { side: 'left', diameterMm: 4, edgeMm: 3 };
  const { fits } = fitRun(onPlace(['Bo', 'Ann', 'Bo'], aRect(120, 60), { hole }), cache);
  expect(fits.map(({ emMm }) => emMm > 0)).toEqual([true, true, true]);
});

test('what is in the middle is in the middle of what the hole leaves, and lettering without one does not move', () => {
  const hole: StringHole = { side: 'left', diameterMm: 4, edgeMm: 3 };
  const middles = [{}, { hole }, { hole: { ...hole, side: 'top' as const } }].map((part) => {
    const [fit] = fitRun(onPlace(['Bo'], aRect(120, 60), part), cache).fits;
    const { minX, maxX, minY, maxY } = boxOf(inPlace(fit!, 1));
    return [mm(minX + maxX) / 2, mm(minY + maxY) / 2];
  });
  expect(middles.map((at) => at.map(Math.round))).toEqual([
    [60, 30],
    [65, 30],
    [60, 35],
  ]);
});

test.each(['top', 'left'] as const)(
  'a card folded %s is as large once more, holes in both halves, scored between them',
  (fold) => {
    const hole: StringHole = { side: 'left', diameterMm: 4, edgeMm: 3 };
    const [flat] = fitRun(onPlace(['Bo'], aRect(90, 50), { hole }), cache).fits;
    const [fit] = fitRun(onPlace(['Bo'], aRect(90, 50), { hole, fold }), cache).fits;
    const card = inPlace(fit!, 0);
    expect(outlineArea(card) / outlineArea(inPlace(flat!, 0))).toBeCloseTo(2, 4);
    const { minX, minY, maxX, maxY } = boxOf(card);
    const box = [minX, minY, maxX, maxY].map((one) => Math.round(mm(one)));
    expect(box).toEqual(fold === 'top' ? [0, -50, 90, 50] : [-90, 0, 90, 50]);
    expect(card.islands.map(({ holes: inside }) => inside.length)).toEqual([2]);
    // The letters lie where they lay on the flat card.
    expect(boxOf(inPlace(fit!, 1))).toEqual(boxOf(inPlace(flat!, 1)));
    const score = linesOnLayer(fit!, 0).find(({ by }) => by === 'score')!;
    const [line] = [...outlineRings(score.rings)].map((ring) => [...ring].map((one) => Math.round(mm(one))));
    expect(line).toEqual(fold === 'top' ? [0, 50, 90, 50] : [90, 0, 90, 50]);
  },
);

test('a round card hangs together nowhere, so that nothing is scored', () => {
  const [fit] = fitRun(onPlace(['Bo'], { kind: 'ellipse', widthMm: 90, heightMm: 60 }, { fold: 'top' }), cache).fits;
  expect(linesOnLayer(fit!, 0).map(({ by }) => by)).toEqual(['draw']);
});

test('a drawn text is no piece of its own: its edges lie on the card, where the fit has them', () => {
  const spec = onPlace(['Bo', 'Ann'], aRect(90, 50), { sewing: { insetMm: 2, pitchMm: 6, diameterMm: 1 } });
  const { fits } = checkedReport(resolveSlots(spec), cache);
  const pieces = piecesOfFits(fits);
  expect(pieces.map(({ materialId, layer }) => [materialId, layer.make.kind])).toEqual([
    ['card-cream', 'backing'],
    ['card-cream', 'backing'],
  ]);
  for (const [i, piece] of pieces.entries()) {
    const { fit } = fits[i]!;
    expect(piece.lines.map(({ by, layerId }) => [by, layerId])).toEqual([
      ['draw', fit.slot.layers[1]!.id],
      ['pierce', 'cardlayera'],
    ]);
    const { spot } = piece;
    const drawn = outlineRings(piece.lines[0]!.rings);
    const asCut = [...outlineRings(inPlace(fit, 1))];
    [...drawn].forEach((ring, k) => {
      expect(ring).toHaveLength(asCut[k]!.length);
      for (let n = 0; n < ring.length; n += 2) {
        // The card's corner is the place's: 1 µm at most from two roundings.
        expect(Math.abs(ring[n]! + spot!.xMm * UM10_PER_MM - asCut[k]![n]!)).toBeLessThanOrEqual(10);
        expect(Math.abs(ring[n + 1]! + spot!.yMm * UM10_PER_MM - asCut[k]![n + 1]!)).toBeLessThanOrEqual(10);
      }
    });
  }
});

test('holes to sew by stand at even steps, so far within the edge, as many as the pitch asks for', () => {
  const sewing = { insetMm: 4, pitchMm: 7, diameterMm: 1.2 };
  const [fit] = fitRun(onPlace(['Bo'], aRect(100, 40), { sewing }), cache).fits;
  const pierced = linesOnLayer(fit!, 0).find(({ by }) => by === 'pierce')!;
  const middles = pierced.rings.islands.map(({ outer }) => {
    const { minX, maxX, minY, maxY } = boxOf({ islands: [{ outer, holes: [] }] });
    expect(mm(maxX - minX)).toBeCloseTo(1.2, 1);
    return [mm(minX + maxX) / 2, mm(minY + maxY) / 2] as const;
  });
  // 2 × (92 + 32) mm round the seam.
  expect(middles).toHaveLength(35);
  for (const [x, y] of middles) {
    expect(Math.min(x, 100 - x, y, 40 - y)).toBeCloseTo(4, 1);
  }
  const steps = middles.map(([x, y], i) => {
    const [nextX, nextY] = middles[(i + 1) % middles.length]!;
    return Math.abs(nextX - x) + Math.abs(nextY - y);
  });
  for (const step of steps) expect(step).toBeCloseTo(248 / 35, 1);
});

test('a line is measured against what draws it, and does not cover or need a film', () => {
  const spec = onPlace(['Bo'], aRect(60, 12));
  const [fit] = fitRun(spec, cache).fits;
  const [card, text] = fit!.slot.layers;
  expect(text!.material.finest).toEqual({ strokeMm: 0.5, gapMm: 0.5, holeMm: 0.5 });
  expect([text!.materialId, text!.line?.carrierId]).toEqual(['card-cream', card!.id]);
  expect(fit!.findings.filter(({ kind }) => kind === 'filmOver')).toEqual([]);
});

test('a card as large as its blank is the item itself, a patch is told from what it lies on', () => {
  const plain = onPlace(['Bo'], aRect(60, 12));
  const cream = changeVariant(plain, null, (variant) => ({ ...variant, colour: { name: 'ivory', hex: '#f0e4c4' } }));
  const { body } = fitRun(plain, cache).fits[0]!.slot.variant!;
  const contrasts = (run: typeof cream) =>
    fitRun(run, cache).fits[0]!.findings.filter(({ kind }) => kind === 'lowContrast');
  expect(contrasts(cream)).toMatchObject([{ film: 'cream', blank: 'ivory' }]);
  expect(contrasts(changePlace(cream, null, (place) => ({ ...place, outline: body })))).toEqual([]);
});

test('a card larger than the bed is told without a letter height, since that is not what it is by', () => {
  const [fit] = fitRun(onPlace(['Bo'], aRect(350, 200)), cache).fits;
  expect(fit!.findings).toContainEqual(
    expect.objectContaining({ kind: 'largerThanBed', widthMm: expect.closeTo(350, 2), passesAtMm: null }),
  );
});
