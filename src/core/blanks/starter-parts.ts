import {
  type Blank,
  type MeasuredPlace,
  type PlaceRole,
  type Shape,
  type Variant,
  type Wrap,
  fabricClassOf,
  usualCeilingC,
} from '../shop';

/** Parts that starter blanks are put together from; ids are made from words, so that they are the same everywhere. */

/** Ten characters from a word, as every id has. */
export function idFrom(word: string): string {
  const letters = word.toLowerCase().replace(/[^a-z0-9]/g, '');
  return `${letters}xxxxxxxxxx`.slice(0, 10);
}

export const COLOURS = {
  black: '#26292e',
  navy: '#24344f',
  burgundy: '#5d2230',
  natural: '#d9cdb4',
  white: '#f4f2ec',
  moss: '#4c5a3c',
  steel: '#aeb4b8',
  tan: '#a9794c',
  birch: '#dcc69c',
} as const;

export function role(
  name: string,
  side: PlaceRole['side'] = 'front',
  twinOf: string | null = null,
): Blank['places'][number] {
  return { id: idFrom(`p${name}`), name, side, twinOf: twinOf === null ? null : idFrom(`p${twinOf}`) };
}

interface Lies {
  readonly left: number;
  readonly drop: number;
  readonly datum?: MeasuredPlace['datum']['kind'];
  readonly line?: number;
  readonly anchor?: MeasuredPlace['anchor'];
  readonly reading?: MeasuredPlace['readingDeg'];
  readonly wrap?: Wrap;
  readonly clear?: MeasuredPlace['clear'];
}

export function place(outline: Shape, lies: Lies): MeasuredPlace {
  const { left, drop, datum = 'edge', line = 0, anchor = 'centre', reading = 0, wrap = null, clear = [] } = lies;
  return {
    outline,
    clear,
    datum: { kind: datum, lineMm: line, dropMm: drop, leftMm: left },
    anchor,
    anchorGapMm: 0,
    readingDeg: reading,
    wrap,
    centring: null,
  };
}

/** Where a place of that width begins to lie in the middle of goods folded in so many parts across. */
export function middleOfFold(widthMm: number, parts: number, placeMm: number): number {
  return (widthMm / parts - placeMm) / 2;
}

export const rect = (widthMm: number, heightMm: number): Shape => ({ kind: 'rect', widthMm, heightMm });

export function variant(
  size: string,
  colour: keyof typeof COLOURS,
  [widthMm, heightMm]: readonly [number, number],
  places: Readonly<Record<string, MeasuredPlace>>,
): Variant {
  return {
    id: idFrom(`v${size}${colour}`),
    size,
    colour: { name: colour, hex: COLOURS[colour] },
    body: { kind: 'rect', widthMm, heightMm },
    stock: { onHand: 0, seconds: 0, marked: [] },
    places: Object.fromEntries(Object.entries(places).map(([name, measured]) => [idFrom(`p${name}`), measured])),
  };
}

type StarterFacts = Pick<Blank, 'kind' | 'uses' | 'fabric' | 'places' | 'variants'> & Partial<Blank>;

/** A blank of the starter catalogue; what is not said is plain. */
export function starter(id: string, name: string, facts: StarterFacts) {
  const value: Blank = {
    name,
    fabricClass: fabricClassOf(facts.fabric),
    polyesterPct: null,
    texture: 'woven',
    thicknessMm: 1,
    stretch: 'none',
    bearsC: usualCeilingC(facts.fabric),
    pack: { count: 1, priceCents: null, currency: 'EUR' },
    preparation: [],
    photo: null,
    ...facts,
  };
  return { id, fromRev: null, value };
}
