import type { ItemViews } from '@/client';
import { ItemPicture } from '@/drawing';

interface PreviewItemProps {
  readonly item: ItemViews;
  readonly isLarge: boolean;
  readonly onPhoto: boolean;
}

/** The sides of one item that carry ink. */
export function PreviewItem({ item: { words, views }, isLarge, onPhoto }: PreviewItemProps) {
  return (
    <figure className="grid min-w-0 justify-items-center gap-1" data-testid="handed-over">
      <div className="flex max-w-full items-center justify-center gap-4">
        {views.map((view, i) => (
          <ItemPicture
            key={i}
            kind={view.blank.kind}
            variant={view.variant}
            faces={view.faces}
            isBare={view.isCutHere}
            photo={onPhoto ? view.blank.photo : null}
            label={`${words}, ${view.words}`}
            className={isLarge ? 'h-[min(52vh,430px)] max-w-full min-w-0' : 'h-32 max-w-full min-w-0'}
          />
        ))}
      </div>
      {views.length === 0 && <p className="text-soft">Nothing is cut for it.</p>}
      <figcaption className={isLarge ? 'text-soft' : 'font-semibold break-words'}>
        {isLarge ? views.map((view) => view.words).join(' · ') : words}
      </figcaption>
    </figure>
  );
}
