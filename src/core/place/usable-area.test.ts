import fc from 'fast-check';
import { ANCHORS } from '../shop';
import { mainPlace } from '../edit';
import { aPlace, aRect, aRun, aVariant } from '../test';
import { inkInPlace, inkOnBlank, readingSize, turnedOrigin, usableArea } from '.';

const BLANK = aVariant();

test('ink held at the corners, the sides and the centre', () => {
  const at = (anchor: (typeof ANCHORS)[number]) => {
    const { xMm, yMm } = inkInPlace(BLANK, aPlace({ anchor }), 60, 10);
    return [xMm, yMm];
  };
  expect(at('topLeft')).toEqual([0, 0]);
  expect(at('centre')).toEqual([20, 15]);
  expect(at('right')).toEqual([40, 15]);
  expect(at('bottom')).toEqual([20, 30]);
  expect(at('bottomRight')).toEqual([40, 30]);
});

test('what fits lies inside, whatever holds it, however it is turned and whatever gap it keeps', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const readings = fc.constantFrom(0, 90, 180, 270);
  fc.assert(
    fc.property(fc.constantFrom(...ANCHORS), readings, share, share, share, (anchor, readingDeg, w, h, gap) => {
      const place = aPlace({ anchor, readingDeg: readingDeg as 0, anchorGapMm: gap * 20 });
      const room = readingSize(usableArea(BLANK, place), place.readingDeg);
      const ink = inkInPlace(BLANK, place, room.widthMm * w, room.heightMm * h);
      expect(Math.min(ink.xMm, ink.yMm)).toBeGreaterThanOrEqual(-1e-9);
      expect(ink.xMm + ink.widthMm).toBeLessThanOrEqual(100 + 1e-9);
      expect(ink.yMm + ink.heightMm).toBeLessThanOrEqual(40 + 1e-9);
    }),
  );
});

test('lettering held at a side keeps its distance there, and nowhere else', () => {
  expect(usableArea(BLANK, aPlace({ anchor: 'bottomRight', anchorGapMm: 8 }))).toEqual({
    xMm: 0,
    yMm: 0,
    widthMm: 92,
    heightMm: 32,
  });
  expect(usableArea(BLANK, aPlace({ anchor: 'top', anchorGapMm: 8 }))).toEqual({
    xMm: 0,
    yMm: 8,
    widthMm: 100,
    heightMm: 32,
  });
  expect(usableArea(BLANK, aPlace({ anchorGapMm: 8 }))).toMatchObject({ widthMm: 100, heightMm: 40 });
});

test('text along a strap has the place’s height for its width', () => {
  const place = aPlace({ outline: aRect(30, 200), readingDeg: 90, anchor: 'top' });
  expect(readingSize(usableArea(BLANK, place), 90)).toEqual({ widthMm: 200, heightMm: 30 });
  const ink = inkInPlace(BLANK, place, 150, 20);
  expect(ink).toEqual({ xMm: 5, yMm: 0, widthMm: 20, heightMm: 150, turnDeg: 90 });
  // Turned clockwise about its own corner it runs down from the right side of its box.
  expect(turnedOrigin(ink)).toEqual([25, 0]);
  expect(turnedOrigin({ ...ink, turnDeg: 270 })).toEqual([5, 150]);
  expect(turnedOrigin({ ...ink, turnDeg: 180 })).toEqual([25, 150]);
});

test('a plain rectangle is usable as a whole', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  expect(usableArea(variant, measured)).toEqual({ xMm: 0, yMm: 0, widthMm: 180, heightMm: 52 });
});

test('the distances are measured to the ink, from the blank’s sides and from the datum', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  expect(inkOnBlank(variant, measured, 100, 30)).toMatchObject({ leftMm: 250, rightMm: 250, dropMm: 191 });
  const corner = inkOnBlank(variant, { ...measured, anchor: 'topLeft' }, 100, 30);
  expect(corner).toMatchObject({ leftMm: 210, rightMm: 290, dropMm: 180, acrossFrom: 'sides' });
  const neck = { ...measured, datum: { kind: 'neckSeam', lineMm: 60, dropMm: 75, leftMm: 210 } } as const;
  expect(inkOnBlank(variant, neck, 100, 52).dropMm).toBe(75);
  // A hem is measured upwards, to the ink's lower edge.
  const hem = { ...measured, datum: { kind: 'hem', lineMm: 1000, dropMm: 80, leftMm: 210 } } as const;
  expect(inkOnBlank(variant, hem, 100, 30)).toMatchObject({ dropMm: 91, datum: 'hem' });
});
