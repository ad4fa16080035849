import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { type Outline, boxOfRings, outlineArea, outlineRings, sweepOutline } from '../geometry';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, type LayerMake, STAND_BLOCK_SHA } from '../shop';
import type { SlotLayer } from '../resolve';
import { aRunOfLetters, distanceToEdges, isOnInk, shippedFaces } from '../test';
import { drawArtwork } from '.';

const EM_MM = 40;
const MM = EM_UNITS / EM_MM;
const SHORT = 0.02 * MM + 2;

type Made = Pick<SlotLayer, 'make' | 'under'>;
const TEXT: Made = { make: { kind: 'text' } };

function drawn(text: string, made: readonly Made[], face = STAND_BLOCK_SHA) {
  const layers = made.map((one, i) => ({ colourSlot: one.make.kind === 'text' ? 'main' : `slot ${i}`, ...one }));
  return drawArtwork(
    { leadFace: face, lines: [{ no: 0, runs: [aRunOfLetters(text, face)] }], layers, widthShare: 1 },
    shippedFaces(),
  );
}

const mm = (value: number) => ({ by: 'mm', mm: value }) as const;
const names = fc.stringMatching(/^[A-Z][a-z]{1,5}$/);
const faces = fc.constantFrom(BRASS_SCRIPT_SHA, STAND_BLOCK_SHA, HEAVY_SLAB_SHA);
const some = fc.double({ min: 0, max: 1, noNaN: true });

/** Points of a box, spread by chance. */
function* pointsIn(outline: Outline, seed: number, count = 60) {
  const box = boxOfRings(outlineRings(outline))!;
  let state = Math.abs(seed % 2_147_483_000) + 1;
  const chance = () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  for (let i = 0; i < count; i++) {
    yield [
      box.minX - MM + chance() * (box.maxX - box.minX + 2 * MM),
      box.minY - MM + chance() * (box.maxY - box.minY + 2 * MM),
    ] as const;
  }
}

test('a cast edge is all that the letters pass over on their way, and nothing else', () => {
  fc.assert(
    fc.property(names, faces, some, fc.integer({ min: 0, max: 360 }), fc.integer(), (text, face, far, deg, seed) => {
      const castMm = 0.4 + 4 * far;
      const { layers } = drawn(
        text,
        [{ make: { kind: 'castEdge', distance: mm(castMm), towardDeg: deg } }, TEXT],
        face,
      ).at(EM_MM);
      const [edge, letters] = layers.map(({ outline }) => outline) as [Outline, Outline];
      const [dx, dy] = [castMm * MM * Math.cos((deg / 180) * Math.PI), castMm * MM * Math.sin((deg / 180) * Math.PI)];
      for (const [x, y] of pointsIn(edge, seed)) {
        if (distanceToEdges(edge, x, y) < 0.05 * MM) continue;
        // Looked back along the way that they came, in steps finer than any stroke is long.
        const wasPassed = Array.from({ length: 401 }, (_, i) => i / 400).some((t) =>
          isOnInk(letters, x - t * dx, y - t * dy),
        );
        expect([x, y, isOnInk(edge, x, y)]).toEqual([x, y, wasPassed]);
      }
    }),
    { numRuns: 15 },
  );
});

test('swept nowhere it is itself; swept back and forth it covers the same', () => {
  const { outline } = drawn('Bo', [TEXT]);
  expect(sweepOutline(outline, 0.2, -0.4, 0)).toBe(outline);
  const there = sweepOutline(outline, 30_000, 7_000, 0);
  const back = sweepOutline(outline, -30_000, -7_000, 0);
  expect(outlineArea(there)).toBeCloseTo(outlineArea(back), -3);
  expect(outlineArea(there)).toBeGreaterThan(outlineArea(outline));
});

test('a line inside keeps its distance from the edge of the letters, and its width', () => {
  fc.assert(
    fc.property(names, some, fc.integer(), (text, share, seed) => {
      const [inMm, lineMm] = [0.2 + 0.6 * share, 0.4];
      const inside = (line: number | null): Made => ({ make: { kind: 'inside', distance: mm(inMm), lineMm: line } });
      const { layers } = drawn(text, [TEXT, inside(null), inside(lineMm)], HEAVY_SLAB_SHA).at(EM_MM);
      const [letters, whole, line] = layers.map(({ outline }) => outline) as [Outline, Outline, Outline];
      for (const [x, y] of pointsIn(letters, seed, 100)) {
        const off = isOnInk(letters, x, y) ? distanceToEdges(letters, x, y) : 0;
        if (Math.abs(off - inMm * MM) > SHORT) expect(isOnInk(whole, x, y)).toBe(off > inMm * MM);
        const isNearEnd = Math.abs(off - (inMm + lineMm) * MM) <= SHORT || Math.abs(off - inMm * MM) <= SHORT;
        if (!isNearEnd) expect(isOnInk(line, x, y)).toBe(off > inMm * MM && off < (inMm + lineMm) * MM);
      }
    }),
    { numRuns: 12 },
  );
});

describe('bodies', () => {
  const backing = (body: 'box' | 'rounded' | 'grown', by: number): Made => ({
    make: { kind: 'backing', body, distance: mm(by), hole: null },
  });

  test('a rectangle reaches as far on every side; with round corners it is less by what they take', () => {
    const { layers } = drawn('Odalys', [backing('box', 5), backing('rounded', 5), TEXT]).at(EM_MM);
    const [box, rounded, letters] = layers;
    for (const part of ['minX', 'minY'] as const) {
      expect(letters!.inkBox![part] - box!.inkBox![part]).toBe(5 * MM);
      expect(Math.abs(letters!.inkBox![part] - rounded!.inkBox![part] - 5 * MM)).toBeLessThan(SHORT);
    }
    expect(box!.outline.islands[0]!.outer).toHaveLength(8);
    const corners = (4 - Math.PI) * (5 * MM) ** 2;
    expect((outlineArea(box!.outline) - outlineArea(rounded!.outline)) / corners).toBeCloseTo(1, 1);
  });

  test('one that follows the letters has no hole, covers them by its distance and closes the bays between them', () => {
    fc.assert(
      fc.property(names, faces, fc.integer(), (text, face, seed) => {
        const { layers } = drawn(text, [backing('grown', 3), TEXT], face).at(EM_MM);
        const [body, letters] = layers.map(({ outline }) => outline) as [Outline, Outline];
        expect(body.islands.flatMap(({ holes }) => holes)).toEqual([]);
        for (const [x, y] of pointsIn(letters, seed)) {
          if (isOnInk(letters, x, y) || distanceToEdges(letters, x, y) < 2.9 * MM)
            expect(isOnInk(body, x, y)).toBe(true);
        }
        for (const ring of outlineRings(body)) {
          for (let i = 0; i < ring.length; i += 20) {
            expect(distanceToEdges(letters, ring[i]!, ring[i + 1]!)).toBeGreaterThan(3 * MM - SHORT);
          }
        }
      }),
      { numRuns: 10 },
    );
  });

  test('a plate is its body without the letters, and what is inside them falls apart from it', () => {
    const plate: Made = { make: { kind: 'plate', body: 'box', distance: mm(4), hole: null } };
    const { layers, inkBox } = drawn('Bo', [plate]).at(EM_MM);
    const { outline: letters } = drawn('Bo', [TEXT]);
    const [{ outline }] = layers as [(typeof layers)[number]];
    const body = (inkBox!.maxX - inkBox!.minX) * (inkBox!.maxY - inkBox!.minY);
    expect(outlineArea(outline) / (body - outlineArea(letters))).toBeCloseTo(1, 6);
    // Two in the B, one in the o, and the plate.
    expect(outline.islands).toHaveLength(4);
  });

  test('without a size it ends where its letters do, and says how far it will reach; square corners reach farther', () => {
    const at = (made: Made) => drawn('Bo', [made, TEXT]);
    const [box, round] = [at(backing('box', 6)), at(backing('rounded', 6))];
    expect([box.beyondMm, round.beyondMm]).toEqual([6 * Math.SQRT2, 6]);
    expect(round.layers[0]!.inkBox).toEqual(round.layers[1]!.inkBox);
    const grows = at({ make: { kind: 'backing', body: 'box', distance: { by: 'height', share: 0.5 }, hole: null } });
    expect([grows.beyondMm, grows.at(90) === grows]).toEqual([0, true]);
  });
});

describe('what lies below others', () => {
  const border = (under: SlotLayer['under']): Made => ({
    make: { kind: 'border', distance: mm(2.5), fillsUnderMm: 0 },
    under,
  });

  test('a trap leaves a rim of its width below the letters, an inlay its gap around them', () => {
    fc.assert(
      fc.property(names, faces, fc.integer(), (text, face, seed) => {
        const at = (under: SlotLayer['under']) => drawn(text, [border(under), TEXT], face).at(EM_MM).layers;
        const [whole, letters] = at(undefined).map(({ outline }) => outline) as [Outline, Outline];
        const [trap] = at({ kind: 'trap', mm: 0.5 });
        const [inlay] = at({ kind: 'inlay', mm: 0.2 });
        for (const [x, y] of pointsIn(whole, seed, 100)) {
          const off = (isOnInk(letters, x, y) ? -1 : 1) * distanceToEdges(letters, x, y);
          const isWhole = isOnInk(whole, x, y);
          if (Math.abs(off + 0.5 * MM) > SHORT) expect(isOnInk(trap!.outline, x, y)).toBe(isWhole && off > -0.5 * MM);
          if (Math.abs(off - 0.2 * MM) > SHORT) expect(isOnInk(inlay!.outline, x, y)).toBe(isWhole && off > 0.2 * MM);
        }
      }),
      { numRuns: 12 },
    );
  });

  test('no edge of an inlay is nearer to the letters than its gap', () => {
    const [inlay, letters] = drawn('Gwen', [border({ kind: 'inlay', mm: 0.3 }), TEXT]).at(EM_MM).layers;
    for (const ring of outlineRings(inlay!.outline)) {
      for (let i = 0; i < ring.length; i += 2) {
        expect(distanceToEdges(letters!.outline, ring[i]!, ring[i + 1]!)).toBeGreaterThan(0.3 * MM - SHORT);
      }
    }
  });

  test('together they cover what the whole one covers, with an inlay all but the gap', () => {
    const whole = drawn('Bo', [border(undefined), TEXT]).at(EM_MM);
    const trap = drawn('Bo', [border({ kind: 'trap', mm: 1 }), TEXT]).at(EM_MM);
    expect(trap.inkBox).toEqual(whole.inkBox);
    expect(outlineArea(trap.outline) / outlineArea(whole.outline)).toBeCloseTo(1, 4);
    const inlay = drawn('Bo', [border({ kind: 'inlay', mm: 0 }), TEXT]).at(EM_MM);
    expect(outlineArea(inlay.outline) / outlineArea(whole.outline)).toBeCloseTo(1, 4);
  });

  test('of three each is taken out below all that lie above it', () => {
    const made: readonly Made[] = [
      border({ kind: 'inlay', mm: 0 }),
      { make: { kind: 'border', distance: mm(1), fillsUnderMm: 0 } },
      TEXT,
    ];
    const [outer, inner] = drawn('Bo', made).at(EM_MM).layers;
    const [whole] = drawn('Bo', [border(undefined), TEXT]).at(EM_MM).layers;
    const left = outlineArea(whole!.outline) - outlineArea(inner!.outline);
    expect(outlineArea(outer!.outline) / left).toBeCloseTo(1, 4);
  });
});

test('whatever kinds lie over each other, all of their ink together is what has to stay in the place', () => {
  const kinds: readonly LayerMake[] = [
    { kind: 'border', distance: mm(2), fillsUnderMm: 0.5 },
    { kind: 'border', distance: mm(3), fillsUnderMm: 0.5 },
    { kind: 'castEdge', distance: mm(3), towardDeg: 200 },
    { kind: 'backing', body: 'grown', distance: mm(1), hole: null },
    { kind: 'inside', distance: mm(0.4), lineMm: null },
  ];
  fc.assert(
    fc.property(fc.shuffledSubarray([...kinds], { minLength: 1 }), fc.constantFrom('Bo', 'Iljak'), (chosen, text) => {
      const under = chosen.filter(({ kind }) => kind !== 'inside').map((make): Made => ({ make }));
      const upper = chosen.filter(({ kind }) => kind === 'inside').map((make): Made => ({ make }));
      const { layers, inkBox, outline } = drawn(text, [...under, TEXT, ...upper]).at(EM_MM);
      expect(inkBox).toEqual(boxOfRings(layers.flatMap((one) => [...outlineRings(one.outline)])));
      for (const layer of layers) {
        for (const ring of outlineRings(layer.outline)) {
          for (let i = 0; i < ring.length; i += 30) {
            const [x, y] = [ring[i]!, ring[i + 1]!];
            expect(isOnInk(outline, x, y) || distanceToEdges(outline, x, y) < SHORT).toBe(true);
          }
        }
      }
    }),
    { numRuns: 20 },
  );
});
