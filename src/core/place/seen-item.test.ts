import fc from 'fast-check';
import { STARTER_BLANKS } from '../blanks';
import { aPlace, aRect, aVariant } from '../test';
import { BODY_MIDDLE, centredDown, facesSeenTogether, placeGeometry, seenItem, taperOf, tracedPlace } from '.';

const starters = STARTER_BLANKS.flatMap(({ value }) =>
  value.variants.flatMap((variant) => Object.values(variant.places).map((measured) => ({ value, variant, measured }))),
);

test('what may be lettered lies on the body as it is seen, on every starter blank', () => {
  for (const { value, variant, measured } of starters) {
    const { usable } = placeGeometry(variant, measured);
    const { body, toItem } = seenItem(variant, measured);
    for (const [x, y] of [
      [usable!.xMm, usable!.yMm],
      [usable!.xMm + usable!.widthMm, usable!.yMm + usable!.heightMm],
    ] as const) {
      const [seenX, seenY] = toItem(x, y);
      expect([
        value.name,
        seenX > -0.01,
        seenX < body.widthMm + 0.01,
        seenY > -0.01,
        seenY < body.heightMm + 0.01,
      ]).toEqual([value.name, true, true, true, true]);
    }
  }
});

test('what only lies there is moved, what is filled, drawn out or round is bent', () => {
  const body = { ...aVariant(), body: { kind: 'rect' as const, widthMm: 200, heightMm: 300 } };
  const flat = aPlace({ datum: { kind: 'edge', lineMm: 0, dropMm: 40, leftMm: 25 } });
  expect(seenItem(body, flat)).toMatchObject({ movedBy: [25, 40], isRounded: false, taper: null });
  expect(seenItem(body, flat).toItem(3, 4)).toEqual([28, 44]);
  const filled = seenItem(body, { ...flat, wrap: { kind: 'filled', gussetMm: 0, depthMm: 80, seenDeg: 40 } });
  expect([filled.movedBy, filled.isRounded, filled.body.widthMm < 200]).toEqual([null, true, true]);
  const wide = seenItem(body, { ...flat, wrap: { kind: 'stretched', acrossPct: 10, downPct: 50 } });
  expect(wide.body).toEqual({ widthMm: 200 * 1.1, heightMm: 450 });
  // From the left edge 25 mm and down 40, each drawn out as the cloth is.
  const [x, y] = wide.toItem(0, 0);
  expect([x, y]).toEqual([expect.closeTo(27.5, 6), expect.closeTo(60, 6)]);
  const cap = seenItem(body, { ...flat, wrap: { kind: 'curved', radiusMm: 90, seenDeg: 40 } });
  expect([cap.body.widthMm, cap.isRounded]).toEqual([200, true]);
});

test('round goods taper as they were measured, their rim at the top', () => {
  const wrap = { kind: 'round', topMm: 90, bottomMm: 60, heightMm: 100, seenShare: 0.4 } as const;
  const place = aPlace({ outline: aRect(80, 40), wrap, datum: { kind: 'rim', lineMm: 0, dropMm: 20, leftMm: 0 } });
  const { body, taper, toItem } = seenItem(aVariant(), place);
  expect([body, taper]).toEqual([
    { widthMm: 90, heightMm: 100 },
    { top: 1, bottom: 60 / 90 },
  ]);
  const { box } = placeGeometry(aVariant(), place);
  const [x, y] = toItem(box.widthMm / 2, 0);
  // The middle of the band stands on the axis; it is measured along the side, which leans.
  expect(x).toBeCloseTo(45, 6);
  expect(y).toBeGreaterThan(19);
  expect(y).toBeLessThan(22);
  expect([taperOf(null), taperOf({ ...wrap, topMm: 60, bottomMm: 90 })]).toEqual([null, { top: 60 / 90, bottom: 1 }]);
});

test('places of one side are seen together unless they are laid otherwise, round ones each alone', () => {
  const wrap = { kind: 'round', topMm: 90, bottomMm: 60, heightMm: 100, seenShare: 0.4 } as const;
  const face = (side: 'front' | 'back', part = {}) => ({ side, measured: aPlace(part) });
  const folded = { wrap: { kind: 'folded', acrossParts: 2, downParts: 1 } as const };
  const faces = [face('front'), face('back'), face('front'), face('front', folded)];
  expect(facesSeenTogether(faces)).toEqual([[faces[0], faces[2]], [faces[1]], [faces[3]]]);
  const round = [face('front', { wrap }), face('front', { wrap })];
  expect(facesSeenTogether(round)).toEqual([[round[0]], [round[1]]]);
});

test('centred down it stands as far from the top as from the bottom, from whatever line it is measured', () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 200 }), fc.integer({ min: 0, max: 40 }), (heightMm, lineMm) => {
      const variant = { ...aVariant(), body: { kind: 'rect' as const, widthMm: 300, heightMm: 400 } };
      for (const datum of [
        { kind: 'edge', lineMm, dropMm: 3, leftMm: 7 },
        { kind: 'hem', lineMm: 400 - lineMm, dropMm: 3, leftMm: 7 },
      ] as const) {
        const place = aPlace({ outline: aRect(100, heightMm), datum });
        const centred = { ...place, datum: centredDown(variant, place) };
        const { topMm } = placeGeometry(variant, centred);
        expect(topMm).toBeCloseTo((400 - heightMm) / 2, 1);
        expect(centred.datum).toMatchObject({ kind: datum.kind, lineMm: datum.lineMm, leftMm: 7 });
      }
    }),
  );
  const place = aPlace({ outline: aRect(80, 30), centring: BODY_MIDDLE });
  const wide = { ...aVariant(), body: { kind: 'rect' as const, widthMm: 500, heightMm: 400 } };
  expect(placeGeometry(wide, place).leftMm).toBe(210);
});

test('corners on a photo give the shape, and the position once the blank’s corner was shown', () => {
  const corners = [
    [300, 200],
    [500, 220],
    [480, 400],
  ] as const;
  const place = aPlace({ datum: { kind: 'edge', lineMm: 10, dropMm: 0, leftMm: 0 }, centring: BODY_MIDDLE });
  const scale = { mmPerPx: 0.5 };
  const shape = {
    kind: 'polygon',
    corners: [
      [0, 0],
      [100, 10],
      [90, 100],
    ],
  };
  expect(tracedPlace(place, scale, corners)).toEqual({ outline: shape });
  expect(tracedPlace(place, { ...scale, originPx: { xPx: 100, yPx: 50 } }, corners)).toEqual({
    outline: shape,
    centring: null,
    datum: { kind: 'edge', lineMm: 10, dropMm: 65, leftMm: 100 },
  });
  const hem = { ...place, datum: { kind: 'hem' as const, lineMm: 300, dropMm: 0, leftMm: 0 } };
  // Its lowest corner lies 175 mm down.
  expect(tracedPlace(hem, { ...scale, originPx: { xPx: 100, yPx: 50 } }, corners)!.datum!.dropMm).toBe(125);
  // A blank that begins beyond the place: nothing lies before its edge.
  expect(tracedPlace(place, { ...scale, originPx: { xPx: 400, yPx: 300 } }, corners)!.datum).toMatchObject({
    leftMm: 0,
    dropMm: 0,
  });
  expect(tracedPlace(place, { mmPerPx: null }, corners)).toBeNull();
  expect(tracedPlace(place, scale, corners.slice(0, 2))).toBeNull();
});
