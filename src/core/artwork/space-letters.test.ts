import fc from 'fast-check';
import { EM_UNITS } from '../faces';
import { boxOfRings, joinRings } from '../geometry';
import type { LetterStand, SetRun } from '../resolve';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { aRunOfLetters, shippedFaces } from '../test';
import { gapBetween } from './letter-gap';
import { type PlacedLetter, placedLetters } from './lay-line';

const faceOf = shippedFaces();
const CLOSE = 0.001 * EM_UNITS;
const capOf = (face: string) => faceOf(face).capHeightEm * EM_UNITS;

/** Letter by letter, those that are named set otherwise. */
function laid(text: string, face: string, own: Readonly<Record<number, LetterStand>> = {}, more: Partial<SetRun> = {}) {
  const runs = [...text].map((letter, i) => ({
    ...aRunOfLetters(letter, face),
    ...more,
    ...(own[i] ? { own: own[i] } : {}),
  }));
  return placedLetters({ no: 0, runs }, faceOf);
}

const gaps = (letters: readonly PlacedLetter[]) =>
  letters.slice(1).map(({ rings }, i) => gapBetween(letters[i]!.rings, rings, true, Infinity)!.distance);
const leftOf = ({ rings }: PlacedLetter) => boxOfRings(rings)!.minX;
const shifts = (a: readonly PlacedLetter[], b: readonly PlacedLetter[]) =>
  a.map((one, i) => leftOf(b[i]!) - leftOf(one));

test('no two letters stand nearer than the least gap, and no pair is drawn together by it', () => {
  fc.assert(
    fc.property(
      fc.stringMatching(/^[A-Z][a-z]{1,5}$/),
      fc.constantFrom(STAND_BLOCK_SHA, HEAVY_SLAB_SHA),
      fc.double({ min: 0.02, max: 0.3, noNaN: true }),
      (text, face, share) => {
        const plain = laid(text, face);
        const spaced = laid(text, face, {}, { leastGapShare: share });
        for (const gap of gaps(spaced)) expect(gap).toBeGreaterThan(share * capOf(face) - CLOSE);
        const by = shifts(plain, spaced);
        expect(by[0]).toBe(0);
        for (let i = 1; i < by.length; i++) expect(by[i]!).toBeGreaterThanOrEqual(by[i - 1]!);
      },
    ),
    { numRuns: 25 },
  );
});

test('a few pairs that are too near are pushed to the gap alone; where half of them are, the others are spaced as wide', () => {
  const word = 'LAVATO';
  const plain = laid(word, STAND_BLOCK_SHA);
  const rising = gaps(plain).toSorted((a, b) => a - b);
  const share = (gap: number) => gap / capOf(STAND_BLOCK_SHA);
  const least = share((rising[0]! + rising[1]!) / 2);
  const few = gaps(laid(word, STAND_BLOCK_SHA, {}, { leastGapShare: least }));
  expect(few.filter((gap, i) => Math.abs(gap - gaps(plain)[i]!) > CLOSE)).toHaveLength(1);
  expect(Math.min(...few)).toBeCloseTo(least * capOf(STAND_BLOCK_SHA), -3);

  const wide = laid(word, STAND_BLOCK_SHA, {}, { leastGapShare: share(rising.at(-1)!) + 0.05 });
  const by = shifts(plain, wide);
  const steps = by.slice(1).map((at, i) => at - by[i]!);
  const middle = steps.toSorted((a, b) => a - b)[Math.floor(steps.length / 2)]!;
  expect(Math.min(...steps)).toBe(middle);
});

test('what joins is left as it is, and a space parts two letters already', () => {
  expect(laid('Anne', BRASS_SCRIPT_SHA, {}, { leastGapShare: 0.3 })).toEqual(laid('Anne', BRASS_SCRIPT_SHA));
  const [plain, spaced] = [laid('l l', STAND_BLOCK_SHA), laid('l l', STAND_BLOCK_SHA, {}, { leastGapShare: 0.5 })];
  expect(shifts([plain[0]!, plain[2]!], [spaced[0]!, spaced[2]!])).toEqual([0, 0]);
});

test('a pair stands at the gap that was asked for it, also nearer than its face has it; the others keep theirs', () => {
  for (const share of [0, 0.05, 0.4]) {
    const word = 'Tower';
    const [plain, own] = [
      gaps(laid(word, STAND_BLOCK_SHA)),
      gaps(laid(word, STAND_BLOCK_SHA, { 1: { toNext: { kind: 'gap', share } } }, { leastGapShare: 0.02 })),
    ];
    expect(Math.abs(own[1]! - share * capOf(STAND_BLOCK_SHA))).toBeLessThan(CLOSE);
    for (const i of [0, 2, 3]) expect(own[i]).toBeCloseTo(plain[i]!, -3);
  }
});

test('letters joined on purpose are one piece, and so are letters with a bridge, which stay where they stand', () => {
  const islandsOf = (letters: readonly PlacedLetter[]) =>
    joinRings(
      letters.flatMap(({ rings }) => rings),
      0,
    ).islands.length;
  const plain = laid('Hn', STAND_BLOCK_SHA);
  expect(islandsOf(plain)).toBe(2);
  const joined = laid('Hn', STAND_BLOCK_SHA, { 0: { toNext: { kind: 'joined' } } });
  expect(islandsOf(joined)).toBe(1);
  expect(leftOf(joined[1]!)).toBeLessThan(leftOf(plain[1]!));
  const bridged = laid('Hn', STAND_BLOCK_SHA, { 0: { toNext: { kind: 'bridged' } } });
  expect(islandsOf(bridged)).toBe(1);
  expect(shifts(plain, bridged)).toEqual([0, 0]);
  // Nothing is drawn where they touch, nor across a wide gap.
  const apart = laid('Hn', STAND_BLOCK_SHA, { 0: { toNext: { kind: 'bridged' } } }, { trackingEm: 0.6 });
  expect(islandsOf(apart)).toBe(2);
  expect(joined[0]!.rings).toHaveLength(plain[0]!.rings.length);
});

test('one letter is moved, turned about its middle and resized from the baseline; its neighbours stay', () => {
  const cap = capOf(STAND_BLOCK_SHA);
  const plain = laid('HiH', STAND_BLOCK_SHA);
  const box = (letter: PlacedLetter) => boxOfRings(letter.rings)!;
  const at = (own: LetterStand) => {
    const letters = laid('HiH', STAND_BLOCK_SHA, { 1: own });
    expect([letters[0]!.rings, letters[2]!.rings]).toEqual([plain[0]!.rings, plain[2]!.rings]);
    return box(letters[1]!);
  };
  const was = box(plain[1]!);
  const moved = at({ right: 0.1, up: 0.25 });
  expect([moved.minX - was.minX, moved.minY - was.minY].map(Math.round)).toEqual([
    Math.round(0.1 * cap),
    Math.round(-0.25 * cap),
  ]);
  const large = at({ size: 1.5 });
  expect(large.maxY - 1.5 * was.maxY).toBeCloseTo(0, -1);
  expect(large.minY - 1.5 * was.minY).toBeCloseTo(0, -1);
  expect((large.minX + large.maxX) / 2 - (was.minX + was.maxX) / 2).toBeCloseTo(0, -1);
  const turned = at({ turnDeg: 45 });
  expect((turned.minX + turned.maxX) / 2).toBeCloseTo((was.minX + was.maxX) / 2, -5);
  expect(turned.maxX - turned.minX).toBeGreaterThan(2 * (was.maxX - was.minX));
  // Clockwise: the head of an i, which is its dot, goes to the right.
  const dot = laid('HiH', STAND_BLOCK_SHA, { 1: { turnDeg: 20 } })[1]!.rings.reduce((a, b) => (b[1]! < a[1]! ? b : a));
  expect(boxOfRings([dot])!.maxX).toBeGreaterThan(was.maxX);
});
