import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { isPointInRing } from '../geometry';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, shippedFaces } from '../test';
import { nearestLetters, placedLetters } from '.';

const faceOf = shippedFaces();
const lineOf = (...runs: ReturnType<typeof aRunOfLetters>[]) => ({ no: 0, runs });
const word = (text: string, face = STAND_BLOCK_SHA, trackingEm = 0) =>
  lineOf(aRunOfLetters(text, face, { trackingEm }));

/** Points along all edges, so close that no distance is off by more than half their pitch. */
const PITCH = 10_000;
function pointsOf(rings: readonly Int32Array[], share: number): [number, number][] {
  return rings.flatMap((ring) => {
    const points: [number, number][] = [];
    for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
      const [ax, ay, bx, by] = [ring[j]! * share, ring[j + 1]!, ring[i]! * share, ring[i + 1]!];
      const steps = Math.max(1, Math.ceil(Math.hypot(bx - ax, by - ay) / PITCH));
      for (let k = 0; k < steps; k++) points.push([ax + ((bx - ax) * k) / steps, ay + ((by - ay) * k) / steps]);
    }
    return points;
  });
}

function gapOf(a: readonly Int32Array[], b: readonly Int32Array[], share: number): number {
  const [some, others] = [pointsOf(a, share), pointsOf(b, share)];
  let least = Infinity;
  for (const [x, y] of some) for (const [px, py] of others) least = Math.min(least, (x - px) ** 2 + (y - py) ** 2);
  return Math.sqrt(least);
}

test('the nearest two are the nearest of all neighbours, by a search of every point', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Za-z]{2,3}$/),
      fc.constantFrom(STAND_BLOCK_SHA, HEAVY_SLAB_SHA),
      fc.constantFrom(1, 0.85, 1.2),
      (text, face, share) => {
        const line = word(text, face, 0.03);
        const letters = placedLetters(line, faceOf);
        const gaps = letters.slice(1).map(({ rings }, i) => gapOf(letters[i]!.rings, rings, share));
        const least = Math.min(...gaps);
        const near = nearestLetters(line, faceOf, share);
        // Farther than half an em nobody asks.
        fc.pre(least < EM_UNITS / 2 && least > PITCH);
        expect(Math.abs(near!.gap - least)).toBeLessThan(PITCH);
        // Of two pairs that stand as near, either.
        const told = gaps.filter((gap) => gap < least + PITCH).map((gap) => gaps.indexOf(gap));
        expect(told.map((at) => [letters[at]!.character, letters[at + 1]!.character])).toContainEqual(near!.letters);
        expect(near!.run).toBe(0);
      },
    ),
    { numRuns: 15 },
  );
});

test('the spot lies between the two, half the gap from each', () => {
  const line = word('lI', STAND_BLOCK_SHA, 0.05);
  const [a, b] = placedLetters(line, faceOf);
  const { x, y, gap } = nearestLetters(line, faceOf)!;
  const off = (rings: readonly Int32Array[]) =>
    Math.min(...pointsOf(rings, 1).map(([px, py]) => Math.hypot(px - x, py - y)));
  expect(Math.abs(off(a!.rings) - gap / 2)).toBeLessThan(PITCH);
  expect(Math.abs(off(b!.rings) - gap / 2)).toBeLessThan(PITCH);
});

test('letters that touch have no gap, and the spot lies in both', () => {
  for (const line of [word('am', BRASS_SCRIPT_SHA), word('OO', STAND_BLOCK_SHA, -0.2)]) {
    const near = nearestLetters(line, faceOf)!;
    expect(near.gap).toBe(0);
    const [a, b] = placedLetters(line, faceOf);
    const isIn = (rings: readonly Int32Array[]) =>
      rings.some((ring) => isPointInRing(near.x, near.y, ring)) ||
      pointsOf(rings, 1).some(([x, y]) => Math.hypot(x - near.x, y - near.y) <= PITCH);
    expect([isIn(a!.rings), isIn(b!.rings)]).toEqual([true, true]);
  }
});

test('letters with a space between them, and one alone, are no neighbours', () => {
  expect(nearestLetters(word('A B'), faceOf)).toBeNull();
  expect(nearestLetters(word('A'), faceOf)).toBeNull();
  expect(nearestLetters(word(''), faceOf)).toBeNull();
});

test('across runs the second letter’s run is told; a mark belongs to its letter', () => {
  const line = lineOf(
    aRunOfLetters('O', STAND_BLOCK_SHA),
    aRunOfLetters('é', HEAVY_SLAB_SHA, { colourSlot: 'second' }),
  );
  expect(nearestLetters(line, faceOf)).toMatchObject({ letters: ['O', 'é'], run: 1 });
  expect(placedLetters(word('e\u0301a'), faceOf).map(({ character }) => character)).toEqual(['é', 'a']);
});
