import { placeGeometry } from '@/core/place';
import type { Shape } from '@/core/shop';
import { aPlace, aRect, aVariant, aZone } from '@/core/test';
import { type Bench, cpuMs } from './bench';

/** What is computed anew with every millimetre that a place is pulled by: each kind of outline, a clear zone in it. */
const SHAPES: readonly Shape[] = [
  { kind: 'ellipse', widthMm: 220, heightMm: 120 },
  { kind: 'roundedRect', widthMm: 220, heightMm: 120, radiusMm: 30 },
  { kind: 'ringPart', innerRadiusMm: 280, outerRadiusMm: 340, sweepDeg: 30, outerAt: 'top' },
  { kind: 'taper', topWidthMm: 200, bottomWidthMm: 140, heightMm: 90 },
];

export const PLACE_BENCHES: readonly Bench[] = [
  {
    name: 'usable rectangles of 20 places with curved outlines and a clear zone, filled bag',
    target: 'none set',
    run: () => ({
      ms: cpuMs(() => {
        let area = 0;
        for (let i = 0; i < 20; i++) {
          const clear = [aZone('seam', aRect(12, 30), 60 + i, 10)];
          const wrap = { kind: 'filled', gussetMm: 0, depthMm: 110, seenDeg: 40 } as const;
          const { usable } = placeGeometry(aVariant(), aPlace({ outline: SHAPES[i % SHAPES.length]!, clear, wrap }));
          area += (usable?.widthMm ?? 0) * (usable?.heightMm ?? 0);
        }
        return area;
      }),
      note: '',
    }),
  },
];
