import { artCache } from '@/core/artwork';
import { changePlace } from '@/core/edit';
import { aRect, aRun, fitRun, shippedFaces, withCard } from '@/core/test';
import { filmsOf, layersOfFit } from '@/drawing';
import { FitShapes } from './fit-shapes';
import { packShapes } from './pack-shapes';
import { ShapePaths } from './shape-paths';

const cache = artCache(shippedFaces());
const spec = changePlace(
  withCard(aRun(['Ann', 'Bo', 'Ann']), { fold: 'top', sewing: { insetMm: 3, pitchMm: 8, diameterMm: 1 } }),
  null,
  (place) => ({ ...place, outline: aRect(90, 50) }),
);
const { fits } = fitRun(spec, cache);

test('equal shapes have one number; a card and the lines on it have their own, from the corner of the card', () => {
  const shapes = new FitShapes();
  const nos = fits.map((fit) => shapes.of(fit));
  expect(nos.map(([card, text]) => [card!.isWhole, card!.edge, text!.isWhole, text!.edge])).toEqual(
    fits.map(() => [true, null, false, { by: 'draw', lineMm: 0.5 }]),
  );
  const [first, other, again] = nos;
  expect(again).toEqual(first);
  expect(shapes.of(fits[0]!)).toEqual(first);
  const numbers = [first!, other!]
    .flat()
    .flatMap(({ shapeNo, linesNo }) => (linesNo === null ? shapeNo : [shapeNo, linesNo]));
  expect(new Set(numbers).size).toBe(6);
  const sent = new Map(shapes.toSend(fits[0]!));
  expect([...sent.keys()]).toEqual([first![0]!.shapeNo, first![0]!.linesNo, first![1]!.shapeNo]);
  const { inkBox, rings } = sent.get(first![0]!.shapeNo)!;
  expect(Math.min(...rings.flatMap((ring) => [...ring.filter((_, i) => i % 2 === 0)]))).toBe(inkBox!.minX);
  // One line across the fold, and the holes around both halves.
  expect(
    sent
      .get(first![0]!.linesNo!)!
      .rings.map((ring) => ring.length === 4)
      .filter(Boolean),
  ).toHaveLength(1);
});

test('text that was drawn anew and came out the same keeps its number', () => {
  const shapes = new FitShapes();
  const plain = aRun(['Ann', 'Bo']);
  const [before] = fitRun(plain, cache).fits.map((fit) => shapes.of(fit));
  const [after, other] = fitRun(plain, artCache(shippedFaces())).fits.map((fit) => shapes.of(fit));
  expect(after).toEqual(before);
  expect(other![0]!.shapeNo).not.toBe(before![0]!.shapeNo);
});

test('they are drawn where they lie: the card at its own spot, what is drawn on it as wide as its pen', () => {
  const shapes = new FitShapes();
  const [fit] = fits;
  const paths = new ShapePaths();
  paths.add(packShapes(new Map(shapes.toSend(fit!))));
  const layers = shapes.of(fit!).map((no, i) => {
    const { layer, part, spot } = fit!.layers[i]!;
    return { layerId: layer.id, materialId: layer.materialId, part, spot, ...no };
  });
  const [card, lines, text] = layersOfFit({ ...fit!, layers }, paths, filmsOf(spec.shop.materials));
  expect([card!.hex, card!.lineMm]).toEqual(['#efe3c2', undefined]);
  expect([card!.spot.xMm, card!.spot.yMm, card!.widthMm, card!.heightMm].map((mm) => Math.round(mm) + 0)).toEqual([
    0, -50, 90, 100,
  ]);
  expect([lines!.id, lines!.spot, lines!.lineMm]).toEqual([card!.id, card!.spot, 0.3]);
  expect([text!.spot, text!.widthMm, text!.lineMm]).toEqual([fit!.spot, fit!.inkWidthMm, 0.5]);
});
