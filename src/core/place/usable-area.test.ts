import fc from 'fast-check';
import { ANCHORS, mainPlace } from '../run';
import { aRun } from '../test';
import { anchorInArea, inkOnBlank, placeOverhang, usableArea } from '.';

const AREA = { widthMm: 100, heightMm: 40 };

test('ink held at the corners, the sides and the centre', () => {
  const at = (anchor: (typeof ANCHORS)[number]) => Object.values(anchorInArea(AREA, anchor, 60, 10));
  expect(at('topLeft')).toEqual([0, 0]);
  expect(at('centre')).toEqual([20, 15]);
  expect(at('right')).toEqual([40, 15]);
  expect(at('bottom')).toEqual([20, 30]);
  expect(at('bottomRight')).toEqual([40, 30]);
});

test('what fits lies inside, whatever holds it', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(fc.constantFrom(...ANCHORS), share, share, (anchor, w, h) => {
      const { xMm, yMm } = anchorInArea(AREA, anchor, 100 * w, 40 * h);
      expect(Math.min(xMm, yMm)).toBeGreaterThanOrEqual(0);
      expect(xMm + 100 * w).toBeLessThanOrEqual(100 + 1e-9);
      expect(yMm + 40 * h).toBeLessThanOrEqual(40 + 1e-9);
    }),
  );
});

test('a rectangle is usable as a whole', () => {
  expect(usableArea(mainPlace(aRun(['Ann'])).measured)).toEqual({ widthMm: 180, heightMm: 52 });
});

test('the distances of ink to the blank’s edges add up to the blank, and the ink hangs where it is held', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  const centred = inkOnBlank(variant, measured, 100, 30);
  expect(centred).toEqual({ leftMm: 250, rightMm: 250, topMm: 191, bottomMm: 779 });
  const corner = inkOnBlank(variant, { ...measured, anchor: 'topLeft' }, 100, 30);
  expect(corner).toEqual({ leftMm: 210, rightMm: 290, topMm: 180, bottomMm: 790 });
});

test('a place that reaches over the blank is told by how much', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  expect(placeOverhang(variant, measured)).toEqual({ rightMm: 0, bottomMm: 0 });
  const moved = { ...measured, datum: { ...measured.datum, leftMm: 430.5, topMm: 950 } };
  expect(placeOverhang(variant, moved)).toEqual({ rightMm: 10.5, bottomMm: 2 });
});
