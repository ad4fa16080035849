import type { Variant } from '../shop';
import { type COLOURS, middleOfFold, place, rect, role, starter, variant } from './starter-parts';

/** Chest width, length, and the two usual places of a shirt by size; millimetres, laid flat. */
const SHIRTS: readonly (readonly [size: string, chest: number, length: number, drop: number])[] = [
  ['0–3 m', 210, 270, 35],
  ['6–12 m', 240, 310, 35],
  ['2 y', 290, 380, 45],
  ['6 y', 350, 460, 55],
  ['10 y', 400, 540, 55],
  ['S', 470, 690, 75],
  ['M', 510, 710, 75],
  ['L', 550, 730, 80],
  ['XL', 590, 750, 80],
  ['XXL', 630, 770, 85],
];

function shirts(colour: keyof typeof COLOURS): Variant[] {
  return SHIRTS.map(([size, chest, length, drop]) => {
    const across = Math.round(chest * 0.48);
    const oneSide = Math.round(Math.min(110, chest * 0.26));
    const neck = Math.round(length * 0.09);
    return variant(size, colour, [chest, length], {
      front: place(rect(across, Math.round(across * 0.35)), {
        left: (chest - across) / 2,
        drop,
        datum: 'neckSeam',
        line: neck,
        anchor: 'top',
      }),
      chest: place(rect(oneSide, Math.round(oneSide * 0.4)), {
        left: Math.round(chest * 0.57),
        drop,
        datum: 'neckSeam',
        line: neck,
      }),
    });
  });
}

function toteBag(colour: keyof typeof COLOURS): Variant {
  return variant('', colour, [380, 420], {
    front: place(rect(220, 120), {
      left: 80,
      drop: 110,
      wrap: { kind: 'filled', gussetMm: 0, depthMm: 110, seenDeg: 40 },
    }),
  });
}

export const CLOTH = [
  starter('t-shirt', 'T-shirt', {
    kind: 'garment',
    uses: ['worn', 'washed'],
    fabric: 'cotton',
    polyesterPct: 0,
    stretch: 'some',
    preparation: ['preWash', 'tuckTags'],
    pack: { count: 5, priceCents: 2450, currency: 'EUR' },
    places: [role('front'), role('chest', 'left')],
    variants: [...shirts('navy'), ...shirts('white')],
  }),
  starter('tote-bag', 'Tote bag', {
    kind: 'bag',
    uses: ['scuffed', 'washed'],
    fabric: 'cotton',
    polyesterPct: 0,
    preparation: ['beforeFilling'],
    pack: { count: 6, priceCents: 1980, currency: 'EUR' },
    places: [role('front')],
    variants: [toteBag('natural'), toteBag('navy')],
  }),
  starter('drawstring-pouch', 'Drawstring pouch', {
    kind: 'pouch',
    uses: ['decorative'],
    fabric: 'linen',
    texture: 'woven',
    preparation: ['beforeFilling'],
    pack: { count: 12, priceCents: 1560, currency: 'EUR' },
    places: [role('front')],
    variants: [
      variant('', 'natural', [150, 200], {
        front: place(rect(120, 70), {
          left: 15,
          drop: 80,
          wrap: { kind: 'filled', gussetMm: 0, depthMm: 50, seenDeg: 40 },
        }),
      }),
    ],
  }),
  starter('socks', 'Socks, a pair', {
    kind: 'sock',
    uses: ['worn', 'washed'],
    fabric: 'poly-cotton',
    polyesterPct: 35,
    texture: 'ribbed',
    stretch: 'much',
    thicknessMm: 2,
    preparation: ['preWash'],
    pack: { count: 6, priceCents: 1490, currency: 'EUR' },
    places: [role('left sock', 'left'), role('right sock', 'right', 'left sock')],
    variants: (['S', 'M', 'L'] as const).map((size, i) =>
      variant(size, 'black', [95 + 8 * i, 360 + 30 * i], {
        'left sock': place(rect(52 + 6 * i, 130), {
          left: 20,
          drop: 60,
          reading: 90,
          wrap: { kind: 'stretched', acrossPct: 25, downPct: 5 },
        }),
      }),
    ),
  }),
  starter('tea-towel', 'Tea towel', {
    kind: 'towel',
    uses: ['washed', 'food'],
    fabric: 'linen',
    preparation: ['preWash'],
    pack: { count: 4, priceCents: 1800, currency: 'EUR' },
    places: [role('lower third')],
    variants: [
      variant('', 'natural', [500, 700], {
        'lower third': place(rect(130, 60), {
          left: middleOfFold(500, 3, 130),
          drop: 60,
          datum: 'hem',
          line: 350,
          anchor: 'bottom',
          wrap: { kind: 'folded', acrossParts: 3, downParts: 2 },
        }),
      }),
    ],
  }),
  starter('bath-towel', 'Bath towel', {
    kind: 'towel',
    uses: ['washed'],
    fabric: 'cotton',
    texture: 'pile',
    thicknessMm: 6,
    preparation: ['preWash', 'labelsOff'],
    pack: { count: 2, priceCents: 2190, currency: 'EUR' },
    places: [role('border')],
    variants: (['white', 'moss'] as const).map((colour) =>
      variant('', colour, [700, 1400], {
        border: place(rect(190, 80), {
          left: middleOfFold(700, 3, 190),
          drop: 90,
          datum: 'hem',
          line: 700,
          wrap: { kind: 'folded', acrossParts: 3, downParts: 2 },
        }),
      }),
    ),
  }),
  starter('cap', 'Cap', {
    kind: 'headwear',
    uses: ['worn'],
    fabric: 'cotton',
    pack: { count: 3, priceCents: 1350, currency: 'EUR' },
    preparation: ['tuckTags'],
    places: [role('front panel')],
    variants: (['navy', 'black'] as const).map((colour) =>
      variant('', colour, [180, 120], {
        'front panel': place(
          { kind: 'taper', topWidthMm: 80, bottomWidthMm: 120, heightMm: 55 },
          { left: 30, drop: 45, wrap: { kind: 'curved', radiusMm: 85, seenDeg: 40 } },
        ),
      }),
    ),
  }),
  starter('pennant', 'Felt pennant', {
    kind: 'flag',
    uses: ['decorative'],
    fabric: 'felt',
    thicknessMm: 2,
    pack: { count: 10, priceCents: 1250, currency: 'EUR' },
    places: [role('face')],
    variants: [
      variant('', 'burgundy', [240, 320], {
        face: place(
          {
            kind: 'polygon',
            corners: [
              [0, 0],
              [210, 0],
              [105, 260],
            ],
          },
          { left: 15, drop: 20, anchor: 'top' },
        ),
      }),
    ],
  }),
];
