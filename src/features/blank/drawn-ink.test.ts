import { inkTransform } from '@/client';
import { inkInPlace } from '@/core/place';
import { aPlace, aRect, aVariant } from '@/core/test';
import type { ScreenFit } from '@/workers/fit-protocol';
import { type DrawnInk, movedPath, rectSteps } from './drawn-ink';

/** Ink of 60 × 20 mm as it reads, drawn in units of a tenth of a millimetre: an L, so that every turn looks different. */
function anInk(readingDeg: 0 | 90 | 180 | 270): DrawnInk & { readonly box: ReturnType<typeof inkInPlace> } {
  const box = inkInPlace(aVariant(), aPlace({ outline: aRect(100, 100), readingDeg, anchor: 'topLeft' }), 60, 20);
  const fit = { ...box, inkWidthMm: 60, inkHeightMm: 20 } as unknown as ScreenFit;
  return { box, fit, path: 'M0 0L50.0 0L50 150L600 150L600.0 200L0 200Z', scale: 0.1, film: '#000000' };
}

const pointsOf = (path: string) =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

test.each([0, 90, 180, 270] as const)('turned by %i° the path fills just the box that the ink covers', (readingDeg) => {
  const ink = anInk(readingDeg);
  const points = pointsOf(movedPath(ink, (x, y) => [x, y]));
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const { xMm, yMm, widthMm, heightMm } = ink.box;
  expect([Math.min(...xs), Math.min(...ys)]).toEqual([xMm, yMm]);
  expect([Math.max(...xs), Math.max(...ys)]).toEqual([xMm + widthMm, yMm + heightMm]);
  // The corner where the L begins: where the reader begins.
  const corner = { 0: [0, 0], 90: [20, 0], 180: [60, 20], 270: [0, 60] }[readingDeg];
  expect(points[0]).toEqual(corner);
});

test('the transform of a drawing says the same as moving its points', () => {
  expect(inkTransform(anInk(90).fit, 0.1)).toBe('translate(20 0) rotate(90) scale(0.1)');
  expect(inkTransform(anInk(0).fit, 0.1)).toBe('translate(0 0) scale(0.1)');
  expect(inkTransform(anInk(270).fit, 2)).toBe('translate(0 60) rotate(270) scale(2)');
});

test('a rectangle in steps keeps its corners and closes', () => {
  const steps = rectSteps({ xMm: 5, yMm: 7, widthMm: 40, heightMm: 20 });
  expect(steps).toContainEqual([45, 27]);
  expect(steps[0]).toEqual([5, 7]);
  expect(steps.at(-1)).toEqual([5, 7]);
  expect(steps.every(([x, y]) => x >= 5 && x <= 45 && y >= 7 && y <= 27)).toBe(true);
});
