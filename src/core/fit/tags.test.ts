import fc from 'fast-check';
import { artCache } from '../artwork';
import { addLayer, changeLayer, changePlace, changePlaceUse, placeAt, shapeLayersOf } from '../edit';
import { EM_UNITS } from '../faces';
import { boxOfRings, outlineRings } from '../geometry';
import type { Body, StringHole } from '../shop';
import type { RunSpec } from '../spec';
import { aRect, aRun, distanceToEdges, fitRun, seededBytes, shippedFaces } from '../test';
import { layerOutline } from '.';

const cache = artCache(shippedFaces());

/** A name on a tag of its own outline, with a hole. */
function tagged(
  text: string,
  body: Body,
  hole: StringHole | null,
  reachMm: number,
  size: readonly [number, number] = [120, 60],
): RunSpec {
  const plain = changePlaceUse(aRun([text]), null, (place) => ({ ...place, letteringId: 'stand-block' }));
  const placed = changePlace(plain, null, (place) => ({ ...place, outline: aRect(...size), clear: [] }));
  const added = addLayer(placed, null, 'backing', seededBytes(6));
  const [{ id } = { id: '' }] = shapeLayersOf(placeAt(added, null).lettering);
  return changeLayer(added, null, id, { kind: 'backing', body, distance: { by: 'mm', mm: reachMm }, hole });
}

const holes = fc.record({
  side: fc.constantFrom('left' as const, 'top' as const),
  diameterMm: fc.double({ min: 2, max: 6, noNaN: true }),
  edgeMm: fc.double({ min: 2, max: 5, noNaN: true }),
});

test('the hole keeps its distance from the edge of the tag and from the letters, and all of it stays in the place', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,5}$/),
      fc.constantFrom<Body>('box', 'rounded', 'grown'),
      holes,
      fc.double({ min: 1, max: 6, noNaN: true }),
      (text, body, hole, reachMm) => {
        const [fit] = fitRun(tagged(text, body, hole, reachMm), cache).fits;
        fc.pre(fit!.emMm > 0);
        const { artwork, emMm, spot, inkWidthMm, inkHeightMm } = fit!;
        const [tag, letters] = artwork.layers.map(({ outline }) => outline);
        const mm = EM_UNITS / emMm;
        const rings = tag!.islands.flatMap((island) => island.holes);
        const box = (ring: Int32Array) => boxOfRings([ring])!;
        const round = rings.find((ring) => Math.abs((box(ring).maxX - box(ring).minX) / mm - hole.diameterMm) < 0.05);
        expect(round).toBeDefined();
        const { minX, maxX, minY, maxY } = box(round!);
        expect((maxY - minY) / mm).toBeCloseTo(hole.diameterMm, 1);
        const outers = { islands: tag!.islands.map(({ outer }) => ({ outer, holes: [] })) };
        for (let i = 0; i < round!.length; i += 8) {
          const [x, y] = [round![i]!, round![i + 1]!];
          expect(distanceToEdges(outers, x, y) / mm).toBeGreaterThan(hole.edgeMm - 0.05);
          expect(distanceToEdges(letters!, x, y) / mm).toBeGreaterThan(hole.edgeMm - 0.05);
        }
        // Beside or above the text, in its middle.
        const text_ = boxOfRings(outlineRings(letters!))!;
        const [across, down] = [(minX + maxX) / 2, (minY + maxY) / 2];
        if (hole.side === 'left') {
          expect(across).toBeLessThan(text_.minX);
          expect(Math.abs(down - (text_.minY + text_.maxY) / 2) / mm).toBeLessThan(0.02);
        } else {
          expect(down).toBeLessThan(text_.minY);
          expect(Math.abs(across - (text_.minX + text_.maxX) / 2) / mm).toBeLessThan(0.02);
        }
        const within = [spot!.xMm, spot!.yMm, 120 - spot!.xMm - inkWidthMm, 60 - spot!.yMm - inkHeightMm];
        for (const left of within) expect(left).toBeGreaterThan(-0.02);
      },
    ),
    { numRuns: 40 },
  );
});

test('a rounded tag is as large as its place allows, with its hole', () => {
  for (const side of ['left', 'top'] as const) {
    const [fit] = fitRun(tagged('Hollin', 'rounded', { side, diameterMm: 4, edgeMm: 3 }, 3, [100, 100]), cache).fits;
    const { inkWidthMm, inkHeightMm } = fit!;
    expect(Math.max(inkWidthMm, inkHeightMm)).toBeCloseTo(100, 0);
    // Without the hole letters are larger.
    const [whole] = fitRun(tagged('Hollin', 'rounded', null, 3, [100, 100]), cache).fits;
    expect(whole!.emMm >= fit!.emMm).toBe(true);
  }
});

test('a tag and its twin of another material are cut by the same outline', () => {
  const one = tagged('Bo', 'rounded', { side: 'left', diameterMm: 4, edgeMm: 3 }, 4);
  const [first] = shapeLayersOf(placeAt(one, null).lettering);
  const two = addLayer(one, null, 'backing', seededBytes(9));
  const twin = shapeLayersOf(placeAt(two, null).lettering).find(({ id }) => id !== first!.id)!;
  const [fit] = fitRun(changeLayer(two, null, twin.id, first!.make), cache).fits;
  expect(layerOutline(fit!, 0)).toEqual(layerOutline(fit!, 1));
  expect(fit!.layers[0]!.spot).toEqual(fit!.layers[1]!.spot);
});
