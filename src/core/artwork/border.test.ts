import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { type Outline, growOutline, largestDisc, outlineRings } from '../geometry';
import { type BorderMake, BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aBorder, aRunOfLetters, distanceToEdges, isOnInk, shippedFaces } from '../test';
import { artCache, drawArtwork } from '.';

const EM_MM = 30;
const MM = EM_UNITS / EM_MM;

function drawn(text: string, borders: readonly BorderMake[], face = BRASS_SCRIPT_SHA, widthShare = 1) {
  const layers = [
    ...borders.map((make, i) => ({ colourSlot: `border ${i}`, make })),
    { colourSlot: 'main', make: { kind: 'text' as const } },
  ];
  const lines = [{ no: 0, runs: [aRunOfLetters(text, face)] }];
  return drawArtwork({ leadFace: face, lines, layers, widthShare }, shippedFaces());
}

const names = fc.stringMatching(/^[A-Z][a-z]{2,6}$/);
const faces = fc.constantFrom(BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, HEAVY_SLAB_SHA);
const holesIn = ({ islands }: Outline) => islands.flatMap(({ holes }) => holes);

/** As far as its edge may be off: arcs within the true ones, points left out. */
const SHORT = 0.02 * MM + 2;

test('its edge is everywhere so far from the letters, whatever they are, also drawn narrower', () => {
  fc.assert(
    fc.property(
      names,
      faces,
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      fc.boolean(),
      (text, face, mm, isNarrow) => {
        const { layers } = drawn(text, [aBorder(mm)], face, isNarrow ? 0.8 : 1).at(EM_MM);
        const [border, letters] = layers.map(({ outline }) => outline);
        let at = 0;
        for (const ring of outlineRings(border!)) {
          for (let i = 0; i < ring.length; i += 2) {
            // Every seventh will do: each is held against every edge of the letters.
            if (at++ % 7 > 0) continue;
            const off = distanceToEdges(letters!, ring[i]!, ring[i + 1]!);
            expect(Math.abs(off - mm * MM)).toBeLessThanOrEqual(SHORT);
          }
        }
      },
    ),
    { numRuns: 12 },
  );
});

test('what lies nearer is covered, what lies farther is not', () => {
  fc.assert(
    fc.property(names, faces, fc.double({ min: 0.4, max: 3, noNaN: true }), fc.integer(), (text, face, mm, seed) => {
      const { layers, inkBox } = drawn(text, [aBorder(mm)], face).at(EM_MM);
      const [border, letters] = layers.map(({ outline }) => outline);
      let state = Math.abs(seed) + 1;
      const chance = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
      for (let i = 0; i < 60; i++) {
        const x = inkBox!.minX + chance() * (inkBox!.maxX - inkBox!.minX);
        const y = inkBox!.minY + chance() * (inkBox!.maxY - inkBox!.minY);
        const off = isOnInk(letters!, x, y) ? 0 : distanceToEdges(letters!, x, y);
        if (Math.abs(off - mm * MM) <= SHORT) continue;
        expect([x, y, isOnInk(border!, x, y)]).toEqual([x, y, off < mm * MM]);
      }
    }),
    { numRuns: 12 },
  );
});

test('a hole of the letters stays open exactly while the largest disc in it is wider than the border', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[ABeago8]{2,4}$/),
      faces,
      fc.double({ min: 0.4, max: 5, noNaN: true }),
      (text, face, mm) => {
        const { layers } = drawn(text, [aBorder(mm)], face).at(EM_MM);
        const [border, letters] = layers;
        const { reachEm, holeRadiiEm } = border!.border!;
        expect(reachEm * EM_MM).toBeCloseTo(mm, 9);
        expect(holeRadiiEm).toHaveLength(holesIn(letters!.outline).length);
        fc.pre(holeRadiiEm.every((radius) => Math.abs(radius - reachEm) > 0.001));
        // Holes of the border that lie in holes of the letters; the others are bays between letters that were closed.
        const open = holesIn(letters!.outline).filter((hole) => {
          const { x, y } = largestDisc(hole, 100);
          return !isOnInk(border!.outline, x, y);
        });
        expect(open).toHaveLength(holeRadiiEm.filter((radius) => radius > reachEm).length);
      },
    ),
    { numRuns: 40 },
  );
});

test('holes and slits that are narrower than asked are filled, and nothing else is otherwise', () => {
  fc.assert(
    fc.property(
      names,
      faces,
      fc.double({ min: 0.4, max: 3, noNaN: true }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (text, face, mm, fills) => {
        const [plain] = drawn(text, [aBorder(mm)], face).at(EM_MM).layers;
        const [filled] = drawn(text, [aBorder(mm, { fillsUnderMm: fills })], face).at(EM_MM).layers;
        // And a hair more, so that what is left open is measured as wide.
        expect(filled!.border!.fillsUnderEm * EM_MM).toBeCloseTo(fills + 0.03, 9);
        expect(filled!.inkBox!.minX).toBeGreaterThan(plain!.inkBox!.minX - SHORT);
        expect(filled!.inkBox!.minX).toBeLessThan(plain!.inkBox!.minX + SHORT);
        // Every hole that is left holds a disc of that width, and so does every way between two edges: seen from a sample of
        // them half of it away, nothing is nearer.
        for (const hole of holesIn(filled!.outline)) {
          expect(largestDisc(hole, 50).radius).toBeGreaterThan((fills / 2) * MM);
        }
        for (const ring of outlineRings(plain!.outline)) {
          for (let i = 0; i < ring.length; i += 40) {
            const [x, y] = [ring[i]!, ring[i + 1]!];
            // What was covered stays covered.
            if (!isOnInk(filled!.outline, x, y)) expect(distanceToEdges(filled!.outline, x, y)).toBeLessThan(2 * SHORT);
          }
        }
      },
    ),
    { numRuns: 15 },
  );
});

test('two letters whose borders nearly touch become one, instead of standing a hair apart', () => {
  const numIslands = (fillsUnderMm: number) =>
    drawn('HH', [aBorder(1.2, { fillsUnderMm })], STAND_BLOCK_SHA).at(24).layers[0]!.outline.islands.length;
  const gapMm = (() => {
    const { islands } = drawn('HH', [], STAND_BLOCK_SHA).outline;
    const [left, right] = islands
      .map(({ outer }) => outer.filter((_, i) => i % 2 === 0))
      .map((xs) => [Math.min(...xs), Math.max(...xs)]);
    const [first, second] = left![0]! < right![0]! ? [left!, right!] : [right!, left!];
    return ((second[0]! - first[1]!) / EM_UNITS) * 24;
  })();
  const openMm = gapMm - 2.4;
  expect(openMm).toBeGreaterThan(0);
  expect([numIslands(0), numIslands(openMm - 0.06), numIslands(openMm + 0.02)]).toEqual([2, 2, 1]);
});

describe('sizes', () => {
  test('what keeps millimetres has no ink before there is a size, and is another shape at each', () => {
    const artwork = drawn('Odalys', [aBorder(2)]);
    expect(artwork.layers[0]!.inkBox).toBeNull();
    expect([artwork.beyondMm, artwork.inkBox]).toEqual([2, artwork.layers[1]!.inkBox]);
    for (const emMm of [10, 30, 80]) {
      const sized = artwork.at(emMm);
      const [border, letters] = sized.layers;
      const beyondMm = ((letters!.inkBox!.minX - border!.inkBox!.minX) / EM_UNITS) * emMm;
      expect(Math.abs(beyondMm - 2)).toBeLessThan((SHORT / EM_UNITS) * emMm);
      // The border covers its letters: it is all that has to stay in the place.
      expect([sized.inkBox, sized.outline]).toEqual([border!.inkBox, border!.outline]);
      // Letters are letters at any size, and are not drawn again.
      expect(letters).toBe(artwork.layers[1]);
      expect(artwork.at(emMm)).toBe(sized);
    }
    expect(artwork.at(0).layers[0]!.inkBox).toBeNull();
  });

  test('one that grows with the letters is made once, a share of their capitals wide', () => {
    const artwork = drawn('Odalys', [aBorder(0, { distance: { by: 'height', share: 0.1 } })], STAND_BLOCK_SHA);
    expect(artwork.at(70)).toBe(artwork);
    expect(artwork.beyondMm).toBe(0);
    const [border, letters] = artwork.layers;
    expect(border!.border!.reachEm).toBeCloseTo(0.1 * artwork.capHeightEm, 9);
    const beyond = letters!.inkBox!.minX - border!.inkBox!.minX;
    expect(Math.abs(beyond - 0.1 * artwork.capHeightEm * EM_UNITS)).toBeLessThan(SHORT);
  });

  test('of several the widest says where all ends, and each is as wide as it says, from the letters', () => {
    const artwork = drawn('Bo', [aBorder(3), aBorder(1.2)]).at(EM_MM);
    const letters = artwork.layers[2]!;
    const beyond = artwork.layers.map(({ inkBox }) => (letters.inkBox!.minY - inkBox!.minY) / MM);
    expect(beyond).toEqual([expect.closeTo(3, 1), expect.closeTo(1.2, 1), 0]);
    expect(artwork.outline).toBe(artwork.layers[0]!.outline);
    // The other way round it is the same ink, however they lie.
    expect(drawn('Bo', [aBorder(1.2), aBorder(3)]).at(EM_MM).inkBox).toEqual(artwork.inkBox);
  });

  test('without ink there is none around it', () => {
    const artwork = drawn(' ', [aBorder(2)]).at(EM_MM);
    expect(artwork.inkBox).toBeNull();
    expect(artwork.layers.map(({ inkBox }) => inkBox)).toEqual([null, null]);
  });
});

test('a grown outline is grown in one step as in two, and none is itself', () => {
  const { outline } = drawn('Hen', [], STAND_BLOCK_SHA);
  const by = (distance: number, from = outline) => growOutline(from, { distance, tolerance: 20, leastArea: 0 });
  expect(by(0)).toBe(outline);
  const once = by(1.5 * MM);
  for (const ring of outlineRings(by(0.5 * MM, by(MM)))) {
    for (let i = 0; i < ring.length; i += 10) {
      expect(distanceToEdges(once, ring[i]!, ring[i + 1]!)).toBeLessThan(0.01 * MM);
    }
  }
  // Shrunk by more than half of its strokes nothing is left.
  expect(by(-10 * MM).islands).toEqual([]);
});

test('with another border the letters are the same, whatever they are of; other letters are not', () => {
  const cache = artCache(shippedFaces());
  const jobOf = (text: string, ...borders: BorderMake[]) => {
    const layers = [
      ...borders.map((make, i) => ({ colourSlot: `border ${i}`, make })),
      { colourSlot: 'main', make: { kind: 'text' as const } },
    ];
    const runs = [aRunOfLetters(text, STAND_BLOCK_SHA)];
    return { leadFace: STAND_BLOCK_SHA, lines: [{ no: 0, runs }], layers, widthShare: 1 };
  };
  const lettersOf = (...args: Parameters<typeof jobOf>) => cache.draw(jobOf(...args)).layers.at(-1)!.outline;
  const letters = lettersOf('Bo', aBorder(2));
  expect(lettersOf('Bo', aBorder(3))).toBe(letters);
  expect(lettersOf('Bo', aBorder(3), aBorder(2))).toBe(letters);
  expect(lettersOf('Bob', aBorder(3))).not.toEqual(letters);
  // Without a border it is drawn as ever.
  expect(lettersOf('Bo')).toEqual(letters);
  expect(cache.numDrawn()).toBe(5);
});

test('a border lies around all letters, of whatever colours they are', () => {
  const runs = [aRunOfLetters('Od', STAND_BLOCK_SHA), aRunOfLetters('ys', STAND_BLOCK_SHA, { colourSlot: 'second' })];
  const text = (colourSlot: string) => ({ colourSlot, make: { kind: 'text' as const } });
  const { layers } = drawArtwork(
    {
      leadFace: STAND_BLOCK_SHA,
      lines: [{ no: 0, runs }],
      layers: [{ colourSlot: 'border', make: aBorder(2) }, text('main'), text('second')],
      widthShare: 1,
    },
    shippedFaces(),
  ).at(EM_MM);
  const [border, ...colours] = layers;
  for (const { outline } of colours) {
    for (const ring of outlineRings(outline)) expect(isOnInk(border!.outline, ring[0]!, ring[1]!)).toBe(true);
  }
  expect(border!.outline).toEqual(drawn('Odys', [aBorder(2)], STAND_BLOCK_SHA).at(EM_MM).layers[0]!.outline);
});
