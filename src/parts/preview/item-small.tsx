'use client';

import { useMemo } from 'react';
import { useItemViews } from '@/client';
import { ItemPicture } from '@/drawing';

/** The thing with its lettering, small: every side of it that carries ink. Without any, nothing. */
export function ItemSmall({ itemId, isLabelled }: { readonly itemId: string; readonly isLabelled: boolean }) {
  const [item] = useItemViews(useMemo(() => [itemId], [itemId]));
  return item?.views.map(({ blank, variant, faces, isCutHere, words }, i) => (
    <ItemPicture
      key={i}
      kind={blank.kind}
      variant={variant}
      faces={faces}
      isBare={isCutHere}
      {...(isLabelled ? { label: `${item.words} as handed over, ${words}` } : {})}
      className="h-18 max-w-24"
    />
  ));
}
