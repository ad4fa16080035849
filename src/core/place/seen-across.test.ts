import fc from 'fast-check';
import { aPlace, aRect, aVariant } from '../test';
import { deepest, placeGeometry, seenMap, seenWhenCurved, seenWhenFilled } from '.';

/** Perimeter, and the part whose normal lies within an angle of the viewer, by adding up very short chords. */
function byChords(a: number, b: number, seenDeg: number) {
  const steps = 60_000;
  let [perimeter, seen] = [0, 0];
  const limit = (seenDeg * Math.PI) / 180;
  let [x, y] = [a, 0];
  for (let i = 1; i <= steps; i++) {
    const angle = (2 * Math.PI * i) / steps;
    const [nextX, nextY] = [a * Math.cos(angle), b * Math.sin(angle)];
    const length = Math.sqrt((nextX - x) ** 2 + (nextY - y) ** 2);
    perimeter += length;
    // The chord's own normal, to the outside; the viewer looks against +y.
    const lean = Math.abs(Math.atan2(nextY - y, x - nextX));
    if (y + nextY > 0 && Math.min(lean, Math.PI - lean) <= limit) seen += length;
    [x, y] = [nextX, nextY];
  }
  return { perimeter, seen };
}

test('the filled width agrees with chords added up, to 0.1 mm, and the cloth goes round exactly once', () => {
  let [worstSeen, worstRound] = [0, 0];
  fc.assert(
    fc.property(
      fc.double({ min: 60, max: 700, noNaN: true }),
      fc.double({ min: 0, max: 120, noNaN: true }),
      fc.double({ min: 0.08, max: 0.99, noNaN: true }),
      fc.double({ min: 20, max: 70, noNaN: true }),
      (widthMm, gussetMm, depth, seenDeg) => {
        const depthMm = depth * deepest(widthMm, gussetMm);
        const seen = seenWhenFilled(widthMm, { gussetMm, depthMm, seenDeg })!;
        const chords = byChords(seen.acrossMm, seen.depthMm, seenDeg);
        worstSeen = Math.max(worstSeen, Math.abs(chords.seen - seen.clothMm));
        worstRound = Math.max(worstRound, Math.abs(chords.perimeter - 2 * (widthMm + gussetMm)));
        expect(worstSeen).toBeLessThan(0.1);
        expect(worstRound).toBeLessThan(0.1);
      },
    ),
    { numRuns: 15 },
  );
});

test('an empty bag is seen nearly whole, a round one by its share of the circle, a deeper one not at all', () => {
  expect(seenWhenFilled(400, { gussetMm: 0, depthMm: 2, seenDeg: 40 })!.clothMm).toBeGreaterThan(395);
  const round = seenWhenFilled(400, { gussetMm: 0, depthMm: deepest(400, 0), seenDeg: 40 })!;
  expect(round.clothMm).toBeCloseTo((800 * 80) / 360, 3);
  expect(round.seenMm).toBeCloseTo((800 / Math.PI) * Math.sin((40 * Math.PI) / 180), 3);
  expect(seenWhenFilled(400, { gussetMm: 0, depthMm: 255, seenDeg: 40 })).toBeNull();
});

test('a curved front is an arc of its radius', () => {
  expect(seenWhenCurved(85, 40).clothMm).toBeCloseTo((85 * 80 * Math.PI) / 180, 6);
});

test('what rounds off is no room for lettering, on whichever side it lies', () => {
  const bag = aVariant(380, 420);
  const wrap = { kind: 'filled', gussetMm: 0, depthMm: 130, seenDeg: 40 } as const;
  const seenMm = seenWhenFilled(380, wrap)!.clothMm;
  const wide = placeGeometry(bag, aPlace({ outline: aRect(360, 100), wrap, datum: at(10) }));
  expect(wide.usable!.widthMm).toBeCloseTo(seenMm, 6);
  expect(wide.usable!.xMm + wide.usable!.widthMm / 2).toBeCloseTo(180, 6);
  const aside = placeGeometry(bag, aPlace({ outline: aRect(180, 100), wrap, datum: at(0) }));
  expect(aside.usable!.xMm).toBeCloseTo(190 - seenMm / 2, 6);
  expect(aside.usable!.xMm + aside.usable!.widthMm).toBeCloseTo(180, 6);
  const narrow = placeGeometry(bag, aPlace({ outline: aRect(100, 100), wrap, datum: at(140) }));
  expect([narrow.window, narrow.usable!.widthMm]).toEqual([null, 100]);
});

function at(leftMm: number) {
  return { kind: 'edge', lineMm: 0, dropMm: 100, leftMm } as const;
}

test('the front view of a filled bag narrows towards its sides and keeps its middle', () => {
  const bag = aVariant(380, 420);
  const wrap = { kind: 'filled', gussetMm: 0, depthMm: 130, seenDeg: 40 } as const;
  const place = aPlace({ outline: aRect(360, 100), wrap, datum: at(10) });
  const map = seenMap(bag, place);
  const { seen, usable } = placeGeometry(bag, place);
  expect(map(180, 7)).toEqual([0, 7]);
  expect(map(usable!.xMm, 0)[0]).toBeCloseTo(-seen!.seenMm / 2, 1);
  expect(map(200, 0)[0] - map(180, 0)[0]).toBeGreaterThan(map(340, 0)[0] - map(320, 0)[0]);
});

test('stretched goods are seen larger, folded ones by one of their parts', () => {
  const sock = aVariant(90, 300);
  const stretched = aPlace({ wrap: { kind: 'stretched', acrossPct: 25, downPct: 10 }, datum: at(0) });
  expect(seenMap(sock, stretched)(65, 20)).toEqual([25, 22]);
  const folded = placeGeometry(aVariant(600, 900), aPlace({ wrap: { kind: 'folded', acrossParts: 3, downParts: 2 } }));
  expect(folded.body).toEqual({ widthMm: 200, heightMm: 450 });
});
