import { isPointInRing } from '../geometry';
import { aPlace, aRect, aVariant, aZone } from '../test';
import { type FreeSpace, freeSpace, keptOff } from '.';

const blank = aVariant(2000, 2000);
const spaceOf = (part: Parameters<typeof aPlace>[0]) => freeSpace(blank, aPlace(part))!;
const flat = (ring: readonly (readonly [number, number])[]) => Float64Array.from(ring.flat());

test('walls and the usable rectangle move in, what is seen of the place stays', () => {
  const space = spaceOf({ outline: aRect(100, 40) });
  const inner = keptOff(space, 3)!;
  expect(inner.usable).toEqual({ xMm: 3, yMm: 3, widthMm: 94, heightMm: 34 });
  expect(inner.walls.map(({ c }, i) => space.walls[i]!.c - c)).toEqual(space.walls.map(() => 3));
  expect([inner.widthMm, inner.heightMm, inner.isRect]).toEqual([100, 40, true]);
  expect(keptOff(space, 0)).toBe(space);
  expect(keptOff(space, 3)).toBe(inner);
});

test('what is wanted at a side is wanted so much within it, a middle stays a middle', () => {
  const aimsAt = (anchor: 'topLeft' | 'centre' | 'bottomRight') => {
    const space = spaceOf({ outline: aRect(100, 40), anchor });
    const at = ({ aim }: FreeSpace) => aim.map(({ atMm }) => atMm);
    return [at(space), at(keptOff(space, 3)!)];
  };
  expect(aimsAt('topLeft')).toEqual([
    [0, 0],
    [3, 3],
  ]);
  expect(aimsAt('bottomRight')).toEqual([
    [100, 40],
    [97, 37],
  ]);
  expect(aimsAt('centre')).toEqual([
    [50, 20],
    [50, 20],
  ]);
});

test('there is room for anything above nothing, and none for nothing', () => {
  const space = spaceOf({ outline: aRect(100, 40) });
  expect(keptOff(space, 19.8)!.usable).toMatchObject({
    widthMm: expect.closeTo(60.4, 6),
    heightMm: expect.closeTo(0.4, 6),
  });
  expect(keptOff(space, 20)).toBeNull();
  expect(keptOff(spaceOf({ outline: aRect(40, 100) }), 19.8)!.usable.widthMm).toBeCloseTo(0.4, 6);
  expect(keptOff(spaceOf({ outline: aRect(40, 100) }), 20)).toBeNull();
});

test('a clear zone grows by the distance to every side, round its corners, and never by less', () => {
  const zone = aZone('label', aRect(20, 10), 40, 15);
  const space = spaceOf({ outline: aRect(100, 40), clear: [zone] });
  const inner = keptOff(space, 4)!;
  // The grid of spots goes by what is clear: the zone itself, and what it grew to.
  expect(inner.clear).toEqual([...space.clear, ...inner.blocks.map(({ ring }) => ring)]);
  for (const { ring } of inner.blocks) {
    const grown = flat(ring);
    for (let turn = 0; turn < 360; turn += 1) {
      const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
      // From the corner that lies that way.
      const [x, y] = [cos > 0 ? 60 : 40, sin > 0 ? 25 : 15];
      expect([turn, isPointInRing(x + 3.999 * cos, y + 3.999 * sin, grown)]).toEqual([turn, true]);
      expect([turn, isPointInRing(x + 4.02 * cos, y + 4.02 * sin, grown)]).toEqual([turn, false]);
    }
  }
  expect(inner.blocks).toHaveLength(space.blocks.length);
  expect(inner.blocks.map(({ zone: own }) => own)).toEqual(space.blocks.map(({ zone: own }) => own));
});
