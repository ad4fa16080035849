import { HOUSE } from '@/core/tokens';

export interface FacetProps {
  /** How many of the four facets are full: cut, weeded, bonded, checked. */
  readonly filled: 0 | 1 | 2 | 3 | 4;
  /** A ring around it. */
  readonly isPacked: boolean;
  /** A notch: a cutting was spoiled and is not made good yet. */
  readonly isSpoiled: boolean;
  /** What the mark says, in words. */
  readonly label: string;
  readonly sizePx?: number;
}

/** Clockwise from the upper left, as seen. */
const QUARTERS = ['M12 3V12H3Z', 'M12 3 21 12H12Z', 'M21 12 12 21V12Z', 'M12 21 3 12H12Z'];

/** The one mark of how far an item is. */
export function Facet({ filled, isPacked, isSpoiled, label, sizePx = 20 }: FacetProps) {
  return (
    <svg width={sizePx} height={sizePx} viewBox="0 0 24 24" role="img" aria-label={label} className="shrink-0">
      <title>{label}</title>
      {QUARTERS.map((quarter, i) => (
        <path
          key={quarter}
          d={quarter}
          fill={i < filled ? HOUSE.verdigris : '#fff'}
          stroke={HOUSE.ink}
          strokeWidth="1"
          strokeLinejoin="round"
        />
      ))}
      {isPacked && <circle cx="12" cy="12" r="11" fill="none" stroke={HOUSE.ink} strokeWidth="1.6" />}
      {isSpoiled && <path d="M14 1H23V10Z" fill={HOUSE.madder} stroke={HOUSE.paper} strokeWidth="1" />}
    </svg>
  );
}
