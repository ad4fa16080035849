import { ItemSmall } from './item-small';

interface ItemThumbProps {
  readonly itemId: string;
  /** What the item says. */
  readonly words: string;
  readonly onOpen: () => void;
}

/** The thing with its lettering, small, beside what is decided about it; a click shows it large. */
export function ItemThumb({ itemId, words, onOpen }: ItemThumbProps) {
  return (
    <button
      type="button"
      aria-label={`${words}, as handed over`}
      title="as handed over"
      className="flex items-start gap-1"
      onClick={onOpen}
    >
      <ItemSmall itemId={itemId} isLabelled={false} />
    </button>
  );
}
