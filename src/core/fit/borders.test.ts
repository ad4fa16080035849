import fc from 'fast-check';
import { artCache } from '../artwork';
import { changePlace, changePlaceUse } from '../edit';
import { inkShape, inkWalls, isFree, largestFit } from '../largest';
import { freeSpace } from '../place';
import type { Shape } from '../shop';
import {
  aBorder,
  aRun,
  aZone,
  distanceToEdges,
  fitRun,
  isOnInk,
  piecesOfRun,
  shippedFaces,
  withBorders,
  withPlace,
  withRule,
} from '../test';
import { EM_UNITS } from '../faces';
import { outlineRings } from '../geometry';
import { layerOutline, outlineAt } from '.';

const cache = artCache(shippedFaces());

const side = fc.integer({ min: 60, max: 200 });
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('rect' as const), widthMm: side, heightMm: side }),
  fc.record({ kind: fc.constant('ellipse' as const), widthMm: side, heightMm: side }),
  fc.record({ kind: fc.constant('taper' as const), topWidthMm: side, bottomWidthMm: side, heightMm: side }),
);

test('letters and border stay in their place, whatever it is, and are as large as it allows', () => {
  fc.assert(
    fc.property(
      anyShape,
      fc.stringMatching(/^[A-Z][a-z]{1,6}$/),
      fc.double({ min: 0.5, max: 5, noNaN: true }),
      fc.boolean(),
      fc.constantFrom('stand-block', 'brass-script'),
      (shape, text, mm, hasZone, letteringId) => {
        const clear = hasZone ? [aZone('button', { kind: 'ellipse', widthMm: 12, heightMm: 12 }, 18, 12)] : [];
        const plain = changePlaceUse(aRun([text]), null, (place) => ({ ...place, letteringId }));
        const spec = withBorders(
          changePlace(plain, null, (place) => ({ ...place, outline: shape, clear })),
          aBorder(mm),
        );
        const [fit] = fitRun(spec, cache).fits;
        const { slot, artwork, emMm, spot } = fit!;
        fc.pre(emMm > 0);
        // Held against the place itself, by the true outline of everything.
        const space = freeSpace(slot.variant!, slot.measured!)!;
        const ink = inkShape(artwork)!;
        const walls = inkWalls(ink, space);
        // Grown outlines are rounded to millionths of an em, which may lie a hair outside.
        const hair = 1e-5 * emMm;
        const lie = {
          xMm: spot!.xMm + hair * ink.widthEm,
          yMm: spot!.yMm + hair * ink.heightEm,
          emMm: emMm - 2 * hair,
        };
        expect(isFree(ink, walls, space, lie)).toBe(true);
        // Where nothing is in the way, letters a little larger do not go in with a border as wide around them: up to a fiftieth
        // is given up for the middle.
        const { held } = fit!.draft;
        if (hasZone || !held) return;
        const mostEmMm = held.most.emMm * 1.025;
        expect(largestFit(inkShape(artwork.at(mostEmMm))!, space).emMm).toBeLessThan(mostEmMm);
      },
    ),
    { numRuns: 40 },
  );
});

test('in a rectangle letters lose the border on both sides, and it touches where they touched', () => {
  const place = withPlace(aRun(['Wilhelmina']), 100, 60, 'stand-block');
  const [plain] = fitRun(place, cache).fits;
  const [bordered] = fitRun(withBorders(place, aBorder(3)), cache).fits;
  expect(plain!.inkWidthMm).toBeCloseTo(100, 2);
  expect(bordered!.inkWidthMm).toBeCloseTo(100, 1);
  expect(bordered!.capHeightMm / plain!.capHeightMm).toBeCloseTo(94 / 100, 3);
  expect([bordered!.xMm, plain!.xMm]).toEqual([expect.closeTo(0, 1), expect.closeTo(0, 1)]);
  // Its middle is the middle of the letters.
  const [border, letters] = bordered!.layers;
  expect(border!.part).toMatchObject({ leftMm: 0, topMm: 0 });
  expect(letters!.part!.leftMm).toBeCloseTo(3, 1);
  expect(letters!.spot!.xMm - border!.spot!.xMm).toBeCloseTo(3, 1);
  expect(letters!.spot!.yMm - border!.spot!.yMm).toBeCloseTo(3, 1);
});

test('a set is levelled by its letters, also where a border keeps millimetres', () => {
  const texts = ['Bo', 'Wilhelmina', 'Odalys'];
  const level = withRule(withBorders(aRun(texts), aBorder(2)), { kind: 'level', heightMm: null });
  const { fits } = fitRun(level, cache);
  const [least, ...others] = fits.map(({ capHeightMm }) => capHeightMm);
  others.forEach((cap) => expect(cap).toBeCloseTo(least!, 6));
  fits.forEach(({ artwork, emMm }) => {
    const [border, letters] = artwork.layers;
    const beyond = ((letters!.inkBox!.minY - border!.inkBox!.minY) / EM_UNITS) * emMm;
    expect(beyond).toBeCloseTo(2, 1);
  });
});

test('one that grows with the letters and fills holes by millimetres is sized with them, too', () => {
  const border = aBorder(0, { distance: { by: 'height', share: 0.12 }, fillsUnderMm: 3 });
  const [fit] = fitRun(withBorders(withPlace(aRun(['Gabe']), 100, 60, 'stand-block'), border), cache).fits;
  expect(Math.max(fit!.inkWidthMm / 100, fit!.inkHeightMm / 60)).toBeCloseTo(1, 3);
  const [filled, letters] = fit!.artwork.layers;
  expect(filled!.border!.fillsUnderEm * fit!.emMm).toBeCloseTo(3.03, 6);
  const beyond = ((letters!.inkBox!.minX - filled!.inkBox!.minX) / EM_UNITS) * fit!.emMm;
  expect(beyond).toBeCloseTo(0.12 * fit!.capHeightMm, 1);
});

test('a place that the border fills alone has no room, and says so', () => {
  const [fit] = fitRun(withBorders(withPlace(aRun(['Bo']), 30, 16), aBorder(9)), cache).fits;
  expect(fit!.findings.map(({ kind }) => kind)).toContain('placeUnusable');
  expect([fit!.emMm, fit!.spot]).toEqual([0, null]);
});

test('each layer is a piece of its film; where both lie, the lower covers the upper and its border around it', () => {
  const spec = withBorders(aRun(['Odalys']), aBorder(1.5));
  const [fit] = fitRun(spec, cache).fits;
  const pieces = piecesOfRun(spec, cache);
  expect(pieces.map(({ materialId }) => materialId)).toEqual(['film-white', 'film-gold']);
  const [border, letters] = pieces.map(({ outline, spot }) => outlineAt(outline, spot!));
  expect(outlineRings(layerOutline(fit!, 0)).next().value).toEqual(outlineRings(pieces[0]!.outline).next().value);
  for (const ring of outlineRings(letters!)) {
    for (let i = 0; i < ring.length; i += 8) {
      const [x, y] = [ring[i]!, ring[i + 1]!];
      expect(isOnInk(border!, x, y)).toBe(true);
      expect(distanceToEdges(border!, x, y)).toBeGreaterThan(14_700);
    }
  }
});
