import { place, rect, role, starter, variant } from './starter-parts';

export const HARD = [
  starter('steel-bottle', 'Steel bottle', {
    kind: 'bottle',
    uses: ['food', 'scuffed'],
    fabric: 'coated steel',
    texture: 'smooth',
    preparation: ['peelStickers', 'clean'],
    pack: { count: 4, priceCents: 3560, currency: 'EUR' },
    places: [role('side')],
    variants: [
      variant('500 ml', 'steel', [70, 250], {
        side: place(rect(110, 70), {
          left: 0,
          drop: 90,
          datum: 'rim',
          wrap: { kind: 'round', topMm: 70, bottomMm: 70, heightMm: 250, seenShare: 0.4 },
        }),
      }),
      variant('350 ml', 'navy', [66, 200], {
        side: place(rect(100, 60), {
          left: 0,
          drop: 75,
          datum: 'rim',
          wrap: { kind: 'round', topMm: 60, bottomMm: 66, heightMm: 200, seenShare: 0.4 },
        }),
      }),
    ],
  }),
  starter('tapered-cup', 'Tapered cup', {
    kind: 'cup',
    uses: ['food'],
    fabric: 'coated ceramic',
    texture: 'smooth',
    thicknessMm: 4,
    preparation: ['clean'],
    pack: { count: 6, priceCents: 2940, currency: 'EUR' },
    places: [role('side')],
    variants: [
      variant('', 'white', [92, 110], {
        side: place(rect(120, 55), {
          left: 0,
          drop: 25,
          datum: 'rim',
          wrap: { kind: 'round', topMm: 92, bottomMm: 64, heightMm: 110, seenShare: 0.4 },
        }),
      }),
    ],
  }),
  starter('glass-jar', 'Glass jar', {
    kind: 'bottle',
    uses: ['food', 'decorative'],
    fabric: 'glass',
    texture: 'smooth',
    thicknessMm: 3,
    preparation: ['peelStickers', 'clean', 'beforeFilling'],
    pack: { count: 12, priceCents: 1680, currency: 'EUR' },
    places: [role('side')],
    variants: [
      variant('', 'white', [85, 120], {
        side: place(rect(90, 50), {
          left: 0,
          drop: 40,
          datum: 'rim',
          wrap: { kind: 'round', topMm: 85, bottomMm: 85, heightMm: 120, seenShare: 0.35 },
        }),
      }),
    ],
  }),
  starter('music-folder', 'Music folder', {
    kind: 'book',
    uses: ['scuffed'],
    fabric: 'leatherette',
    texture: 'grained',
    thicknessMm: 3,
    preparation: ['clean'],
    pack: { count: 1, priceCents: 690, currency: 'EUR' },
    places: [role('cover'), role('back cover', 'back')],
    variants: (['black', 'burgundy'] as const).map((colour) =>
      variant('', colour, [245, 320], {
        cover: place(
          { kind: 'roundedRect', widthMm: 170, heightMm: 70, radiusMm: 8 },
          { left: 50, drop: 215, anchor: 'bottomRight' },
        ),
        'back cover': place(rect(120, 40), { left: 62, drop: 250 }),
      }),
    ),
  }),
  starter('luggage-tag', 'Luggage tag', {
    kind: 'tag',
    uses: ['scuffed'],
    fabric: 'leatherette',
    texture: 'grained',
    thicknessMm: 2,
    pack: { count: 10, priceCents: 1890, currency: 'EUR' },
    places: [role('face')],
    variants: [
      variant('', 'tan', [110, 65], {
        face: place(
          { kind: 'roundedRect', widthMm: 100, heightMm: 55, radiusMm: 10 },
          {
            left: 5,
            drop: 5,
            clear: [
              {
                id: 'zonehole01',
                name: 'hole',
                mayLieInLoop: false,
                shape: { kind: 'ellipse', widthMm: 18, heightMm: 18 },
                leftMm: 2,
                topMm: 18,
              },
            ],
          },
        ),
      }),
    ],
  }),
  starter('gift-tag', 'Gift tag, cut here', {
    kind: 'tag',
    uses: ['decorative'],
    fabric: 'card',
    texture: 'smooth',
    thicknessMm: 0.4,
    pack: { count: 1, priceCents: null, currency: 'EUR' },
    places: [role('face')],
    variants: [
      variant('', 'natural', [90, 50], {
        face: place({ kind: 'roundedRect', widthMm: 90, heightMm: 50, radiusMm: 6 }, { left: 0, drop: 0 }),
      }),
    ],
  }),
  starter('gift-card', 'Folded card', {
    kind: 'card',
    uses: ['decorative'],
    fabric: 'card',
    texture: 'smooth',
    thicknessMm: 0.4,
    pack: { count: 20, priceCents: 740, currency: 'EUR' },
    places: [role('front')],
    variants: [variant('', 'natural', [105, 148], { front: place(rect(85, 60), { left: 10, drop: 44 }) })],
  }),
  starter('wooden-box', 'Wooden box', {
    kind: 'case',
    uses: ['decorative'],
    fabric: 'wood',
    texture: 'grained',
    thicknessMm: 60,
    preparation: ['clean', 'beforeFilling'],
    pack: { count: 2, priceCents: 1580, currency: 'EUR' },
    places: [role('lid')],
    variants: [
      variant('', 'birch', [200, 140], {
        lid: place(rect(160, 80), {
          left: 20,
          drop: 30,
          clear: [
            {
              id: 'zoneclasp1',
              name: 'clasp',
              mayLieInLoop: false,
              shape: { kind: 'rect', widthMm: 30, heightMm: 15 },
              leftMm: 65,
              topMm: 65,
            },
          ],
        }),
      }),
    ],
  }),
];
