import type { Random } from '@/core/random';
import type { ClearZone, MeasuredPlace, Shape } from '@/core/shop';
import { aPlace, aRect, aZone } from '@/core/test';

export const PLACE_KINDS = [
  'rect',
  'taper',
  'circle',
  'roundedRect',
  'ringPart',
  'corner',
  'button',
  'twoZones',
  'seam',
] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** A made-up place of one kind, between a tag and the front of a bag. */
export function randomPlace(kind: PlaceKind, random: Random): MeasuredPlace {
  const between = (from: number, to: number) => from + (to - from) * random();
  const widthMm = between(70, 220);
  const heightMm = between(35, 120);
  const round = (leftShare: number, topShare: number, acrossMm: number): ClearZone =>
    aZone(
      'button',
      { kind: 'ellipse', widthMm: acrossMm, heightMm: acrossMm },
      (widthMm - acrossMm) * leftShare,
      (heightMm - acrossMm) * topShare,
    );
  switch (kind) {
    case 'rect':
      return aPlace({ outline: { kind: 'rect', widthMm, heightMm } });
    case 'taper':
      return aPlace({
        outline: { kind: 'taper', topWidthMm: widthMm, bottomWidthMm: widthMm * between(0.3, 0.9), heightMm },
      });
    case 'circle':
      return aPlace({ outline: { kind: 'ellipse', widthMm, heightMm: widthMm * between(0.6, 1) } });
    case 'roundedRect':
      return aPlace({ outline: { kind: 'roundedRect', widthMm, heightMm, radiusMm: heightMm * between(0.1, 0.5) } });
    case 'ringPart': {
      const innerRadiusMm = between(60, 300);
      const outline: Shape = {
        kind: 'ringPart',
        innerRadiusMm,
        outerRadiusMm: innerRadiusMm + heightMm,
        sweepDeg: between(20, 80),
        outerAt: random() < 0.5 ? 'top' : 'bottom',
      };
      return aPlace({ outline });
    }
    case 'corner': {
      const [x, y] = [widthMm * between(0.3, 0.7), heightMm * between(0.3, 0.7)];
      const corners = [
        { xMm: 0, yMm: 0 },
        { xMm: x, yMm: 0 },
        { xMm: x, yMm: y },
        { xMm: widthMm, yMm: y },
        { xMm: widthMm, yMm: heightMm },
        { xMm: 0, yMm: heightMm },
      ];
      return aPlace({ outline: { kind: 'polygon', corners: corners.map(({ xMm, yMm }) => [xMm, yMm]) } as Shape });
    }
    case 'button':
      return aPlace({
        outline: { kind: 'rect', widthMm, heightMm },
        clear: [round(random(), random(), between(8, 24))],
      });
    case 'twoZones': {
      const corners: [number, number][] = [
        [widthMm * between(0, 0.15), 0],
        [widthMm * between(0.85, 1), heightMm * between(0, 0.1)],
        [widthMm, heightMm * between(0.6, 0.9)],
        [widthMm * between(0.6, 0.9), heightMm],
        [0, heightMm * between(0.8, 1)],
      ];
      return aPlace({
        outline: { kind: 'polygon', corners } as Shape,
        clear: [
          round(between(0.1, 0.4), between(0, 0.3), between(6, 16)),
          round(between(0.6, 0.9), between(0.7, 1), between(6, 16)),
        ],
      });
    }
    case 'seam': {
      const seamMm = between(3, 8);
      return aPlace({
        outline: { kind: 'rect', widthMm, heightMm },
        clear: [aZone('seam', aRect(seamMm, heightMm * between(0.4, 0.8)), widthMm * between(0.2, 0.8), 0)],
      });
    }
  }
}
