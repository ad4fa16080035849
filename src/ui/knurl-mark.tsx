import { HOUSE } from '@/core/tokens';

/** The product's mark: a knurled diamond. Decoration; the word stands beside it or in the link's label. */
export function KnurlMark({ sizePx = 24 }: { readonly sizePx?: number }) {
  return (
    <svg width={sizePx} height={sizePx} viewBox="0 0 24 24" aria-hidden="true">
      <path
        d="M12 1 23 12 12 23 1 12ZM12 1V23M1 12H23M6.5 6.5l11 11M17.5 6.5l-11 11"
        fill="none"
        stroke={HOUSE.brassBright}
        strokeWidth="1.4"
      />
    </svg>
  );
}
