import fc from 'fast-check';
import type { Shape } from '../shop';
import { type Ring, inscribedRect, shapeRing } from '.';
import { isInRing } from './shape-ring';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const shapes: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('ellipse' as const), widthMm: mm(30, 300), heightMm: mm(30, 200) }),
  fc.record({
    kind: fc.constant('taper' as const),
    topWidthMm: mm(20, 200),
    bottomWidthMm: mm(20, 200),
    heightMm: mm(20, 150),
  }),
  fc.record({
    kind: fc.constant('roundedRect' as const),
    widthMm: mm(60, 200),
    heightMm: mm(60, 200),
    radiusMm: mm(0, 30),
  }),
  fc.record({
    kind: fc.constant('ringPart' as const),
    innerRadiusMm: mm(60, 200),
    outerRadiusMm: mm(220, 300),
    sweepDeg: mm(20, 100),
    outerAt: fc.constantFrom('top' as const, 'bottom' as const),
  }),
);

/** Corners round a middle at rising angles never cross. */
const stars: fc.Arbitrary<Ring> = fc
  .array(fc.tuple(mm(0.02, 0.98), mm(30, 120)), { minLength: 4, maxLength: 9 })
  .map((rays) =>
    rays.map(([turn, radius], i): [number, number] => {
      const angle = ((i + turn) / rays.length) * 2 * Math.PI;
      return [150 + radius * Math.cos(angle), 150 + radius * Math.sin(angle)];
    }),
  );

function spots({ xMm, yMm, widthMm, heightMm }: { xMm: number; yMm: number; widthMm: number; heightMm: number }) {
  const steps = Array.from({ length: 21 }, (_, i) => i / 20);
  return steps.flatMap((s) => [
    [xMm + widthMm * s, yMm],
    [xMm + widthMm * s, yMm + heightMm],
    [xMm, yMm + heightMm * s],
    [xMm + widthMm, yMm + heightMm * s],
  ]) as [number, number][];
}

test('it lies inside every outline, and off a zone that is kept clear', () => {
  const zones = fc.option(fc.tuple(mm(0, 100), mm(0, 60), mm(5, 40), mm(5, 40)));
  fc.assert(
    fc.property(fc.oneof(shapes.map(shapeRing), stars), zones, (outline, zone) => {
      const clear: Ring[] = zone
        ? [
            shapeRing({ kind: 'rect', widthMm: zone[2], heightMm: zone[3] }).map(
              ([x, y]) => [x + zone[0], y + zone[1]] as const,
            ),
          ]
        : [];
      const rect = inscribedRect(outline, clear, null);
      if (!rect) return;
      for (const [x, y] of spots(rect)) {
        expect(isInRing(outline, x, y)).toBe(true);
        for (const ring of clear) expect(isInRing(ring, x, y)).toBe(false);
      }
      // A zone that lies wholly inside the rectangle would touch none of its sides.
      if (zone) {
        const [x, y] = [zone[0] + zone[2] / 2, zone[1] + zone[3] / 2];
        const holds = x > rect.xMm && x < rect.xMm + rect.widthMm && y > rect.yMm && y < rect.yMm + rect.heightMm;
        expect(holds && isInRing(outline, x, y)).toBe(false);
      }
    }),
    { numRuns: 60 },
  );
});

/** Every rectangle on a grid of 16 × 16 whose sides stay inside: slow, and blind between its lines. */
function onGrid(outline: Ring): number {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [minX, minY] = [Math.min(...xs), Math.min(...ys)];
  const [stepX, stepY] = [(Math.max(...xs) - minX) / 16, (Math.max(...ys) - minY) / 16];
  let best = 0;
  for (let top = 0; top < 16; top++)
    for (let bottom = top + 1; bottom <= 16; bottom++)
      for (let left = 0; left < 16; left++)
        for (let right = 16; right > left; right--) {
          const [widthMm, heightMm] = [(right - left) * stepX, (bottom - top) * stepY];
          if (widthMm * heightMm <= best) break;
          const rect = { xMm: minX + left * stepX, yMm: minY + top * stepY, widthMm, heightMm };
          const inner = {
            xMm: rect.xMm + 0.01,
            yMm: rect.yMm + 0.01,
            widthMm: widthMm - 0.02,
            heightMm: heightMm - 0.02,
          };
          if (spots(inner).every(([x, y]) => isInRing(outline, x, y))) best = widthMm * heightMm;
        }
  return best;
}

test('no rectangle on a fine grid is larger', () => {
  fc.assert(
    fc.property(fc.oneof(shapes.map(shapeRing), stars), (outline) => {
      const rect = inscribedRect(outline, [], null)!;
      expect(rect.widthMm * rect.heightMm).toBeGreaterThan(onGrid(outline) * 0.995);
    }),
    { numRuns: 10 },
  );
});

test('in an ellipse it is 1/√2 of both axes, in a triangle half of base and height', () => {
  const inEllipse = inscribedRect(shapeRing({ kind: 'ellipse', widthMm: 200, heightMm: 80 }), [], null)!;
  expect(inEllipse.widthMm * inEllipse.heightMm).toBeCloseTo((200 * 80) / 2, -1);
  const inTriangle = inscribedRect(
    [
      [0, 0],
      [120, 0],
      [60, 90],
    ],
    [],
    null,
  )!;
  expect(inTriangle.widthMm).toBeCloseTo(60, 1);
  expect(inTriangle.heightMm).toBeCloseTo(45, 1);
});

test('the part that is seen bounds it on both sides', () => {
  const rect = inscribedRect(shapeRing({ kind: 'ellipse', widthMm: 200, heightMm: 80 }), [], {
    fromMm: 60,
    toMm: 110,
  })!;
  expect(rect.xMm).toBeGreaterThanOrEqual(60);
  expect(rect.xMm + rect.widthMm).toBeLessThanOrEqual(110);
});
