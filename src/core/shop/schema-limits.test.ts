import { centringSchema, wrapSchema } from './place-schema';
import { fabricFacts } from './fabric-class';
import { DEFAULT_CARDS } from '.';
import { DEFAULT_BLANK, DEFAULT_LETTERINGS } from './defaults';
import { carriesLines, layerMakeSchema, layerSchema } from './layer-schema';
import { MOST_MOTIF_POINTS, motifSchema, pointsOf } from './motif-schema';
import { bendSchema, monogramSettingSchema, stackSchema } from './setting-schema';
import { shapeBox } from './shape-box';
import { letteringSchema } from './shop-schema';
import { isWholeBlank } from './whole-blank';
import { mirroredPlace } from './twin-place';
import { upgradeBlank } from './upgrade-blank';
import { valueDifferences } from './value-differences';

const takes = (schema: { safeParse: (value: unknown) => { success: boolean } }, value: unknown) =>
  schema.safeParse(value).success;

/** Both ends of a range are taken, and nothing beyond them. */
function expectRange(
  at: (value: number) => boolean,
  [least, most]: readonly [number, number],
  step = (most - least) / 1e4,
): void {
  expect([least - step, least, most, most + step].map(at)).toEqual([false, true, true, false]);
}

test('how lines stand and run is a share or a number of capitals, each within what can be cut', () => {
  const stack = (gapShare: number) => takes(stackSchema, { gapShare, widths: 'own', between: 'dot' });
  expectRange(stack, [0, 3]);
  expectRange((gapShare) => takes(monogramSettingSchema, { shape: null, gapShare, frame: 'ring' }), [0.01, 0.5]);
  const bend = (curve: unknown) => takes(bendSchema, { way: 'dip', curve, letters: 'turned' });
  expectRange((share) => bend({ by: 'rise', share }), [0.01, 0.5]);
  expectRange((capitals) => bend({ by: 'radius', capitals }), [1.5, 200]);
  expect(bend({ by: 'place' })).toBe(true);
  expectRange((degrees) => bend({ by: 'around', degrees }), [60, 360]);
  const style = DEFAULT_LETTERINGS[0]!.value.lines[0]!;
  const spaced = (leastGapShare: number) =>
    takes(letteringSchema, { ...DEFAULT_LETTERINGS[0]!.value, lines: [{ ...style, leastGapShare }] });
  expectRange(spaced, [0.01, 0.5]);
  const line = (how: object) =>
    takes(letteringSchema, { ...DEFAULT_LETTERINGS[0]!.value, lines: [style, { ...style, ...how }] });
  expectRange((sizeShare) => line({ sizeShare }), [0.1, 5]);
  expectRange((gapAboveShare) => line({ gapAboveShare }), [0, 3]);
  expect(['nothing', 'dot', 'wave'].map((above) => line({ above }))).toEqual([true, true, false]);
});

test('letters that are pieces of their own are said by true alone, and a cast edge goes any way round', () => {
  const apart = (isApart: unknown) =>
    takes(layerSchema, { id: 'alayer0001', slot: 'main', make: { kind: 'text' }, isApart });
  expect([apart(true), apart(undefined), apart(false)]).toEqual([true, true, false]);
  const toward = (towardDeg: number) =>
    takes(layerMakeSchema, { kind: 'castEdge', distance: { by: 'mm', mm: 2 }, towardDeg });
  expectRange(toward, [0, 360]);
});

test('a place is its whole blank when it is as wide and as tall, by less than a millimetre', () => {
  const whole = (widthMm: number, heightMm: number) =>
    isWholeBlank({ body: { widthMm: 90, heightMm: 60 } } as never, { outline: { kind: 'rect', widthMm, heightMm } });
  expect([whole(90, 60), whole(89.1, 59.1), whole(90, 40), whole(60, 60), whole(89, 60)]).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('lists of what has no id differ as a whole, also where a member is nothing', () => {
  expect(valueDifferences({ list: [null] }, { list: [{ id: 'a' }] })).toEqual([
    { path: ['list'], own: [null], other: [{ id: 'a' }] },
  ]);
});

test('the mirror of what stands at the edge stands at the other edge', () => {
  const place = DEFAULT_BLANK.value.variants[0]!.places;
  const [own] = Object.values(place);
  const { widthMm } = shapeBox(own!.outline);
  const mirror = mirroredPlace({ ...own!, datum: { ...own!.datum, leftMm: 30 } }, widthMm + 30);
  expect(mirror.datum.leftMm).toBe(0);
});

test('a layer reaches from a hair to the whole height of capitals', () => {
  const border = (share: number) =>
    takes(layerMakeSchema, { kind: 'border', distance: { by: 'height', share }, fillsUnderMm: 0 });
  expectRange(border, [0.005, 1], 0.001);
});

test('a place held between handles needs a handle that was measured; held to its body it needs none', () => {
  const gaps = { leftGapMm: 100, leftHandleMm: 30, rightHandleMm: 30, rightGapMm: 100 };
  const centring = (take: 'body' | 'handles', numLevels: number) =>
    takes(centringSchema, { take, toleranceMm: 1, levels: Array.from({ length: numLevels }, () => gaps) });
  expectRange((toleranceMm) => takes(centringSchema, { take: 'body', toleranceMm, levels: [] }), [0, 50]);
  expect([centring('handles', 0), centring('handles', 1), centring('body', 0), centring('body', 1)]).toEqual([
    false,
    true,
    true,
    true,
  ]);
});

test('a bag without gussets has gussets of nothing', () => {
  expect(takes(wrapSchema, { kind: 'filled', depthMm: 90, gussetMm: 0, seenDeg: 40 })).toBe(true);
});

test('points of a motif are counted over all its parts, and are limited together', () => {
  const ring = (numPoints: number) => Array.from({ length: 2 * numPoints }, (_, i) => i);
  const part = (numPoints: number) => ({ hex: '#aabbcc', outline: [[ring(numPoints), ring(4)]] });
  expect(pointsOf({ parts: [part(10), part(20)] })).toBe(38);
  const motif = (numPoints: number) => ({
    name: 'many',
    widthShare: 1,
    parts: [part(numPoints), part(MOST_MOTIF_POINTS - 8 - 100)],
  });
  const pathsOf = (value: unknown) =>
    motifSchema.safeParse(value).error?.issues.map(({ path }) => path.join('.')) ?? [];
  expect(pathsOf(motif(100))).not.toContain('parts');
  expect(pathsOf(motif(101))).toContain('parts');
});

test('wool has no polyester in it, and polyester nothing else', () => {
  expect([fabricFacts('wool').polyesterPct, fabricFacts('polyester').polyesterPct]).toEqual([0, 100]);
});

test('lists are told apart member by member only where each of them has an id', () => {
  const own = [{ id: 'a', size: 1 }, { size: 2 }];
  const other = [{ id: 'a', size: 3 }, { size: 2 }];
  expect(valueDifferences({ own }, { own: other })).toEqual([{ path: ['own'], own, other }]);
  expect(valueDifferences([{ id: 'a', size: 1 }], [{ id: 'a', size: 3 }])).toEqual([
    { path: ['a', 'size'], own: 1, other: 3 },
  ]);
});

test('a part of a ring is as tall as its arc and its ends ask for, also past half a turn', () => {
  const ring = (sweepDeg: number) =>
    shapeBox({ kind: 'ringPart', innerRadiusMm: 60, outerRadiusMm: 100, sweepDeg, outerAt: 'top' });
  expect(ring(90).widthMm).toBeCloseTo(200 * Math.SQRT1_2, 9);
  expect(ring(90).heightMm).toBeCloseTo(100 - 60 * Math.SQRT1_2, 9);
  expect(ring(200).widthMm).toBe(200);
  expect(ring(200).heightMm).toBeCloseTo(100 - 100 * Math.cos((100 * Math.PI) / 180), 9);
});

test('lines are drawn on what is cut and whole below its letters, and on nothing else', () => {
  const carries = (kind: string, part: object = {}) => carriesLines({ make: { kind }, ...part });
  expect(['text', 'inside', 'border', 'castEdge', 'backing', 'plate', 'motif'].filter((kind) => carries(kind))).toEqual(
    ['border', 'castEdge', 'backing'],
  );
  expect(carries('border', { tool: { by: 'draw' } })).toBe(false);
  expect(carries('backing', { under: { kind: 'gap', mm: 1 } })).toBe(false);
});

test('a hole for a string is from 1 to 50 mm, as far from the edge', () => {
  const holed = (hole: object) =>
    takes(layerMakeSchema, {
      kind: 'backing',
      body: 'box',
      distance: { by: 'mm', mm: 3 },
      hole: { side: 'left', ...hole },
    });
  expectRange((diameterMm) => holed({ diameterMm, edgeMm: 3 }), [1, 50]);
  expectRange((edgeMm) => holed({ diameterMm: 3, edgeMm }), [1, 50]);
});

test('a traced place in a mirror keeps its box, and each corner is as far from the other side of it', () => {
  const outline = {
    kind: 'polygon',
    corners: [
      [10, 0],
      [90, 5],
      [70, 40],
    ],
  } as const;
  const mirrored = mirroredPlace(
    { ...DEFAULT_BLANK.value.variants[0].places.chestplace!, outline: outline as never },
    600,
  );
  expect(mirrored.outline).toEqual({
    kind: 'polygon',
    corners: [
      [90, 0],
      [10, 5],
      [30, 40],
    ],
  });
});

test('a bare shop begins with letters as typed, without tracking, and a place that a ruler is laid at the edge for', () => {
  for (const { value } of DEFAULT_LETTERINGS) {
    expect(value.lines.map(({ trackingEm, features }) => [trackingEm, features])).toEqual([[0, []]]);
  }
  expect(DEFAULT_BLANK.value.variants[0].places.chestplace!.datum).toEqual({
    kind: 'edge',
    lineMm: 0,
    dropMm: 180,
    leftMm: 210,
  });
});

test('a place of an older blank without zones, or that is none, is left as it is', () => {
  const older = (place: unknown) => upgradeBlank({ variants: [{ places: { front: place } }] });
  const placeOf = (value: unknown) =>
    (value as { variants: { places: { front: unknown } }[] }).variants[0]!.places.front;
  expect(placeOf(older({ anchor: 'top' }))).toEqual({ anchor: 'top' });
  expect(placeOf(older('nothing'))).toBe('nothing');
  for (const none of ['nothing', null, { name: 'no sizes' }]) expect(upgradeBlank(none as never)).toEqual(none);
  expect(placeOf(older({ clear: [{ leftMm: 3 }] }))).toMatchObject({ clear: [{ id: 'zone000001', leftMm: 3 }] });
});

test('what a card takes lies between the least and the most that it gives, and those are apart', () => {
  for (const { value } of DEFAULT_CARDS) {
    for (const { least, chosen, most } of [value.heatC, value.seconds]) {
      expect(least).toBeLessThan(most);
      expect(chosen).toBeGreaterThanOrEqual(least);
      expect(chosen).toBeLessThanOrEqual(most);
    }
  }
  expect(DEFAULT_CARDS.some(({ value }) => value.heatC.least < value.heatC.chosen)).toBe(true);
});

test('round goods are seen from a twentieth of the way round to all of it', () => {
  const goods = { kind: 'round', topMm: 80, bottomMm: 70, heightMm: 100 };
  expectRange((seenShare) => takes(wrapSchema, { ...goods, seenShare }), [0.05, 1]);
});

test('what is one value here and several there differs as a whole; a broken size of an older blank stays as it is', () => {
  expect(valueDifferences({ a: 1 }, { a: { b: 1 } })).toEqual([{ path: ['a'], own: 1, other: { b: 1 } }]);
  expect(valueDifferences({ a: { b: 1 } }, { a: null })).toEqual([{ path: ['a'], own: { b: 1 }, other: null }]);
  for (const variant of [null, 'M', { size: 'M' }, { size: 'M', places: null }]) {
    expect(upgradeBlank({ variants: [variant] } as never)).toMatchObject({ variants: [variant] });
  }
});
