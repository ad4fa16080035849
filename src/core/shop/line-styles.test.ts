import { DEFAULT_LETTERINGS, HEAVY_SLAB_SHA, STAND_BLOCK_SHA, type Bend, FIRST_BEND } from '.';
import {
  EVEN_STACK,
  aboveAsOthers,
  aboveLine,
  featuresOfLetter,
  firstLineLarge,
  linesAlike,
  sizeShareOf,
  withAlternate,
  withFace,
  withLeastGap,
  withLetterFeature,
  withLineStyle,
} from './line-styles';
import { ownBends } from './own-bends';
import { letteringSchema } from './shop-schema';

const [plain] = DEFAULT_LETTERINGS.map(({ value }) => value);

test('a line gets a style of its own; those before it keep what was repeated for them', () => {
  const third = withLineStyle(plain!, 2, { face: HEAVY_SLAB_SHA, sizeShare: 0.5 });
  expect(third.lines.map(({ face }) => face)).toEqual([plain!.lines[0]!.face, plain!.lines[0]!.face, HEAVY_SLAB_SHA]);
  expect([0, 1, 2, 5].map((no) => sizeShareOf(third, no))).toEqual([1, 1, 0.5, 0.5]);
  const second = withLineStyle(third, 1, { face: STAND_BLOCK_SHA });
  expect(second.lines.map(({ face }) => face)).toEqual([plain!.lines[0]!.face, STAND_BLOCK_SHA, HEAVY_SLAB_SHA]);
  expect(letteringSchema.parse(second)).toEqual(second);
});

test('first line large: the others small and near; alike again, all is as it was', () => {
  const large = firstLineLarge(plain!);
  expect([0, 1, 3].map((no) => sizeShareOf(large, no))).toEqual([1, 0.32, 0.32]);
  expect(large.stack).toEqual({ gapShare: 0.22, widths: 'own', between: 'nothing' });
  expect(large.lines[1]!.face).toBe(plain!.lines[0]!.face);
  const alike = linesAlike(large);
  expect(alike).not.toHaveProperty('stack');
  expect([0, 1].map((no) => sizeShareOf(alike, no))).toEqual([1, 1]);
  expect(letteringSchema.parse(large)).toEqual(large);
  // A face of its own stays.
  expect(firstLineLarge(withLineStyle(plain!, 1, { face: HEAVY_SLAB_SHA })).lines[1]!.face).toBe(HEAVY_SLAB_SHA);
});

test('what a line has above it is its own as far as it says so, and can be as between all lines again', () => {
  const stack = { ...EVEN_STACK, gapShare: 0.3, between: 'rule' } as const;
  const own = withLineStyle({ ...plain!, stack }, 2, { gapAboveShare: 0, above: 'nothing', sizeShare: 0.4 });
  expect(letteringSchema.parse(own)).toEqual(own);
  const aboveIn = (lettering: typeof own) => lettering.lines.map((style) => aboveLine(stack, style));
  const all = { gapShare: 0.3, between: 'rule' };
  expect(aboveIn(own)).toEqual([all, all, { gapShare: 0, between: 'nothing' }]);
  const near = aboveAsOthers(own, 2, 'above');
  expect(aboveIn(near)).toEqual([all, all, { gapShare: 0, between: 'rule' }]);
  expect(near.lines[2]).not.toHaveProperty('above');
  const alike = aboveAsOthers(near, 2, 'gapAboveShare');
  expect(aboveIn(alike)).toEqual([all, all, all]);
  expect(sizeShareOf(alike, 2)).toBe(0.4);
  // One that is repeated for further lines gets a style before it says nothing.
  expect(aboveAsOthers(withLineStyle(plain!, 1, { above: 'dot' }), 2, 'above').lines.map(({ above }) => above)).toEqual(
    [undefined, 'dot', undefined],
  );
  for (const style of linesAlike(own).lines) expect(Object.keys(style)).toEqual(Object.keys(plain!.lines[0]!));
});

test('a text is bent otherwise than its set: straight, the other way, flatter, tighter', () => {
  expect(ownBends(undefined).map(({ id }) => id)).toEqual(['arch', 'dip']);
  expect(ownBends(undefined)[1]!.bend).toEqual({ ...FIRST_BEND, way: 'dip' });
  const capitals = (bend: Bend) =>
    ownBends(bend).map(({ id, bend: own }) => [
      id,
      own && own.way,
      own?.curve.by === 'radius' ? own.curve.capitals : null,
    ]);
  expect(capitals({ ...FIRST_BEND, curve: { by: 'radius', capitals: 6 } })).toEqual([
    ['straight', null, null],
    ['otherWay', 'dip', 6],
    ['flatter', 'arch', 9],
    ['tighter', 'arch', 4],
  ]);
  const shares = ownBends({ ...FIRST_BEND, way: 'dip', curve: { by: 'rise', share: 0.3 } }).map(({ bend }) =>
    bend?.curve.by === 'rise' ? bend.curve.share : null,
  );
  expect(shares).toEqual([null, 0.3, expect.closeTo(0.2, 9), expect.closeTo(0.45, 9)]);
  // Never beyond what a lettering may say.
  for (const curve of [
    { by: 'radius', capitals: 1.5 },
    { by: 'radius', capitals: 200 },
    { by: 'rise', share: 0.5 },
    { by: 'rise', share: 0.01 },
  ] as const)
    for (const { bend } of ownBends({ ...FIRST_BEND, curve }))
      if (bend) expect(letteringSchema.safeParse({ ...plain, bend }).success).toBe(true);
});

test('a face is chosen for one line or for all, and one that ships leaves no name behind', () => {
  const own = { face: 'a'.repeat(64), faceName: 'Quay' };
  const all = withFace(withLineStyle(plain!, 1, { sizeShare: 0.5 }), 'all', own);
  expect(all.lines).toMatchObject([own, { ...own, sizeShare: 0.5 }]);
  const first = withFace(all, 0, { face: HEAVY_SLAB_SHA });
  expect(first.lines[0]).toEqual({ ...plain!.lines[0], face: HEAVY_SLAB_SHA });
  expect(first.lines[1]).toEqual(all.lines[1]);
  const third = withFace(plain!, 2, own);
  expect(third.lines.map(({ faceName }) => faceName)).toEqual([undefined, undefined, 'Quay']);
});

test('other letters are taken for all lines, each set once and in one order, and given back', () => {
  const two = withLineStyle(plain!, 1, { sizeShare: 0.5 });
  const taken = withAlternate(withAlternate(withAlternate(two, 'ss02', true), 'ss01', true), 'ss02', true);
  expect(taken.lines.map(({ features }) => features)).toEqual([
    ['ss01', 'ss02'],
    ['ss01', 'ss02'],
  ]);
  expect(withAlternate(taken, 'ss01', false).lines.map(({ features }) => features)).toEqual([['ss02'], ['ss02']]);
  expect(withAlternate(two, 'ss01', false)).toEqual(two);
});

test('a single letter has what its line asks, and more or less of it; as its line nothing is said', () => {
  const line = ['-liga', 'ss01'];
  expect(featuresOfLetter(line, [])).toEqual(line);
  expect(featuresOfLetter(line, ['swsh'])).toEqual(['-liga', 'ss01', 'swsh']);
  const without = withLetterFeature(line, [], 'ss01', false);
  expect(without).toEqual(['-ss01']);
  expect(featuresOfLetter(line, without)).toEqual(['-liga']);
  expect(withLetterFeature(line, without, 'ss01', true)).toEqual([]);
  const more = withLetterFeature(line, without, 'salt', true);
  expect(more).toEqual(['-ss01', 'salt']);
  expect(featuresOfLetter(line, more)).toEqual(['-liga', 'salt']);
  expect(withLetterFeature(line, more, 'salt', false)).toEqual(['-ss01']);
  // What its line does not ask any more is turned off for nothing, and does no harm.
  expect(featuresOfLetter([], ['-ss01'])).toEqual(['-ss01']);
});

test('a least gap is of all lines, and none is left out', () => {
  const two = withLineStyle(plain!, 1, { sizeShare: 0.5 });
  const spaced = withLeastGap(two, 0.12);
  expect(spaced.lines.map(({ leastGapShare }) => leastGapShare)).toEqual([0.12, 0.12]);
  expect(letteringSchema.safeParse(spaced).success).toBe(true);
  expect(withLeastGap(spaced, 0)).toEqual(two);
  expect(withLeastGap(two, 0.01).lines[0]).toMatchObject({ leastGapShare: 0.01 });
  expect(withLeastGap(two, 0.009)).toEqual(two);
});
