import { BRASS_SCRIPT_SHA, STAND_BLOCK_SHA } from './shipped-faces';
import type { RunSpec } from './run-spec';

/**
 * What a bare list is worked with. General starting points: the maker measures the blank in hand, and the film maker's
 * sheet wins over every figure.
 */

type Shop = RunSpec['shop'];
type Some<T> = readonly [T, ...T[]];
type BlankCopy = Shop['blanks'][number];
type BlankWithParts = BlankCopy & {
  readonly value: {
    readonly places: Some<BlankCopy['value']['places'][number]>;
    readonly variants: Some<BlankCopy['value']['variants'][number]>;
  };
};

export const DEFAULT_BLANK: BlankWithParts = {
  id: 'garment-bag',
  fromRev: null,
  value: {
    name: 'Garment bag',
    fabric: 'polyester',
    places: [{ id: 'chestplace', name: 'chest', side: 'front', twinOf: null }],
    variants: [
      {
        id: 'blackonlya',
        size: 'one size',
        colour: { name: 'black', hex: '#26292e' },
        body: { kind: 'rect', widthMm: 600, heightMm: 1000 },
        places: {
          chestplace: {
            outline: { kind: 'rect', widthMm: 180, heightMm: 52 },
            clear: [],
            datum: { kind: 'edges', leftMm: 210, topMm: 180 },
            anchor: 'centre',
            readingDeg: 0,
            wrap: null,
          },
        },
      },
    ],
  },
};

export const DEFAULT_MATERIALS: Some<Shop['materials'][number]> = [
  {
    id: 'film-gold',
    fromRev: null,
    value: { name: 'gold heat-transfer film', process: 'film', colour: { name: 'gold', hex: '#e0b25a' } },
  },
  {
    id: 'film-white',
    fromRev: null,
    value: { name: 'white heat-transfer film', process: 'film', colour: { name: 'white', hex: '#f7f5ee' } },
  },
  {
    id: 'adhesive-silver',
    fromRev: null,
    value: { name: 'silver adhesive film', process: 'adhesiveFilm', colour: { name: 'silver', hex: '#c3c9cd' } },
  },
  {
    id: 'card-cream',
    fromRev: null,
    value: { name: 'cream card', process: 'card', colour: { name: 'cream', hex: '#efe3c2' } },
  },
];

export const DEFAULT_BEDS: Some<Shop['beds'][number]> = [
  { id: 'bed-small', fromRev: null, value: { name: 'small bed', widthMm: 290, heightMm: 290 } },
  { id: 'bed-long', fromRev: null, value: { name: 'long bed', widthMm: 290, heightMm: 590 } },
];

function oneFace(id: string, name: string, layerId: string, face: string, leastMm: number): Shop['letterings'][number] {
  return {
    id,
    fromRev: null,
    value: {
      name,
      lines: [{ face, caseForm: 'asTyped', trackingEm: 0, features: [] }],
      layers: [{ id: layerId, slot: 'main', make: { kind: 'text' } }],
      minLetterHeightMm: leastMm,
    },
  };
}

/** The least heights keep the thinnest stroke of each face a little over half a millimetre. */
export const DEFAULT_LETTERINGS: Some<Shop['letterings'][number]> = [
  oneFace('brass-script', 'Brass script', 'textlayera', BRASS_SCRIPT_SHA, 12),
  oneFace('stand-block', 'Stand block', 'textlayera', STAND_BLOCK_SHA, 8),
];
