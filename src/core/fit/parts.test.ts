import fc from 'fast-check';
import { artCache } from '../artwork';
import { changePlace, setOverrides } from '../edit';
import { boxOfRings, outlineRings } from '../geometry';
import { aColouredRun, aRun, fitRun, seededBytes, shippedFaces } from '../test';
import { UM10_PER_MM } from '../units';
import { inkOutline, layerOutline, outlineAt, outlineFacts, outlineSize, placedOutline } from '.';

const cache = artCache(shippedFaces());
const boxMm = (outline: Parameters<typeof outlineRings>[0]) => {
  const { minX, minY, maxX, maxY } = boxOfRings(outlineRings(outline))!;
  return [minX, minY, maxX - minX, maxY - minY].map((value) => value / UM10_PER_MM);
};

/** A box in a whole of so much width and height, after the whole was turned clockwise by quarters about its corner. */
function turned([x, y, w, h]: number[], [wide, high]: number[], deg: number): number[] {
  return deg === 0 ? [x!, y!, w!, h!] : turned([high! - y! - h!, x!, h!, w!], [high!, wide!], deg - 90);
}

test('each layer lies where its own outline does, the whole where all of them do, at every turn', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,6}$/),
      fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const),
      (text, readingDeg) => {
        const spec = changePlace(aColouredRun([text]), null, (place) => ({ ...place, readingDeg }));
        const [fit] = fitRun(spec, cache).fits;
        const ink = fit!.artwork.inkBox!;
        const isAside = readingDeg % 180 !== 0;
        const whole = boxMm(placedOutline(fit!));
        const close = (values: readonly number[]) => values.map((value) => expect.closeTo(value, 3));
        expect(whole).toEqual(
          close([
            fit!.xMm,
            fit!.yMm,
            isAside ? fit!.inkHeightMm : fit!.inkWidthMm,
            isAside ? fit!.inkWidthMm : fit!.inkHeightMm,
          ]),
        );
        for (const [i, { part, spot, onBlank }] of fit!.layers.entries()) {
          const alone = layerOutline(fit!, i);
          expect(boxMm(alone)).toEqual(close([0, 0, part!.widthMm, part!.heightMm]));
          const box = fit!.artwork.layers[i]!.inkBox!;
          const [left, top, wide, high] = turned(
            [box.minX - ink.minX, box.minY - ink.minY, box.maxX - box.minX, box.maxY - box.minY],
            [ink.maxX - ink.minX, ink.maxY - ink.minY],
            readingDeg,
          ).map((value) => (value / 1e6) * fit!.emMm) as [number, number, number, number];
          const there = boxMm(outlineAt(alone, spot!));
          expect(there).toEqual(close([fit!.xMm + left, fit!.yMm + top, wide, high]));
          // A ruler finds it as far from that of the whole as it lies in it.
          expect(onBlank!.leftMm - fit!.onBlank!.leftMm).toBeCloseTo(left, 6);
        }
        expect(outlineSize(inkOutline(fit!))).toEqual({
          inkWidthMm: expect.closeTo(fit!.inkWidthMm, 3),
          inkHeightMm: expect.closeTo(fit!.inkHeightMm, 3),
        });
      },
    ),
    { numRuns: 40 },
  );
});

test('edge and area of a layer are those of its outline at its size', () => {
  const [fit] = fitRun(aRun(['Bobbie']), cache).fits;
  const rings = [...outlineRings(layerOutline(fit!, 0))];
  let [edge, twice] = [0, 0];
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i += 2) {
      const [x, y, nx, ny] = [ring[i]!, ring[i + 1]!, ring[(i + 2) % ring.length]!, ring[(i + 3) % ring.length]!];
      edge += Math.hypot(nx - x, ny - y);
      twice += x * ny - nx * y;
    }
  }
  const facts = outlineFacts(fit!.artwork.layers[0]!, fit!.emMm);
  expect(facts.edgeMm / (edge / UM10_PER_MM)).toBeCloseTo(1, 4);
  expect(facts.areaMm2 / (twice / 2 / UM10_PER_MM ** 2)).toBeCloseTo(1, 4);
  expect(facts.numIslands + facts.numHoles).toBe(rings.length);
  expect(facts.numHoles).toBeGreaterThan(0);
});

test('too small is a text whose largest capitals are lower than its lettering may be cut, however little', () => {
  const spec = aRun(['Montgomery']);
  const [fit] = fitRun(spec, cache).fits;
  const at = (leastMm: number) =>
    fitRun(
      {
        ...spec,
        shop: {
          ...spec.shop,
          letterings: spec.shop.letterings.map((own) => ({
            ...own,
            value: { ...own.value, minLetterHeightMm: leastMm },
          })),
        },
      },
      cache,
    ).fits[0]!.draft.isTooSmall;
  expect([at(fit!.mostCapMm - 1e-6), at(fit!.mostCapMm + 1e-6)]).toEqual([false, true]);
});

test('a place of no height but an exception for the largest spot: nothing lies anywhere, and nothing fails', () => {
  const spec = aRun(['Ann']);
  const [fit] = fitRun(spec, cache).fits;
  const { entryId, useId, placeId } = fit!.slot.ref;
  const asked = setOverrides(spec, [{ entryId, useId, placeId }], { kind: 'lie', at: 'largest' }, seededBytes(2));
  const none = changePlace(asked, null, (place) => ({
    ...place,
    outline: {
      kind: 'polygon' as const,
      corners: [
        [0, 0],
        [9, 9],
        [9, 0],
        [0, 9],
      ],
    },
  }));
  expect(fitRun(none, cache).fits[0]).toMatchObject({ spot: null, onBlank: null, emMm: 0, inkWidthMm: 0 });
});
