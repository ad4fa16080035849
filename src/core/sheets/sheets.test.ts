import { artCache } from '../artwork';
import fc from 'fast-check';

import { boxOfRings, outlineRings, ringArea } from '../geometry';
import type { RunSpec } from '../spec';
import { changeLayout, changeMaterial } from '../edit';
import { aBed, aRun, piecesOfRun, shippedFaces, withPlace } from '../test';
import { type PlannedPass, outlineOnBed, packBoxes, planPasses } from '.';

const cache = artCache(shippedFaces());
const wantedOf = (spec: RunSpec, attempt = 1) => piecesOfRun(spec, cache).map((piece) => ({ piece, attempt }));

const placedOn = ({ patches }: PlannedPass) => patches.flatMap(({ placed }) => placed);

const OPTIONS = aBed();
const box = fc.record({ width: fc.integer({ min: 1, max: 3200 }), height: fc.integer({ min: 1, max: 1500 }) });

test('packed boxes keep the edge clear and the spacing between them; the others are too large, none is lost', () => {
  fc.assert(
    fc.property(fc.array(box, { maxLength: 40 }), fc.boolean(), fc.nat(), (boxes, mayTurn, seed) => {
      const { beds, tooLarge } = packBoxes(boxes, 0, { ...OPTIONS, mayTurn, seed });
      const indices = [...beds.flat().map(({ index }) => index), ...tooLarge];
      expect(indices.sort((a, b) => a - b)).toEqual(boxes.map((_, i) => i));
      for (const onBed of beds) {
        const lying = onBed.map(({ index, x, y, isTurned }) => {
          const { width, height } = boxes[index]!;
          return isTurned ? { x, y, width: height, height: width } : { x, y, width, height };
        });
        expect(mayTurn || onBed.every(({ isTurned }) => !isTurned)).toBe(true);
        for (const [i, a] of lying.entries()) {
          expect(Math.min(a.x, a.y)).toBeGreaterThanOrEqual(OPTIONS.edge);
          expect(a.x + a.width).toBeLessThanOrEqual(OPTIONS.bedWidth - OPTIONS.edge);
          expect(a.y + a.height).toBeLessThanOrEqual(OPTIONS.bedHeight - OPTIONS.edge);
          for (const b of lying.slice(i + 1)) {
            const isApartX = a.x + a.width + 60 <= b.x || b.x + b.width + 60 <= a.x;
            const isApartY = a.y + a.height + 60 <= b.y || b.y + b.height + 60 <= a.y;
            expect(isApartX || isApartY).toBe(true);
          }
        }
      }
      for (const index of tooLarge) {
        const { width, height } = boxes[index]!;
        expect(width > 2900 && (!mayTurn || height > 2900 || width > 3900)).toBe(true);
      }
    }),
    { numRuns: 200 },
  );
});

test('a bed that is exactly full is found full: the spacing is owed between boxes only', () => {
  const options = {
    ...OPTIONS,
    bedWidth: 2 * 100 + 10 + 2 * 5,
    bedHeight: 3 * 100 + 2 * 10 + 2 * 5,
    spacing: 10,
    edge: 5,
  };
  const { beds } = packBoxes(Array(7).fill({ width: 100, height: 100 }), 0, options);
  expect(beds.map((onBed) => onBed.length)).toEqual([6, 1]);
});

test('a box is not turned into a gap that it makes longer', () => {
  const options = {
    bedWidth: 2_900_000,
    bedHeight: 20_000_000,
    spacing: 30_000,
    edge: 0,
    mayTurn: true,
    seed: 5,
    layouts: 8,
  };
  const names = [
    { width: 1_850_000, height: 350_000 },
    { width: 1_700_000, height: 240_000 },
  ];
  const { beds } = packBoxes(names, 0, options);
  expect(beds).toHaveLength(1);
  expect(beds[0]!.map(({ y, isTurned }) => [y, isTurned])).toEqual([
    [0, false],
    [380_000, false],
  ]);
  // What fits turned alone is turned all the same.
  const tall = packBoxes([{ width: 3_000_000, height: 240_000 }], 0, options);
  expect(tall.beds[0]![0]!.isTurned).toBe(true);
  expect(packBoxes([{ width: 3_000_000, height: 240_000 }], 0, { ...options, mayTurn: false }).tooLarge).toEqual([0]);
});

test('the same seed gives the same beds, and a larger budget never a longer layout', () => {
  const boxes = Array.from({ length: 40 }, (_, i) => ({
    width: 300 + ((i * 97) % 900),
    height: 150 + ((i * 53) % 200),
  }));
  const heightWith = (layouts: number) => {
    const options = { ...OPTIONS, bedHeight: 100_000, layouts };
    const packed = packBoxes(boxes, 0, options);
    expect(packBoxes(boxes, 0, options)).toEqual(packed);
    expect(packed.layouts).toBe(layouts);
    const low = packed.beds[0]!.map(({ index, y, isTurned }) => y + boxes[index]![isTurned ? 'width' : 'height']);
    return Math.max(...low);
  };
  const heights = [4, 50, 400].map(heightWith);
  expect(heights).toEqual([...heights].sort((a, b) => b - a));
  expect(heights[2]).toBeLessThan(heights[0]!);
});

test('each further layout is taken only when it is no longer: from one to two, from two to three', () => {
  const sizes = fc.record({ width: fc.integer({ min: 50, max: 900 }), height: fc.integer({ min: 50, max: 900 }) });
  fc.assert(
    fc.property(fc.array(sizes, { minLength: 1, maxLength: 14 }), (boxes) => {
      const lengthWith = (layouts: number) => {
        const { beds } = packBoxes(boxes, 0, { ...OPTIONS, bedHeight: 100_000, layouts });
        return Math.max(...beds[0]!.map(({ index, y, isTurned }) => y + boxes[index]![isTurned ? 'width' : 'height']));
      };
      const lengths = [1, 2, 3, 4].map(lengthWith);
      expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
    }),
    { numRuns: 60, seed: 12 },
  );
});

test('layouts are as many as can be afforded, whole ones, from two to two and a half thousand', () => {
  const numPieces = 70;
  const spec = aRun(Array.from({ length: numPieces }, (_, i) => `Bo ${i}`));
  const [first] = planPasses(spec, wantedOf(spec)).passes;
  expect(first!.layouts * numPieces ** 2).toBeLessThanOrEqual(6_000_000);
  expect((first!.layouts + 1) * numPieces ** 2).toBeGreaterThan(6_000_000);
  const few = aRun(['Bo', 'Ann', 'Dorothea', 'Ida', 'Vincent', 'Marguerite', 'Oz']);
  expect(planPasses(few, wantedOf(few)).passes[0]!.layouts).toBe(2500);
});

test('what is wanted first lies before everything else', () => {
  const boxes = Array.from({ length: 60 }, (_, i) => ({ width: i < 3 ? 200 : 1400, height: i < 3 ? 100 : 900 }));
  const { beds } = packBoxes(boxes, 3, OPTIONS);
  expect(beds.length).toBeGreaterThan(1);
  expect(beds[0]!.filter(({ index }) => index < 3)).toHaveLength(3);
});

test('every wanted piece lies in a pass or is named as too large, each once', () => {
  const spec = changeLayout(withPlace(aRun(['Ann', 'Bo', 'Montgomery', 'Di']), 300, 80, 'stand-block'), { edgeMm: 5 });
  const { passes, unplaced } = planPasses(spec, wantedOf(spec));
  expect(unplaced.map(({ piece }) => piece.text[0])).toEqual(['Montgomery']);
  expect(unplaced[0]).toMatchObject({ kind: 'largerThanBed', roomWidthMm: 280, roomHeightMm: 280 });
  expect(
    passes
      .flatMap(placedOn)
      .map(({ piece }) => piece.text[0])
      .sort(),
  ).toEqual(['Ann', 'Bo', 'Di']);
});

test('a patch is as deep as its lowest piece with the edge, in whole millimetres, and no deeper than the bed', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.stringMatching(/^[A-Z][a-z]{1,7}$/), { minLength: 1, maxLength: 8 }),
      fc.integer({ min: 0, max: 200 }),
      fc.integer({ min: 60, max: 180 }),
      (names, edgeTenths, widthMm) => {
        const spec = changeLayout(withPlace(aRun(names), widthMm, 31, 'stand-block'), { edgeMm: edgeTenths / 10 });
        const bed = spec.shop.beds.find(({ id }) => id === spec.layout.bedId)!.value;
        for (const pass of planPasses(spec, wantedOf(spec)).passes) {
          for (const { w, h, placed, usedShare } of pass.patches) {
            const ends = placed.map(({ piece, y, turnDeg }) => y + (turnDeg === 90 ? piece.box.maxX : piece.box.maxY));
            const needed = Math.max(...ends) + edgeTenths * 1000;
            expect(w).toBe(bed.widthMm * 10_000);
            expect(h).toBe(Math.min(bed.heightMm * 10_000, Math.ceil(needed / 10_000) * 10_000));
            const covered = placed.reduce((sum, { piece }) => sum + piece.box.maxX * piece.box.maxY, 0);
            expect(usedShare).toBeCloseTo(covered / (w * h), 12);
          }
        }
      },
    ),
    { numRuns: 12 },
  );
});

test('reversal follows the material and nothing else', () => {
  const film = aRun(['Ann']);
  const adhesive = changeMaterial(film, null, 'adhesive-silver');
  expect(planPasses(film, wantedOf(film)).passes[0]).toMatchObject({
    patches: [{ materialId: 'film-gold', isReversed: true }],
  });
  expect(planPasses(adhesive, wantedOf(adhesive)).passes[0]).toMatchObject({
    patches: [{ materialId: 'adhesive-silver', isReversed: false }],
  });
});

test('recuts lie in the first pass, however many other pieces wait', () => {
  const spec = aRun(Array.from({ length: 25 }, (_, i) => `Name${'abcdefghijklmnopqrstuvwxy'[i]}`));
  const wanted = wantedOf(spec).map((want, i) => ({ ...want, attempt: i === 24 ? 2 : 1 }));
  const { passes } = planPasses(spec, wanted);
  expect(passes.length).toBeGreaterThan(1);
  expect(placedOn(passes[0]!).some(({ attempt }) => attempt === 2)).toBe(true);
});

test('narrow pieces share the bed with wide ones instead of asking for another', () => {
  const names = ['Fitzgerald', 'Montgomery', 'Abernethy', 'Jo', 'Bo', 'Um', 'Al'];
  const spec = withPlace(aRun(names), 180, 40, 'stand-block');
  const { passes } = planPasses(spec, wantedOf(spec));
  expect(passes).toHaveLength(1);
  expect(passes[0]!.patches[0]!.usedShare).toBeGreaterThan(0.55);
});

test('a piece lies mirrored first and turned after it, inside its turned box', () => {
  const [{ piece }] = wantedOf(aRun(['Ann'])) as [ReturnType<typeof wantedOf>[number]];
  const { maxX: width, maxY: height } = piece.box;
  const turned = outlineOnBed(piece.outline, { x: 100, y: 200, turnDeg: 90, reversed: false });
  expect(boxOfRings(outlineRings(turned))).toEqual({ minX: 100, minY: 200, maxX: 100 + height, maxY: 200 + width });
  const both = outlineOnBed(piece.outline, { x: 0, y: 0, turnDeg: 90, reversed: true });
  const [x0, y0] = piece.outline.islands[0]!.outer;
  // Mirrored: (w − x, y). Turned clockwise: (h − y, w − x). Mirroring turns rings round, so the point is looked for.
  const points = both.islands.flatMap(({ outer }) =>
    Array.from({ length: outer.length / 2 }, (_, i) => `${outer[2 * i]} ${outer[2 * i + 1]}`),
  );
  expect(points).toContain(`${height - y0!} ${width - x0!}`);
  for (const { outer } of both.islands) expect(ringArea(outer)).toBeGreaterThan(0);
});

test('every point of a piece lies where mirroring, then turning, then moving puts it', () => {
  const [{ piece }] = wantedOf(aRun(['Bq'])) as [ReturnType<typeof wantedOf>[number]];
  const { maxX: width, maxY: height } = piece.box;
  const pointsOf = (outline: typeof piece.outline) =>
    [...outlineRings(outline)].flatMap((ring) =>
      Array.from({ length: ring.length / 2 }, (_, i) => `${ring[2 * i]} ${ring[2 * i + 1]}`),
    );
  const at = fc.integer({ min: -5000, max: 5000 });
  fc.assert(
    fc.property(at, at, fc.constantFrom<0 | 90>(0, 90), fc.boolean(), (x, y, turnDeg, reversed) => {
      const expected = pointsOf(piece.outline).map((point) => {
        const [px, py] = point.split(' ').map(Number) as [number, number];
        const mirrored = reversed ? width - px : px;
        return turnDeg === 0 ? `${mirrored + x} ${py + y}` : `${height - py + x} ${mirrored + y}`;
      });
      expect(pointsOf(outlineOnBed(piece.outline, { x, y, turnDeg, reversed })).sort()).toEqual(expected.sort());
    }),
    { numRuns: 20 },
  );
});

test('boxes as wide and as high as the room lie alone on their beds, not turned where turning is not allowed', () => {
  const options = aBed({ mayTurn: false });
  const [width, height] = [options.bedWidth - 2 * options.edge, options.bedHeight - 2 * options.edge];
  const { beds, tooLarge } = packBoxes(
    [
      { width, height: 10 },
      { width: 10, height },
      { width, height },
    ],
    0,
    options,
  );
  expect(tooLarge).toEqual([]);
  expect(beds.flat()).toHaveLength(3);
  const more = packBoxes(
    [
      { width: width + 1, height: 10 },
      { width: 10, height: height + 1 },
    ],
    0,
    options,
  );
  expect(more).toMatchObject({ beds: [], tooLarge: [0, 1] });
});

test('a stop keeps the piece out of every pass', () => {
  const spec = aRun(['Ann', '漢']);
  expect(wantedOf(spec).map(({ piece }) => piece.text[0])).toEqual(['Ann']);
});
