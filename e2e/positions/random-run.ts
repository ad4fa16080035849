/** Runs of made-up places of every shape, as JSON: whoever checks shares no code with what is checked. */

type Json = Record<string, unknown>;

/** A generator of its own, so that a seed names a run. */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

const BODY = { widthMm: 620, heightMm: 700 };
const ANCHORS = ['topLeft', 'top', 'topRight', 'left', 'centre', 'right', 'bottomLeft', 'bottom', 'bottomRight'];
const LIES = ['ink', 'optical', 'baseline'];
const RULES = [{ kind: 'fill' }, { kind: 'level', heightMm: 11 }, { kind: 'banded', ratio: 1.4 }];
const SHAPES = ['rect', 'roundedRect', 'ellipse', 'taper', 'ringPart', 'polygon', 'round'] as const;

export interface PlaceBox {
  readonly widthMm: number;
  readonly heightMm: number;
}

function shapeOf(kind: (typeof SHAPES)[number], random: () => number): Json & Partial<PlaceBox> {
  const between = (from: number, to: number) => Math.round((from + (to - from) * random()) * 10) / 10;
  const widthMm = between(90, 200);
  const heightMm = between(45, 110);
  switch (kind) {
    case 'rect':
    case 'round':
      return { kind: 'rect', widthMm, heightMm };
    case 'roundedRect':
      return { kind, widthMm, heightMm, radiusMm: between(4, heightMm / 2) };
    case 'ellipse':
      return { kind, widthMm, heightMm: between(60, 150) };
    case 'taper':
      return { kind, topWidthMm: widthMm, bottomWidthMm: between(widthMm * 0.5, widthMm), heightMm };
    case 'ringPart': {
      const innerRadiusMm = between(120, 300);
      const outerRadiusMm = innerRadiusMm + heightMm;
      return {
        kind,
        innerRadiusMm,
        outerRadiusMm,
        sweepDeg: between(20, 50),
        outerAt: random() < 0.5 ? 'top' : 'bottom',
      };
    }
    case 'polygon': {
      const corners = [
        [between(0, widthMm * 0.2), 0],
        [between(widthMm * 0.8, widthMm), between(0, heightMm * 0.1)],
        [widthMm, between(heightMm * 0.6, heightMm * 0.9)],
        [between(widthMm * 0.5, widthMm * 0.9), heightMm],
        [0, between(heightMm * 0.8, heightMm)],
      ];
      return { kind, corners };
    }
  }
}

function placeOf(random: () => number, no: number): PlaceJson {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const kind = SHAPES[no % SHAPES.length]!;
  const isRound = kind === 'round';
  const zone = {
    id: `zonenumber`,
    name: 'button',
    mayLieInLoop: random() < 0.5,
    shape: { kind: 'ellipse', widthMm: 9, heightMm: 9 },
    leftMm: Math.round(20 + random() * 50),
    topMm: Math.round(random() * 30),
  };
  const isHem = !isRound && random() < 0.25;
  const line = isHem ? { kind: 'hem', lineMm: 690 } : { kind: pick(['edge', 'neckSeam']), lineMm: pick([0, 35]) };
  return {
    outline: shapeOf(kind, random),
    clear: random() < 0.35 ? [zone] : [],
    datum: {
      ...(isRound ? { kind: 'rim', lineMm: 0 } : line),
      dropMm: isRound ? 20 : Math.round(40 + random() * 100),
      leftMm: Math.round(30 + random() * 150),
    },
    anchor: random() < 0.5 ? 'centre' : pick(ANCHORS),
    anchorGapMm: random() < 0.3 ? 4 : 0,
    readingDeg: isRound ? 0 : pick([0, 0, 90, 180, 270]),
    wrap: isRound ? { kind: 'round', topMm: 150, bottomMm: pick([150, 120]), heightMm: 190, seenShare: 0.4 } : null,
    centring: null,
  };
}

const idOf = (word: string, no: number) =>
  `${word}${String.fromCharCode(97 + Math.floor(no / 26))}${String.fromCharCode(97 + (no % 26))}`;

/** The spec of a run with so many blanks of so many places each. `spec`: a fresh run of the program. */
export function withRandomPlaces(spec: RunJson, numBlanks: number, placesEach: number, seed: number): RunJson {
  const random = randomFrom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const blank = spec.shop.blanks.find(Boolean)!;
  const use = spec.uses.find(Boolean)!;
  const letterings = spec.shop.letterings.map((copy) => ({ ...copy, value: { ...copy.value, minLetterHeightMm: 1 } }));
  const numbers = Array.from({ length: numBlanks }, (_, i) => i);
  const placeNumbers = Array.from({ length: placesEach }, (_, i) => i);
  const placeIds = placeNumbers.map((k) => idOf('placeoff', k));
  const sizeGroups = numbers.flatMap((i) =>
    placeNumbers.map((k) => ({
      id: idOf('groupoff', i * placesEach + k),
      rule: pick(RULES),
      letter: 'cap',
      lie: pick(LIES),
    })),
  );
  const variant = blank.value.variants.find(Boolean)!;
  return {
    ...spec,
    sizeGroups,
    layout: { ...spec.layout, bedId: 'bed-wide', spacingMm: 3, edgeMm: 5 },
    shop: {
      ...spec.shop,
      letterings,
      beds: [
        ...spec.shop.beds,
        { id: 'bed-wide', fromRev: null, value: { name: 'wide bed', kind: 'bed', widthMm: 640, heightMm: 420 } },
      ],
      blanks: numbers.map((i) => ({
        id: `blank-${i}`,
        fromRev: null,
        value: {
          ...blank.value,
          name: `Blank ${i}`,
          places: placeNumbers.map((k) => ({ id: placeIds[k]!, name: `place ${k}`, side: 'front', twinOf: null })),
          variants: [
            {
              ...variant,
              body: { kind: 'rect', ...BODY },
              places: Object.fromEntries(placeNumbers.map((k) => [placeIds[k]!, placeOf(random, i * placesEach + k)])),
            },
          ],
        },
      })),
    },
    uses: numbers.map((i) => ({
      ...use,
      id: idOf('useofthe', i),
      blankId: `blank-${i}`,
      variant: { kind: 'fixed', variantId: variant.id },
      places: placeNumbers.map((k) => ({
        ...use.places.find(Boolean)!,
        placeId: placeIds[k]!,
        letteringId: pick(letterings).id,
        sizeGroupId: idOf('groupoff', i * placesEach + k),
      })),
    })),
  };
}

/** The same run with every place held elsewhere, lettered otherwise and moved: only what follows the run goes with it. */
export function changedEverywhere(spec: RunJson): RunJson {
  const others = spec.shop.letterings.map(({ id }) => id);
  return {
    ...spec,
    uses: spec.uses.map((use) => ({
      ...use,
      places: use.places.map((place) => ({
        ...place,
        letteringId: others[(others.indexOf(place.letteringId) + 1) % others.length]!,
      })),
    })),
    shop: {
      ...spec.shop,
      blanks: spec.shop.blanks.map((blank) => ({
        ...blank,
        value: {
          ...blank.value,
          variants: blank.value.variants.map((variant) => ({
            ...variant,
            places: Object.fromEntries(
              Object.entries(variant.places).map(([id, place]) => [
                id,
                {
                  ...place,
                  anchor: place.anchor === 'bottomRight' ? 'topLeft' : 'bottomRight',
                  datum: { ...place.datum, leftMm: place.datum.leftMm + 7, dropMm: place.datum.dropMm + 11 },
                },
              ]),
            ),
          })),
        },
      })),
    },
  };
}

/** What is read of a run's JSON here. */
export interface RunJson {
  readonly layout: Json;
  readonly sizeGroups: readonly Json[];
  readonly shop: Json & {
    readonly letterings: readonly { readonly id: string; readonly value: Json }[];
    readonly beds: readonly Json[];
    readonly blanks: readonly { readonly id: string; readonly value: BlankJson }[];
  };
  readonly uses: readonly (Json & {
    readonly id: string;
    readonly blankId: string;
    readonly places: readonly (Json & { readonly placeId: string; readonly letteringId: string })[];
  })[];
}

interface BlankJson extends Json {
  readonly name: string;
  readonly variants: readonly (Json & { readonly id: string; readonly places: Readonly<Record<string, PlaceJson>> })[];
}

export interface PlaceJson extends Json {
  readonly anchor: string;
  readonly wrap: Json | null;
  readonly datum: { readonly kind: string; readonly lineMm: number; readonly dropMm: number; readonly leftMm: number };
}

export { BODY };
