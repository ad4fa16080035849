'use client';

import { useLengths } from '@/client';
import { inkOnBlank } from '@/core/place';
import type { BenchItem } from '@/services';
import { Figure } from './figure';
import { ItemDrawing } from './item-drawing';
import type { ItemPlace } from './item-places';
import { acrossWords, dropWords } from './sentences';
import { type ItemShape, useItemShape } from './use-item-shape';

interface ItemPlaceProps {
  readonly item: BenchItem;
  readonly at: ItemPlace;
  /** Named where the item has more places than one. */
  readonly isNamed: boolean;
}

/** One place of the item in hand: its lettering as it was cut, and where a ruler is laid. */
export function ItemPlaceView({ item, at: { place, piece }, isNamed }: ItemPlaceProps) {
  const shape = useItemShape(item, piece);
  return (
    <section aria-label={place.role.name} className="min-w-0">
      {isNamed && (
        <h2 className="heading-small mb-1">
          {place.role.name}: {piece.text.join(' ')}
        </h2>
      )}
      <ItemDrawing
        place={place}
        shape={shape}
        film={piece.materialHex}
        label={piece.text.join(' ')}
        isSmall={isNamed}
      />
      <dl className="mt-3 flex flex-wrap gap-x-9 gap-y-3">
        {shape && <PlaceFigures at={place} shape={shape} />}
        {shape?.numHoles != null && <Figure label="holes to weed" value={String(shape.numHoles)} />}
        <Figure label="from" value={piece.passNo == null ? 'no pass yet' : `pass ${piece.passNo}`} />
      </dl>
    </section>
  );
}

/** The placement card: from the ink to the blank's sides and to the line that its place is measured from. */
function PlaceFigures({ at, shape }: { readonly at: ItemPlace['place']; readonly shape: ItemShape }) {
  const { figure, pair, word } = useLengths();
  const ink = inkOnBlank(at.variant, at.measured, shape.widthMm, shape.heightMm);
  return (
    <>
      <Figure label={acrossWords(ink)} value={`${figure(ink.leftMm, 0)} · ${figure(ink.rightMm, 0)} ${word}`} />
      <Figure label={dropWords(ink)} value={`${figure(ink.dropMm, 0)} ${word}`} />
      <Figure label="ink" value={pair(shape.widthMm, shape.heightMm, 0)} />
    </>
  );
}
