'use client';

import { useMemo } from 'react';
import { useItemViews } from '@/client';
import { ItemPicture } from '@/drawing';

interface ItemThumbProps {
  readonly itemId: string;
  readonly onOpen: () => void;
}

/** The thing with its lettering, small, beside what is decided about it; a click shows it large. */
export function ItemThumb({ itemId, onOpen }: ItemThumbProps) {
  const [item] = useItemViews(useMemo(() => [itemId], [itemId]));
  if (!item || item.views.length === 0) return null;
  return (
    <button
      type="button"
      aria-label={`${item.words}, as handed over`}
      title="as handed over"
      className="flex items-start gap-1"
      onClick={onOpen}
    >
      {item.views.map(({ blank, variant, faces, isCutHere }, i) => (
        <ItemPicture
          key={i}
          kind={blank.kind}
          variant={variant}
          faces={faces}
          isBare={isCutHere}
          className="h-18 max-w-24"
        />
      ))}
    </button>
  );
}
