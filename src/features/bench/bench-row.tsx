import { type MouseEvent, memo } from 'react';
import { madeOtherwise, facetOf } from '@/client';
import type { BenchItem } from '@/services';
import { Facet } from '@/ui';
import { IN_HAND_ID } from './focus';
import { passesWords } from './item-places';

interface BenchRowProps {
  readonly item: BenchItem;
  readonly isCurrent: boolean;
  readonly isPicked: boolean;
  /** True where the run has several blanks, so that the name alone does not say which. */
  readonly hasBlanks: boolean;
  /** Stays the same function, so that a row is drawn again only when its own item or state changed. */
  readonly onPick: (event: MouseEvent, itemId: string) => void;
}

/** One item: its facet, its name, and the facet's meaning in words. */
export const BenchRow = memo(function BenchRow({ item, isCurrent, isPicked, hasBlanks, onPick }: BenchRowProps) {
  const facet = facetOf(item);
  const now = item.text.join(' ');
  const asCut = madeOtherwise(item);
  const words = asCut ?? now;
  const whose = item.fields.text ?? '';
  const isMade = item.pieces.some(({ passNo }) => passNo !== null);
  return (
    <button
      type="button"
      id={isCurrent ? IN_HAND_ID : undefined}
      aria-pressed={isPicked}
      aria-current={isCurrent ? 'true' : undefined}
      onClick={(event) => onPick(event, item.itemId)}
      className={`flex min-h-touch w-full items-center gap-3 border-b border-l-4 border-b-rule px-3 text-left ${
        isPicked ? 'bg-verdigris-tint' : 'hover:bg-paper'
      } ${isCurrent ? 'border-l-verdigris font-semibold' : 'border-l-transparent'}`}
    >
      <Facet {...facet} sizePx={24} />
      <span className="min-w-0 flex-1 break-words">
        {words}
        {asCut !== null && (
          <span className="block text-sm font-normal text-brass">made so; the run says now “{now}”</span>
        )}
        {hasBlanks && (
          <span className="block text-sm font-normal text-soft">
            {item.blankName}
            {item.variantWords && `, ${item.variantWords}`}
          </span>
        )}
        {whose !== '' && whose !== words && whose !== now && (
          <span className="block text-sm font-normal text-soft">{whose}</span>
        )}
      </span>
      <span className="max-w-32 text-right font-narrow text-sm text-soft" aria-hidden>
        {facet.label}
        {isMade && <span className="measure block text-fine">{passesWords(item.pieces)}</span>}
      </span>
    </button>
  );
});
