import { STARTER_BLANKS } from '../blanks';
import { aPlace, aRect, aVariant, aZone } from '../test';
import {
  type MaterialKind,
  type Process,
  BRASS_SCRIPT_SHA,
  DEFAULT_CARDS,
  DEFAULT_LETTERINGS,
  HEAVY_SLAB_SHA,
  MATERIAL_KINDS,
  PROCESSES,
  STAND_BLOCK_SHA,
  bedSchema,
  blankSchema,
  colourSlotSchema,
  commonStyle,
  faceUrl,
  isCut,
  kindFacts,
  letteringSchema,
  materialSchema,
  measuredOf,
  processFacts,
  processOf,
  shapeBox,
  shopIdSchema,
  stagesOf,
  styleOf,
  STARTER_MATERIALS,
} from '.';

test('each process has its stages, its word, and whether it is cut as a mirror image', () => {
  const all: Record<Process, readonly [string, string, boolean]> = {
    film: ['cut weeded bonded', 'pressed', true],
    ink: ['cut weeded bonded', 'pressed', true],
    adhesiveFilm: ['cut weeded bonded', 'applied', false],
    card: ['cut bonded', 'glued', false],
    tag: ['cut bonded', 'tied', false],
    bought: ['bonded', 'pressed', false],
  };
  for (const process of PROCESSES) {
    const { bondedWord, reversed } = processFacts(process);
    expect([process, stagesOf(process).join(' '), bondedWord, reversed]).toEqual([process, ...all[process]]);
    expect(isCut(process)).toBe(process !== 'bought');
  }
});

/** Thinnest stroke, narrowest gap, smallest hole. */
const FINEST: Record<MaterialKind, readonly [Process, number, number, number]> = {
  standardFilm: ['film', 1, 0.8, 1],
  stretchFilm: ['film', 1, 0.8, 1],
  metallicFilm: ['film', 1.2, 1, 1.2],
  holographicFilm: ['film', 1.2, 1, 1.2],
  glitterFilm: ['film', 1.8, 1.5, 1.8],
  flockFilm: ['film', 2, 1.5, 2],
  patternedFilm: ['film', 1.2, 1, 1.2],
  puffFilm: ['film', 2.5, 2.5, 3],
  lowMeltFilm: ['film', 1, 0.8, 1],
  inkSheet: ['ink', 1.5, 1.2, 1.5],
  adhesiveFilm: ['adhesiveFilm', 0.8, 0.6, 0.8],
  card: ['card', 1, 1, 1],
  leather: ['tag', 1.5, 1.2, 1.5],
  readyMade: ['bought', 0, 0, 0],
};

test.each(MATERIAL_KINDS)('%s is worked one way and cut so fine', (kind) => {
  const { strokeMm, gapMm, holeMm } = kindFacts(kind).finest;
  expect([processOf({ kind }), strokeMm, gapMm, holeMm]).toEqual(FINEST[kind]);
});

test('a shape’s box is as wide and as high as its widest and highest', () => {
  expect(shapeBox({ kind: 'rect', widthMm: 30, heightMm: 20 })).toEqual({ widthMm: 30, heightMm: 20 });
  expect(shapeBox({ kind: 'ellipse', widthMm: 30, heightMm: 20 })).toEqual({ widthMm: 30, heightMm: 20 });
  for (const [topWidthMm, bottomWidthMm] of [
    [90, 60],
    [60, 90],
  ] as const)
    expect(shapeBox({ kind: 'taper', topWidthMm, bottomWidthMm, heightMm: 40 })).toEqual({ widthMm: 90, heightMm: 40 });
  const corners = [
    [5, 2],
    [25, 2],
    [15, 32],
  ] as const;
  expect(shapeBox({ kind: 'polygon', corners })).toEqual({ widthMm: 20, heightMm: 30 });
  const ring = (sweepDeg: number) =>
    shapeBox({ kind: 'ringPart', innerRadiusMm: 60, outerRadiusMm: 100, sweepDeg, outerAt: 'top' });
  // A sixth of a turn: the outer chord wide, from the outer top to where the inner ends lie.
  expect(ring(60).widthMm).toBeCloseTo(100, 9);
  expect(ring(60).heightMm).toBeCloseTo(100 - 60 * Math.cos(Math.PI / 6), 9);
  expect(ring(180).widthMm).toBeCloseTo(200, 9);
  expect(ring(180).heightMm).toBeCloseTo(100, 9);
  expect(ring(240).widthMm).toBeCloseTo(200, 9);
  expect(ring(240).heightMm).toBeCloseTo(150, 9);
});

test('a twin that was not measured is the other in the mirror, the same object each time; its own measures win', () => {
  const [LEFT, RIGHT] = ['leftplacea', 'rightplace'];
  const left = aPlace({
    outline: aRect(50, 30),
    clear: [aZone('seam', aRect(10, 30), 5, 0)],
    anchor: 'topLeft',
    datum: { kind: 'edge', lineMm: 0, dropMm: 12, leftMm: 20 },
  });
  const variant = { ...aVariant(200, 100), places: { [LEFT!]: left } };
  const roles = [
    { id: LEFT!, name: 'left', side: 'left' as const, twinOf: null },
    { id: RIGHT!, name: 'right', side: 'right' as const, twinOf: LEFT! },
  ];
  const blank = { ...STARTER_BLANKS[0]!.value, places: roles, variants: [variant] } as never;
  const mirror = measuredOf(blank, variant, RIGHT!)!;
  expect(mirror).toMatchObject({ anchor: 'topRight', datum: { leftMm: 130, dropMm: 12 } });
  expect(mirror.clear).toMatchObject([{ leftMm: 35, topMm: 0 }]);
  expect(measuredOf(blank, variant, RIGHT!)).toBe(mirror);
  expect(measuredOf(blank, variant, LEFT!)).toBe(left);
  const own = aPlace({ outline: aRect(9, 9) });
  expect(measuredOf(blank, { ...variant, places: { ...variant.places, [RIGHT!]: own } }, RIGHT!)).toBe(own);
  expect(measuredOf(blank, { ...variant, places: {} }, RIGHT!)).toBeNull();
  expect(measuredOf(blank, { ...variant, places: {} }, LEFT!)).toBeNull();
});

test('a face that ships is fetched as a file, one that was brought in from what is kept', () => {
  expect(faceUrl(BRASS_SCRIPT_SHA)).toBe(`/faces/${BRASS_SCRIPT_SHA}.ttf`);
  expect(faceUrl('abc')).toBe('/api/faces/abc');
});

test('what lines of a lettering have in common is told; a line beyond the last takes its style', () => {
  const { value } = DEFAULT_LETTERINGS[0];
  const line = (face: string, trackingEm: number) => ({ face, caseForm: 'asTyped' as const, trackingEm, features: [] });
  const two = { ...value, lines: [line(STAND_BLOCK_SHA, 0), line(HEAVY_SLAB_SHA, 0.1)] };
  expect(commonStyle(two)).toMatchObject({ caseForm: 'asTyped', trackingEm: null });
  expect(commonStyle(two).faceNames).toEqual(['Nunito Black', 'Alfa Slab One Regular']);
  expect(commonStyle({ ...two, lines: [line('gone', 0), line('gone', 0)] })).toEqual({
    faceNames: ['a face of another shop'],
    caseForm: 'asTyped',
    leastGapShare: 0,
    trackingEm: 0,
  });
  expect([styleOf(two, 0), styleOf(two, 1), styleOf(two, 5)]).toEqual([two.lines[0], two.lines[1], two.lines[1]]);
});

test('ink is dried longer and covered with paper that takes up gas; film is not', () => {
  for (const { value } of DEFAULT_CARDS) {
    const isInk = value.kind === 'inkSheet';
    expect([value.dryOutSeconds, value.cover, value.backSide]).toEqual(
      isInk ? [15, 'uncoatedPaper', 'never'] : [5, 'nonStick', 'asSheetSays'],
    );
    expect(value.care).toMatch(isInk ? /coating/ : /24 h/);
    expect(value.mostSeconds).toBe(3 * value.seconds.most);
  }
});

/** A limit, what just keeps it, and what does not. */
const LIMITS: readonly (readonly [string, (value: never) => unknown, unknown, unknown])[] = (() => {
  const bed = { name: 'b', kind: 'bed', widthMm: 20, heightMm: 20 };
  const [{ value: material }] = STARTER_MATERIALS as unknown as [{ value: object }];
  const [{ value: lettering }] = DEFAULT_LETTERINGS;
  const { value: blank } = STARTER_BLANKS[0]!;
  const is = (schema: { safeParse: (value: unknown) => { success: boolean } }) => (value: never) =>
    schema.safeParse(value).success;
  const id = (length: number) => 'a'.repeat(length);
  const border = {
    id: 'textlayera',
    slot: 'main',
    make: { kind: 'border', distance: { by: 'mm', mm: 2 }, fillsUnderMm: 1 },
  };
  const bought = (count: number) => ({ ...material, bought: { kind: 'sheets', widthMm: 10, heightMm: 10, count } });
  const gap = (gapMm: number) => ({ ...material, finest: { strokeMm: 0, gapMm, holeMm: 0 } });
  return [
    ['an id', is(shopIdSchema), id(40), id(41)],
    ['a short id', is(shopIdSchema), id(2), id(1)],
    ['a slot', is(colourSlotSchema), id(1), ''],
    ['a long slot', is(colourSlotSchema), id(40), id(41)],
    ['a bed', is(bedSchema), bed, { ...bed, widthMm: 19 }],
    ['a gap', is(materialSchema), gap(20), gap(20.1)],
    ['sheets', is(materialSchema), bought(1), bought(0)],
    ['many sheets', is(materialSchema), bought(10_000), bought(10_001)],
    ['a price', is(materialSchema), { ...material, priceCents: 0 }, { ...material, priceCents: -1 }],
    ['a currency', is(materialSchema), { ...material, currency: 'CHF' }, { ...material, currency: 'chf' }],
    ['words', is(materialSchema), { ...material, blade: id(80) }, { ...material, blade: id(81) }],
    ['heat', is(blankSchema), { ...blank, bearsC: 300 }, { ...blank, bearsC: 301 }],
    ['a share', is(blankSchema), { ...blank, polyesterPct: 100 }, { ...blank, polyesterPct: 101 }],
    ['layers', is(letteringSchema), lettering, { ...lettering, layers: [] }],
    [
      'a layer of text',
      is(letteringSchema),
      { ...lettering, layers: [{ ...border, id: 'borderlaya' }, ...lettering.layers] },
      { ...lettering, layers: [border] },
    ],
  ];
})();

test.each(LIMITS)('%s within its limit is taken, and one beyond it is not', (_, isTaken, least, beyond) => {
  expect([isTaken(least as never), isTaken(beyond as never)]).toEqual([true, false]);
});
