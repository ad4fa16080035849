import fc from 'fast-check';
import { artCache } from '../artwork';
import { changePlace, changePlaceUse } from '../edit';
import { freeSpace } from '../place';
import { type Shape, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aPlace, aRect, aRun, aVariant, aZone, anArtwork, fitRun, shippedFaces } from '../test';
import { MOST_FOR_MIDDLE, heldFit, inkShape, inkWalls, isFree, largestFit, offMiddle } from '.';

const blank = aVariant(2000, 2000);
const inkOf = (text: string, sha = STAND_BLOCK_SHA) => inkShape(anArtwork(sha, [text]))!;
const spaceOf = (outline: Shape, part: Parameters<typeof aPlace>[0] = {}) =>
  freeSpace(blank, aPlace({ outline, ...part }))!;

const side = fc.integer({ min: 40, max: 200 });
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('ellipse' as const), widthMm: side, heightMm: side }),
  fc.record({ kind: fc.constant('taper' as const), topWidthMm: side, bottomWidthMm: side, heightMm: side }),
  fc.record({
    kind: fc.constant('ringPart' as const),
    innerRadiusMm: fc.integer({ min: 80, max: 300 }),
    outerRadiusMm: fc.integer({ min: 340, max: 400 }),
    sweepDeg: fc.integer({ min: 20, max: 60 }),
    outerAt: fc.constantFrom('top' as const, 'bottom' as const),
  }),
  fc.record({
    kind: fc.constant('roundedRect' as const),
    widthMm: side,
    heightMm: side,
    radiusMm: fc.integer({ min: 1, max: 20 }),
  }),
);

test('each axis is kept where keeping it costs at most a tenth, and given up only beyond that', () => {
  fc.assert(
    fc.property(anyShape, fc.stringMatching(/^[A-Z][a-z]{1,8}$/), fc.boolean(), (shape, text, hasZone) => {
      const zone = aZone('button', { kind: 'ellipse', widthMm: 12, heightMm: 12 }, 15, 10);
      const space = freeSpace(blank, aPlace({ outline: shape, clear: hasZone ? [zone] : [] }));
      fc.pre(space !== null);
      const ink = inkOf(text);
      const held = heldFit(ink, space!);
      const off = offMiddle(ink, space!, held);
      expect(isFree(ink, inkWalls(ink, space!), space!, held)).toBe(true);
      held.isHeld.forEach((isHeld, axis) => {
        if (isHeld) expect(Math.abs(off[axis]!)).toBeLessThan(1e-4);
      });
      expect(held.emMm).toBeGreaterThanOrEqual(held.most.emMm * (1 - MOST_FOR_MIDDLE) * 0.9999);
      expect(held.emMm).toBeLessThanOrEqual(held.most.emMm * 1.0001);
      // Whoever is off the middle would lose more than a tenth there.
      if (!held.isHeld.every(Boolean)) {
        expect(held.heldEmMm).toBeLessThan(held.most.emMm * (1 - MOST_FOR_MIDDLE) * 1.0001);
      }
    }),
    { numRuns: 30 },
  );
});

test('on a large oval letters lie in its middle, with descenders and without', () => {
  const space = spaceOf({ kind: 'ellipse', widthMm: 330, heightMm: 330 });
  for (const text of ['Wilhelmina', 'Lap', 'Gygax', 'Agamemnon']) {
    const ink = inkOf(text);
    const { xMm, yMm, emMm } = heldFit(ink, space);
    expect([xMm + (ink.widthEm * emMm) / 2, yMm + (ink.heightEm * emMm) / 2]).toEqual([
      expect.closeTo(165, 3),
      expect.closeTo(165, 3),
    ]);
  }
});

test('a zone in the middle moves the text off it, and a check says by how much and what the middle would cost', () => {
  const spec = changePlace(aRun(['Wilhelmina']), null, (place) => ({
    ...place,
    outline: aRect(180, 80),
    clear: [aZone('badge', aRect(60, 40), 60, 20)],
  }));
  const [fit] = fitRun(spec, artCache(shippedFaces())).fits;
  const [found] = fit!.findings.filter(({ kind }) => kind === 'offMiddle');
  expect(found).toMatchObject({ severity: 'check', acrossMm: expect.any(Number), downMm: expect.any(Number) });
  const middle = [fit!.xMm + fit!.inkWidthMm / 2 - 90, fit!.yMm + fit!.inkHeightMm / 2 - 40];
  if (found?.kind !== 'offMiddle') throw new Error('no finding');
  expect([found.acrossMm, found.downMm]).toEqual([expect.closeTo(middle[0]!, 3), expect.closeTo(middle[1]!, 3)]);
  // A text under the badge fits nowhere near its size: how far it would have to shrink is not looked for.
  expect([found.smallerPct, found.isMore]).toEqual([expect.closeTo(20, 6), true]);
});

test('a note offers what could be gained off the middle, and taking it gives just that', () => {
  const shape: Shape = { kind: 'taper', topWidthMm: 120, bottomWidthMm: 96, heightMm: 70 };
  const spec = changePlace(aRun(['Odalys']), null, (place) => ({ ...place, outline: shape }));
  const cache = artCache(shippedFaces());
  const [before] = fitRun(spec, cache).fits;
  const [note] = before!.findings.filter(({ kind }) => kind === 'largerOffMiddle');
  if (note?.kind !== 'largerOffMiddle') throw new Error('no note');
  const { entryId, useId, placeId } = before!.slot.ref;
  const own = { id: 'ownlieisit', at: { entryId, useId, placeId }, set: { kind: 'lie', at: 'largest' } } as const;
  const [after] = fitRun({ ...spec, overrides: [own as never] }, cache).fits;
  expect((after!.emMm / before!.emMm - 1) * 100).toBeCloseTo(note.largerPct, 4);
  const [told] = after!.findings.filter(({ kind }) => kind === 'offMiddle');
  if (told?.kind !== 'offMiddle') throw new Error('nothing told');
  expect(told.severity).toBe('note');
  expect(Math.hypot(told.acrossMm, told.downMm)).toBeCloseTo(note.offMm, 4);
});

describe('a clear zone in the loop of a letter', () => {
  const button = (mayLieInLoop: boolean) =>
    aZone('button', { kind: 'ellipse', widthMm: 6, heightMm: 6 }, 27, 27, mayLieInLoop);
  const ink = inkOf('O', HEAVY_SLAB_SHA);
  const sizeWith = (clear: Parameters<typeof aPlace>[0]) => largestFit(ink, spaceOf(aRect(60, 60), clear)).emMm;

  test('is stayed off unless it may lie there, and then costs nothing where the loop is wide enough', () => {
    const free = sizeWith({});
    expect(sizeWith({ clear: [button(true)] })).toBeCloseTo(free, 2);
    expect(sizeWith({ clear: [button(false)] })).toBeLessThan(free * 0.9);
    // A loop that is too narrow for it is none.
    const wide = aZone('badge', { kind: 'ellipse', widthMm: 40, heightMm: 40 }, 10, 10, true);
    expect(sizeWith({ clear: [wide] })).toBeLessThan(free * 0.9);
  });

  test('is told by a note with what it costs, and with what the tick would give', () => {
    const cache = artCache(shippedFaces());
    const withZone = (mayLieInLoop: boolean) =>
      changePlaceUse(
        changePlace(aRun(['O']), null, (place) => ({
          ...place,
          outline: aRect(60, 60),
          clear: [button(mayLieInLoop)],
        })),
        null,
        (place) => ({ ...place, letteringId: 'heavy-slab' }),
      );
    const [closed] = fitRun(withZone(false), cache).fits;
    const [open] = fitRun(withZone(true), cache).fits;
    const [note] = closed!.findings.filter(({ kind }) => kind === 'loopClosed');
    if (note?.kind !== 'loopClosed') throw new Error('no note');
    expect(note).toMatchObject({ severity: 'note', zone: 'button' });
    expect(closed!.capHeightMm + note.costMm).toBeCloseTo(open!.capHeightMm, 3);
    expect(closed!.capHeightMm * (1 + note.largerPct / 100)).toBeCloseTo(open!.capHeightMm, 3);
    expect(open!.findings.map(({ kind }) => kind)).not.toContain('loopClosed');
  });
});
