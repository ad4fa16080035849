import fc from 'fast-check';
import { type PhotoView, pannedView, viewWith, wholeView, zoomedView } from './photo-view';

const PHOTO = { widthPx: 1600, heightPx: 1200 };
const isWithin = ({ x, y, width, height }: PhotoView) =>
  x >= -1e-9 && y >= -1e-9 && x + width <= 1600 + 1e-9 && y + height <= 1200 + 1e-9;

test('nearer keeps the spot where it is seen, and the proportion of the photo', () => {
  const near = zoomedView(wholeView(PHOTO), 2, [400, 300], PHOTO);
  expect(near).toEqual({ x: 200, y: 150, width: 800, height: 600 });
  expect(zoomedView(near, 0.5, [400, 300], PHOTO)).toEqual(wholeView(PHOTO));
  // So near and no nearer.
  expect(zoomedView(near, 1000, [400, 300], PHOTO).width).toBe(100);
});

test('whatever is done, the view stays on the photo', () => {
  const at = fc.tuple(fc.integer({ min: 0, max: 1600 }), fc.integer({ min: 0, max: 1200 }));
  const by = fc.integer({ min: -3000, max: 3000 });
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 20, noNaN: true }), at, by, by, (factor, spot, byX, byY) => {
      const near = zoomedView(zoomedView(wholeView(PHOTO), 3, [800, 600], PHOTO), factor, spot, PHOTO);
      expect(isWithin(near)).toBe(true);
      expect(isWithin(pannedView(near, byX, byY, PHOTO))).toBe(true);
      const seen = viewWith(near, spot, PHOTO);
      expect(isWithin(seen)).toBe(true);
      expect(spot[0]).toBeGreaterThanOrEqual(seen.x - 1e-9);
      expect(spot[0]).toBeLessThanOrEqual(seen.x + seen.width + 1e-9);
      expect(spot[1]).toBeGreaterThanOrEqual(seen.y - 1e-9);
      expect(spot[1]).toBeLessThanOrEqual(seen.y + seen.height + 1e-9);
    }),
  );
});

test('a view that sees the spot already stays', () => {
  const near = zoomedView(wholeView(PHOTO), 4, [800, 600], PHOTO);
  expect(viewWith(near, [800, 600], PHOTO)).toEqual(near);
  expect(pannedView(near, 10, -20, PHOTO)).toEqual({ ...near, x: near.x + 10, y: near.y - 20 });
});
