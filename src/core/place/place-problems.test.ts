import type { MeasuredPlace } from '../shop';
import { aPlace, aRect, aVariant, aZone } from '../test';
import { placeGeometry } from '.';

const BLANK = aVariant();
const problems = (part: Partial<MeasuredPlace>) => placeGeometry(BLANK, aPlace(part)).problems;
const edges = (leftMm: number, dropMm: number) => ({ kind: 'edge', lineMm: 0, dropMm, leftMm }) as const;

test('a plain place has nothing wrong with it', () => {
  expect(problems({})).toEqual([]);
});

test('an outline that crosses itself names both edges, and nothing is lettered in it', () => {
  const bow = {
    kind: 'polygon',
    corners: [
      [0, 0],
      [100, 50],
      [100, 0],
      [0, 50],
    ],
  } as const;
  const found = placeGeometry(BLANK, aPlace({ outline: bow }));
  expect(found.problems).toEqual([{ kind: 'polygonCrosses', severity: 'stop', edges: [1, 3] }]);
  expect(found.usable).toBeNull();
  // A corner that lies on another edge encloses two places that meet in a point.
  expect(
    problems({
      outline: {
        kind: 'polygon',
        corners: [
          [0, 0],
          [100, 0],
          [100, 60],
          [50, 0],
          [0, 60],
        ],
      },
    }),
  ).toMatchObject([{ kind: 'polygonCrosses' }]);
});

test('corners in a line enclose nothing', () => {
  const line = {
    kind: 'polygon',
    corners: [
      [0, 0],
      [50, 0.1],
      [100, 0],
    ],
  } as const;
  expect(problems({ outline: line })).toMatchObject([{ kind: 'polygonFlat', severity: 'stop' }]);
});

test('radii that are changed over, also of a clear zone', () => {
  const ring = { kind: 'ringPart', innerRadiusMm: 90, outerRadiusMm: 70, sweepDeg: 40, outerAt: 'top' } as const;
  expect(problems({ outline: ring })).toEqual([{ kind: 'ringCrossed', severity: 'stop', innerMm: 90, outerMm: 70 }]);
  expect(problems({ clear: [aZone('seam', ring, 0, 0)] })).toMatchObject([{ kind: 'ringCrossed' }]);
});

test('a zone that leaves nothing is told by its name', () => {
  const zip = aZone('zip', aRect(200, 80), -10, -10);
  expect(problems({ clear: [zip] })).toEqual([{ kind: 'clearSwallows', severity: 'stop', names: ['zip'] }]);
  expect(problems({ outline: aRect(4, 40) })).toMatchObject([{ kind: 'noRoom', leastMm: 5 }]);
});

test('deeper than the cloth goes round, or lower than the base', () => {
  expect(problems({ wrap: { kind: 'filled', gussetMm: 0, depthMm: 300, seenDeg: 40 } })).toMatchObject([
    { kind: 'tooDeep', depthMm: 300 },
  ]);
  const cup = { kind: 'round', topMm: 90, bottomMm: 60, heightMm: 100, seenShare: 0.4 } as const;
  expect(problems({ wrap: cup, outline: aRect(100, 60), datum: { ...edges(0, 50), kind: 'rim' } })).toMatchObject([
    { kind: 'overBase', severity: 'stop' },
  ]);
});

test('over which edge a place reaches, and by how much', () => {
  expect(problems({ datum: edges(320, 270) })).toEqual([
    { kind: 'overEdge', severity: 'check', side: 'right', byMm: 20 },
    { kind: 'overEdge', severity: 'check', side: 'bottom', byMm: 10 },
  ]);
  expect(problems({ datum: { kind: 'hem', lineMm: 60, dropMm: 40, leftMm: 0 } })).toEqual([
    { kind: 'overEdge', severity: 'check', side: 'top', byMm: 20 },
  ]);
});

test('corners rounder than the place is', () => {
  const outline = { kind: 'roundedRect', widthMm: 100, heightMm: 40, radiusMm: 30 } as const;
  expect(problems({ outline })).toEqual([{ kind: 'radiusTooLarge', severity: 'check', radiusMm: 30, mostMm: 20 }]);
});

test('a clear zone may be as small as a button; only one without any area is a slip of the hand', () => {
  const zone = (mm: number) =>
    aZone(
      'button',
      {
        kind: 'polygon',
        corners: [
          [0, 0],
          [mm, 0],
          [0, mm],
        ],
      },
      10,
      10,
    );
  expect(problems({ clear: [zone(3)] })).toEqual([]);
  expect(problems({ clear: [zone(0.4)] })).toEqual([]);
  expect(problems({ clear: [zone(0.01)] }).map(({ kind }) => kind)).toEqual(['polygonFlat']);
});
