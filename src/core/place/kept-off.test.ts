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

test('what reaches farther to the left and above has its walls, its zones and its middle so much farther', () => {
  const zone = aZone('label', aRect(20, 10), 40, 15);
  const space = spaceOf({ outline: aRect(100, 40), clear: [zone] });
  const inner = keptOff(space, 2, { leftMm: 7, topMm: 3 })!;
  expect(inner.usable.xMm - space.usable.xMm).toBeCloseTo(9, 9);
  expect(space.usable.widthMm - inner.usable.widthMm).toBeCloseTo(11, 9);
  expect(space.usable.heightMm - inner.usable.heightMm).toBeCloseTo(7, 9);
  // Left, right, top and bottom by the outward normal of each wall.
  const moved = inner.walls.map(({ nx, ny, c }, i) => [nx, ny, space.walls[i]!.c - c] as const);
  for (const [nx, ny, mm] of moved) expect(mm).toBeCloseTo(2 + 7 * Math.max(0, -nx) + 3 * Math.max(0, -ny), 9);
  const [grown] = inner.blocks.map(({ ring }) => flat(ring));
  // Ink whose own reach to the left would touch the label stands to its right.
  const isKeptOff = (x: number, y: number) => isPointInRing(x, y, grown!);
  expect([isKeptOff(37.9, 20), isKeptOff(38.1, 20), isKeptOff(68.9, 20), isKeptOff(69.1, 20)]).toEqual([
    false,
    true,
    true,
    false,
  ]);
  expect([isKeptOff(50, 12.9), isKeptOff(50, 13.1), isKeptOff(50, 29.9), isKeptOff(50, 30.1)]).toEqual([
    false,
    true,
    true,
    false,
  ]);
  const centred = spaceOf({ outline: aRect(100, 40), anchor: 'centre' });
  expect(keptOff(centred, 2, { leftMm: 7, topMm: 3 })!.aim.map(({ atMm }) => atMm)).toEqual([53.5, 21.5]);
  const corner = spaceOf({ outline: aRect(100, 40), anchor: 'topLeft' });
  expect(keptOff(corner, 2, { leftMm: 7, topMm: 3 })!.aim.map(({ atMm }) => atMm)).toEqual([9, 5]);
  expect(keptOff(space, 2)).not.toBe(inner);
  expect(keptOff(space, 2, { leftMm: 97, topMm: 0 })).toBeNull();
});
