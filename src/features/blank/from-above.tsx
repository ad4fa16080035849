'use client';

import { HOUSE } from '@/core/tokens';
import { useLengths } from '@/client';
import type { SeenAcross } from '@/core/place';
import { DimensionLine } from '@/drawing';

/** The body cut through, seen from above; the arc that is read well stands at the front, in the colour of action. */
export function FromAbove({ seen }: { readonly seen: SeenAcross }) {
  const { exact: figure } = useLengths();
  const { acrossMm: a, depthMm: b, seenMm, clothMm } = seen;
  const wide = a * 1.15;
  const text = wide / 8;
  const half = seenMm / 2;
  const y = b * Math.sqrt(Math.max(0, 1 - (half / a) ** 2));
  return (
    <>
      <h2 className="heading-small">From above</h2>
      <svg
        role="img"
        aria-label={`Cut through: ${figure(2 * a)} wide and ${figure(2 * b)} deep; ${figure(clothMm)} of the front face the viewer`}
        viewBox={`${-wide} ${-b - text / 2} ${2 * wide} ${2 * b + text * 2.8}`}
        className="max-h-[170px] w-full"
      >
        <ellipse rx={a} ry={b} fill={HOUSE.shade} stroke={HOUSE.ruleStrong} strokeWidth={text / 14} />
        <path
          d={`M${-half} ${y}A${a} ${b} 0 0 0 ${half} ${y}`}
          fill="none"
          stroke={HOUSE.verdigris}
          strokeWidth={text / 3.5}
        />
        <DimensionLine
          from={[-half, b + text * 1.3]}
          to={[half, b + text * 1.3]}
          label={figure(seenMm)}
          textSize={text}
        />
      </svg>
    </>
  );
}
