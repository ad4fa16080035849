import { kindFacts, type MaterialKind } from './material-kind';
import {
  BRASS_SCRIPT_SHA,
  HEAVY_SLAB_SHA,
  NARROW_BLOCK_SHA,
  PEN_SCRIPT_SHA,
  RIBBON_SCRIPT_SHA,
  ROUND_BLOCK_SHA,
  STAND_BLOCK_SHA,
  TALL_CAPITALS_SHA,
} from './shipped-faces';
import type { Blank } from './blank-schema';
import type { Bed, Copy, Lettering, Material } from './shop-schema';

/**
 * What a bare list is worked with. General starting points: the maker measures the blank in hand, and the film maker's
 * sheet wins over every figure.
 */

type Some<T> = readonly [T, ...T[]];
type BlankWithParts = Copy<Blank> & {
  readonly value: {
    readonly places: Some<Blank['places'][number]>;
    readonly variants: Some<Blank['variants'][number]>;
  };
};

export const DEFAULT_BLANK: BlankWithParts = {
  id: 'garment-bag',
  fromRev: null,
  value: {
    name: 'Garment bag',
    kind: 'bag',
    uses: ['scuffed'],
    fabric: 'polyester',
    fabricClass: 'polyester',
    polyesterPct: 100,
    texture: 'woven',
    thicknessMm: 1,
    stretch: 'none',
    bearsC: 165,
    pack: { count: 1, priceCents: null, currency: 'EUR' },
    preparation: [],
    photo: null,
    places: [{ id: 'chestplace', name: 'chest', side: 'front', twinOf: null }],
    variants: [
      {
        id: 'blackonlya',
        size: 'one size',
        colour: { name: 'black', hex: '#26292e' },
        body: { kind: 'rect', widthMm: 600, heightMm: 1000 },
        stock: { onHand: 0, seconds: 0, marked: [] },
        places: {
          chestplace: {
            outline: { kind: 'rect', widthMm: 180, heightMm: 52 },
            clear: [],
            datum: { kind: 'edge', lineMm: 0, dropMm: 180, leftMm: 210 },
            anchor: 'centre',
            anchorGapMm: 0,
            readingDeg: 0,
            wrap: null,
            centring: null,
          },
        },
      },
    ],
  },
};

/** Of a material that nobody has said more of. */
export const NOTHING_SAID = { bought: null, priceCents: null, currency: 'EUR', blade: '', note: '' } as const;

/** One that nobody has said more of than what it is. */
export function plainMaterial(
  id: string,
  name: string,
  kind: MaterialKind,
  [colour, hex]: readonly [colour: string, hex: string],
): Copy<Material> {
  const said = { name, kind, colour: { name: colour, hex }, finest: kindFacts(kind).finest };
  return { id, fromRev: null, value: { ...said, ...NOTHING_SAID } };
}

export const DEFAULT_MATERIALS: Some<Copy<Material>> = [
  plainMaterial('film-gold', 'gold heat-transfer film', 'standardFilm', ['gold', '#e0b25a']),
  plainMaterial('film-white', 'white heat-transfer film', 'standardFilm', ['white', '#f7f5ee']),
  plainMaterial('film-stretch', 'navy stretch film', 'stretchFilm', ['navy', '#24344f']),
  plainMaterial('film-metallic', 'silver metallic film', 'metallicFilm', ['silver', '#b9bfc4']),
  plainMaterial('film-holographic', 'holographic film', 'holographicFilm', ['pearl', '#b8c9d9']),
  plainMaterial('film-glitter', 'gold glitter film', 'glitterFilm', ['gold', '#c99a35']),
  plainMaterial('film-flock', 'burgundy flock film', 'flockFilm', ['burgundy', '#6d2234']),
  plainMaterial('film-patterned', 'patterned film', 'patternedFilm', ['patterned', '#8a9a5b']),
  plainMaterial('film-puff', 'white puff film', 'puffFilm', ['white', '#f2efe6']),
  plainMaterial('film-low-melt', 'white low-melt film', 'lowMeltFilm', ['white', '#f4f2ea']),
  plainMaterial('ink-red', 'red transfer-ink sheet', 'inkSheet', ['red', '#b23a34']),
  plainMaterial('adhesive-silver', 'silver adhesive film', 'adhesiveFilm', ['silver', '#c3c9cd']),
  plainMaterial('card-cream', 'cream card', 'card', ['cream', '#efe3c2']),
  plainMaterial('leather-tan', 'tan leather', 'leather', ['tan', '#b07f4f']),
  plainMaterial('transfer-bought', 'ready-made transfers', 'readyMade', ['as supplied', '#d8d2c4']),
];

export const DEFAULT_BEDS: Some<Copy<Bed>> = [
  { id: 'bed-small', fromRev: null, value: { name: 'small bed', kind: 'bed', widthMm: 290, heightMm: 290 } },
  { id: 'bed-long', fromRev: null, value: { name: 'long bed', kind: 'bed', widthMm: 290, heightMm: 590 } },
  { id: 'roll', fromRev: null, value: { name: 'roll without a bed', kind: 'roll', widthMm: 290, heightMm: 1500 } },
];

/** What a new one starts as. */
export const NEW_BED: Bed = { name: 'new bed', kind: 'bed', widthMm: 290, heightMm: 290 };

function oneFace(id: string, name: string, face: string, leastMm: number): Copy<Lettering> {
  return {
    id,
    fromRev: null,
    value: {
      name,
      lines: [{ face, caseForm: 'asTyped', trackingEm: 0, features: [] }],
      layers: [{ id: 'textlayera', slot: 'main', make: { kind: 'text' } }],
      minLetterHeightMm: leastMm,
    },
  };
}

/** What a new one starts as. */
export const NEW_LETTERING: Lettering = oneFace('new', 'new lettering', STAND_BLOCK_SHA, 8).value;

/** The least heights keep the thinnest stroke of each face a little over half a millimetre. */
export const DEFAULT_LETTERINGS: Some<Copy<Lettering>> = [
  oneFace('brass-script', 'Brass script', BRASS_SCRIPT_SHA, 12),
  oneFace('ribbon-script', 'Ribbon script', RIBBON_SCRIPT_SHA, 20),
  oneFace('pen-script', 'Pen script', PEN_SCRIPT_SHA, 16),
  oneFace('stand-block', 'Stand block', STAND_BLOCK_SHA, 8),
  oneFace('round-block', 'Round block', ROUND_BLOCK_SHA, 8),
  oneFace('heavy-slab', 'Heavy slab', HEAVY_SLAB_SHA, 7),
  oneFace('narrow-block', 'Narrow block', NARROW_BLOCK_SHA, 7),
  oneFace('tall-capitals', 'Tall capitals', TALL_CAPITALS_SHA, 7),
];
