import { formatMm } from '@/core/units';
import type { ScreenFit } from '@/workers/fit-protocol';

const WIDTH = 276;
const BASE = 62;
const DOT = 2.6;

/** One dot per fit over a ruler of cap heights; what lies under the least height lies on a tinted ground. */
export function CapHeights({ fits, leastMm }: { readonly fits: readonly ScreenFit[]; readonly leastMm: number }) {
  const drawn = fits.filter(({ capHeightMm }) => capHeightMm > 0);
  if (drawn.length === 0) return null;
  const smallest = drawn.reduce((low, { capHeightMm }) => Math.min(low, capHeightMm), Infinity);
  const largest = drawn.reduce((high, { capHeightMm }) => Math.max(high, capHeightMm), 0);
  const low = Math.floor(Math.min(leastMm, smallest) - 1);
  const high = Math.ceil(Math.max(leastMm, largest) + 1);
  const x = (mm: number) => 6 + ((mm - low) / (high - low)) * (WIDTH - 12);
  const step = [1, 2, 5, 10, 20, 50, 100].find((mm) => (high - low) / mm <= 8) ?? 200;
  const marks = Array.from({ length: Math.floor(high / step) + 1 }, (_, i) => i * step).filter((mm) => mm >= low);
  return (
    <figure>
      <figcaption className="heading-small mb-1">Cap heights, mm</figcaption>
      <svg
        role="img"
        aria-label={`Cap heights from ${formatMm(smallest)} to ${formatMm(largest)} millimetres; the least is ${formatMm(leastMm)}`}
        viewBox={`0 0 ${WIDTH} 84`}
        className="w-full"
      >
        <rect x="0" y="0" width={x(leastMm)} height={BASE} fill="#f6ddd6" />
        <text x={x(leastMm) - 3} y="10" textAnchor="end" fontSize="10" fill="#9d2f26">
          {x(leastMm) > 60 ? 'too small' : ''}
        </text>
        <path
          d={`M0 ${BASE}H${WIDTH}${marks.map((mm) => `M${x(mm)} ${BASE}v5`).join('')}`}
          stroke="#8d8470"
          fill="none"
        />
        {marks.map((mm) => (
          <text key={mm} x={x(mm)} y={BASE + 17} textAnchor="middle" fontSize="11" fill="#5a6064" className="measure">
            {mm}
          </text>
        ))}
        {stacked(drawn, x).map(({ fit, at, level }) => (
          <circle
            key={fit.itemId}
            cx={at}
            cy={BASE - 5 - level * DOT * 2}
            r={DOT}
            fill={fit.capHeightMm < leastMm ? '#9d2f26' : '#17655e'}
          >
            <title>{`${fit.text.join(' ')}: ${formatMm(fit.capHeightMm)} mm`}</title>
          </circle>
        ))}
      </svg>
    </figure>
  );
}

/** More dots than this in one column would leave the strip; the others stand for them. */
const MOST_STACKED = 10;

/** Dots that would cover each other are stacked, as far as the strip is high. */
function stacked(fits: readonly ScreenFit[], x: (mm: number) => number) {
  const levels = new Map<number, number>();
  return fits.flatMap((fit) => {
    const column = Math.round(x(fit.capHeightMm) / (DOT * 2));
    const level = levels.get(column) ?? 0;
    levels.set(column, level + 1);
    return level > MOST_STACKED ? [] : [{ fit, at: column * DOT * 2, level }];
  });
}
