import fc from 'fast-check';
import { mainPlace } from '../edit';
import { ANCHORS } from '../shop';
import { aPlace, aRect, aRun, aVariant, aimedBox } from '../test';
import {
  type Spot,
  boxAt,
  cornerAsRead,
  freeSpace,
  inkOnBlank,
  inkOrigin,
  inkToPlace,
  nearestOnBlank,
  spotOfPart,
} from '.';

const BLANK = aVariant();
const at = (part: Parameters<typeof aPlace>[0], widthMm = 60, heightMm = 10) =>
  aimedBox(BLANK, aPlace(part), widthMm, heightMm);
const usable = (part: Parameters<typeof aPlace>[0]) => freeSpace(BLANK, aPlace(part))!.usable;

test('ink held at the corners, the sides and the centre', () => {
  const corner = (anchor: (typeof ANCHORS)[number]) => {
    const { xMm, yMm } = at({ anchor });
    return [xMm, yMm];
  };
  expect(corner('topLeft')).toEqual([0, 0]);
  expect(corner('centre')).toEqual([20, 15]);
  expect(corner('right')).toEqual([40, 15]);
  expect(corner('bottom')).toEqual([20, 30]);
  expect(corner('bottomRight')).toEqual([40, 30]);
});

test('what fits lies inside, whatever holds it, however it is turned and whatever gap it keeps', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  const readings = fc.constantFrom(0, 90, 180, 270);
  fc.assert(
    fc.property(fc.constantFrom(...ANCHORS), readings, share, share, share, (anchor, readingDeg, w, h, gap) => {
      const place = aPlace({ anchor, readingDeg: readingDeg as 0, anchorGapMm: gap * 20 });
      const room = freeSpace(BLANK, place)!.usable;
      const ink = aimedBox(BLANK, place, room.widthMm * w, room.heightMm * h);
      expect(Math.min(ink.xMm, ink.yMm)).toBeGreaterThanOrEqual(-1e-9);
      expect(ink.xMm + ink.widthMm).toBeLessThanOrEqual(100 + 1e-9);
      expect(ink.yMm + ink.heightMm).toBeLessThanOrEqual(40 + 1e-9);
    }),
  );
});

test('lettering held at a side keeps its distance there, and nowhere else', () => {
  expect(usable({ anchor: 'bottomRight', anchorGapMm: 8 })).toEqual({ xMm: 0, yMm: 0, widthMm: 92, heightMm: 32 });
  expect(usable({ anchor: 'top', anchorGapMm: 8 })).toEqual({ xMm: 0, yMm: 8, widthMm: 100, heightMm: 32 });
  expect(usable({ anchorGapMm: 8 })).toMatchObject({ widthMm: 100, heightMm: 40 });
});

test('text along a strap has the place’s height for its width', () => {
  const strap = { outline: aRect(30, 200), readingDeg: 90, anchor: 'top' } as const;
  expect(usable(strap)).toMatchObject({ widthMm: 200, heightMm: 30 });
  expect(at(strap, 150, 20)).toEqual({ xMm: 5, yMm: 0, widthMm: 20, heightMm: 150 });
  // Turned clockwise about its own corner it runs down from the right side of its box.
  const spot = { xMm: 5, yMm: 0 };
  expect(inkOrigin({ ...spot, turnDeg: 90 }, 150, 20)).toEqual([25, 0]);
  expect(inkOrigin({ ...spot, turnDeg: 270 }, 150, 20)).toEqual([5, 150]);
  expect(inkOrigin({ ...spot, turnDeg: 180 }, 20, 150)).toEqual([25, 150]);
});

test('every point of turned ink lies in the box that it covers, and so does every part of it', () => {
  const mm = fc.double({ min: 1, max: 100, noNaN: true });
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom<Spot['turnDeg']>(0, 90, 180, 270),
      fc.tuple(mm, mm, mm, mm),
      fc.tuple(share, share, share, share),
      (turnDeg, [xMm, yMm, inkWidthMm, inkHeightMm], [left, top, wide, high]) => {
        const spot = { xMm, yMm, turnDeg };
        const box = boxAt(spot, inkWidthMm, inkHeightMm);
        const move = inkToPlace(spot, inkWidthMm, inkHeightMm);
        const part = {
          leftMm: inkWidthMm * left * 0.5,
          topMm: inkHeightMm * top * 0.5,
          widthMm: inkWidthMm * 0.5 * wide,
          heightMm: inkHeightMm * 0.5 * high,
        };
        const own = spotOfPart(spot, { inkWidthMm, inkHeightMm }, part);
        const ownBox = boxAt(own, part.widthMm, part.heightMm);
        // The part's corner lands in the same spot, whether it is moved with the whole or by itself.
        const [ax, ay] = move(part.leftMm, part.topMm);
        const [bx, by] = inkToPlace(own, part.widthMm, part.heightMm)(0, 0);
        expect([ax, ay]).toEqual([expect.closeTo(bx, 6), expect.closeTo(by, 6)]);
        expect(ownBox.xMm).toBeGreaterThanOrEqual(box.xMm - 1e-9);
        expect(ownBox.xMm + ownBox.widthMm).toBeLessThanOrEqual(box.xMm + box.widthMm + 1e-9);
        expect(ownBox.yMm + ownBox.heightMm).toBeLessThanOrEqual(box.yMm + box.heightMm + 1e-9);
        // Beside the whole it reads where the part stands in it.
        const [readX, readY] = cornerAsRead(spot, inkWidthMm, inkHeightMm);
        const [partX, partY] = cornerAsRead(own, part.widthMm, part.heightMm);
        expect([partX - readX, partY - readY]).toEqual([expect.closeTo(part.leftMm, 6), expect.closeTo(part.topMm, 6)]);
        const corner = move(inkWidthMm, inkHeightMm);
        expect(Math.abs(corner[0] - move(0, 0)[0])).toBeCloseTo(box.widthMm, 6);
        expect(Math.abs(corner[1] - move(0, 0)[1])).toBeCloseTo(box.heightMm, 6);
      },
    ),
  );
});

test('a plain rectangle is usable as a whole', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  expect(freeSpace(variant, measured)!.usable).toEqual({ xMm: 0, yMm: 0, widthMm: 180, heightMm: 52 });
});

test('the distances are measured to the ink, from the blank’s sides and from the datum', () => {
  const { variant, measured } = mainPlace(aRun(['Ann']));
  const ruler = (place: typeof measured, widthMm: number, heightMm: number) =>
    inkOnBlank(variant, place, aimedBox(variant, place, widthMm, heightMm));
  expect(ruler(measured, 100, 30)).toMatchObject({ leftMm: 250, rightMm: 250, dropMm: 191 });
  const corner = ruler({ ...measured, anchor: 'topLeft' }, 100, 30);
  expect(corner).toMatchObject({ leftMm: 210, rightMm: 290, dropMm: 180, acrossFrom: 'sides' });
  const neck = { ...measured, datum: { kind: 'neckSeam', lineMm: 60, dropMm: 75, leftMm: 210 } } as const;
  expect(ruler(neck, 100, 52).dropMm).toBe(75);
  // A hem is measured upwards, to the ink's lower edge.
  const hem = { ...measured, datum: { kind: 'hem', lineMm: 1000, dropMm: 80, leftMm: 210 } } as const;
  expect(ruler(hem, 100, 30)).toMatchObject({ dropMm: 91, datum: 'hem' });
});

test('a ruler for several inks on a flat blank is that for the box around them', () => {
  const box = fc.record({
    xMm: fc.double({ min: 0, max: 90, noNaN: true }),
    yMm: fc.double({ min: 0, max: 30, noNaN: true }),
    widthMm: fc.double({ min: 1, max: 10, noNaN: true }),
    heightMm: fc.double({ min: 1, max: 10, noNaN: true }),
  });
  const lines = [
    { kind: 'edge', lineMm: 0, dropMm: 20, leftMm: 30 },
    { kind: 'hem', lineMm: 400, dropMm: 20, leftMm: 30 },
  ] as const;
  fc.assert(
    fc.property(fc.array(box, { minLength: 1, maxLength: 4 }), fc.constantFrom(...lines), (boxes, datum) => {
      const place = aPlace({ datum });
      const left = Math.min(...boxes.map(({ xMm }) => xMm));
      const top = Math.min(...boxes.map(({ yMm }) => yMm));
      const around = {
        xMm: left,
        yMm: top,
        widthMm: Math.max(...boxes.map(({ xMm, widthMm }) => xMm + widthMm)) - left,
        heightMm: Math.max(...boxes.map(({ yMm, heightMm }) => yMm + heightMm)) - top,
      };
      const whole = inkOnBlank(BLANK, place, around);
      const nearest = nearestOnBlank(boxes.map((one) => inkOnBlank(BLANK, place, one)));
      expect(nearest).toEqual({
        ...whole,
        leftMm: expect.closeTo(whole.leftMm, 6) as number,
        rightMm: expect.closeTo(whole.rightMm, 6) as number,
        dropMm: expect.closeTo(whole.dropMm, 6) as number,
      });
    }),
  );
  const [edge, hem] = lines.map((datum) =>
    inkOnBlank(BLANK, aPlace({ datum }), { xMm: 0, yMm: 0, widthMm: 5, heightMm: 5 }),
  );
  expect([nearestOnBlank([]), nearestOnBlank([edge!, hem!])]).toEqual([null, null]);
});
