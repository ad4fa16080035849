import { artCache } from '@/core/artwork';
import { addLayer, changePlace } from '@/core/edit';
import { boxOfRings, outlineRings, outlineToNumbers } from '@/core/geometry';
import { pieceIdOf } from '@/core/spec';
import { aRect, aRun, fitRun, seededBytes, shippedFaces, withCard } from '@/core/test';
import { type FrozenById, drawnLayers, inkPicture, placedPath } from './drawn-layers';

const cache = artCache(shippedFaces());
const tag = changePlace(withCard(aRun(['Ann'])), null, (place) => ({ ...place, outline: aRect(90, 50) }));
const NOTHING: FrozenById = new Map();

/** Corners of path data, millimetres. */
function boxOfPath(path: string) {
  const points = [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
  return [Math.min(...points.map(([x]) => x)), Math.max(...points.map(([x]) => x))];
}

test('layers come bottom up in the colours of their films, so that one on another is seen', () => {
  const [fit] = fitRun(addLayer(aRun(['Ann']), null, 'border', seededBytes(3)), cache).fits;
  expect(drawnLayers(fit!, NOTHING).map(({ hex, isCard, lines }) => [hex, isCard, lines.length])).toEqual([
    ['#f7f5ee', false, 0],
    ['#e0b25a', false, 0],
  ]);
});

test('a card is drawn with what lies on it, and leaves the template to that', () => {
  const [fit] = fitRun(tag, cache).fits;
  const [card, ...others] = drawnLayers(fit!, NOTHING);
  expect([card!.isCard, card!.lines.length, others]).toEqual([true, 1, []]);
  const { parts, widthMm, heightMm } = inkPicture([card!]);
  expect([Math.round(widthMm), Math.round(heightMm), parts[0]!.lines]).toEqual([90, 50, card!.lines]);
  const [left, right] = boxOfPath(placedPath([card!]));
  expect([left, right]).toEqual([
    expect.closeTo(fit!.spot!.xMm, 2),
    expect.closeTo(fit!.spot!.xMm + fit!.inkWidthMm, 2),
  ]);
});

test('what was frozen is drawn with the lines that it had then', () => {
  const [fit] = fitRun(tag, cache).fits;
  const [card] = drawnLayers(fit!, NOTHING);
  const square = [[[0, 0, 10_000, 0, 10_000, 10_000]]];
  const frozen = {
    body: JSON.stringify(outlineToNumbers(card!.outline)),
    lineBodies: [JSON.stringify(square)],
    spot: card!.spot,
    hex: '#123456',
  };
  const byId = new Map([[pieceIdOf(fit!.slot.ref, 'cardlayera', 1), frozen]]) as unknown as FrozenById;
  const [then] = drawnLayers(fit!, byId);
  expect([then!.lines.map(outlineToNumbers), then!.hex, card!.hex]).toEqual([[square], '#123456', '#efe3c2']);
  expect(boxOfRings(outlineRings(then!.outline))).toEqual(boxOfRings(outlineRings(card!.outline)));
});
