'use client';

import { type KeyboardEvent, useMemo, useState } from 'react';
import { numSheets, sheetOf, sheetStart, useItemViews } from '@/client';
import { Button, Choice, DialogCard, Notice, Tick } from '@/ui';
import { PreviewItem } from './preview-item';
import { useSavePicture } from './use-save-picture';

interface PreviewProps {
  /** In the order of the page behind it. */
  readonly itemIds: readonly string[];
  readonly itemId: string;
  readonly onMove: (itemId: string) => void;
  readonly onClose: () => void;
}

type Shows = 'one' | 'all';

/** Items as they will be handed over, one large or a sheet of all, and their pictures for the buyer. */
export function Preview({ itemIds, itemId, onMove, onClose }: PreviewProps) {
  const [shows, setShows] = useState<Shows>('one');
  const [onPhoto, setOnPhoto] = useState(true);
  const at = Math.max(0, itemIds.indexOf(itemId));
  const { no, ids } = useMemo(
    () => (shows === 'one' ? { no: 0, ids: [itemId] } : sheetOf(itemIds, at)),
    [shows, itemIds, itemId, at],
  );
  const items = useItemViews(ids);
  const { body, save, problem, isSaving } = useSavePicture(items);
  const step = (by: number) => {
    const to = shows === 'one' ? at + by : sheetStart(no + by);
    const next = itemIds[to];
    if (next !== undefined) onMove(next);
  };
  const key = (event: KeyboardEvent) => {
    if (event.target instanceof HTMLElement && event.target.closest('[role="radiogroup"]')) return;
    if (event.key === 'ArrowRight') step(1);
    if (event.key === 'ArrowLeft') step(-1);
    if (event.key === 'v') onClose();
  };
  const hasPhoto = items.some(({ views }) => views.some(({ blank }) => blank.photo?.originPx !== undefined));
  const sheets = numSheets(itemIds.length);
  const [one] = items;
  return (
    <DialogCard
      title={shows === 'one' ? (one?.words ?? '') : `All ${itemIds.length} as handed over`}
      tone="work"
      isWide
      isOpen
      onClose={onClose}
      onKey={key}
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice
          label="Show"
          options={[
            { id: 'one', label: 'one item' },
            { id: 'all', label: 'a sheet of them' },
          ]}
          value={shows}
          onChange={(id) => setShows(id as Shows)}
        />
        {hasPhoto && (
          <Tick checked={onPhoto} onChange={setOnPhoto}>
            on its photo
          </Tick>
        )}
      </div>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <div
        ref={body}
        className={shows === 'one' ? 'grid place-items-center' : 'grid max-h-[56vh] grid-cols-4 gap-3 overflow-y-auto'}
      >
        {items.map((item) => (
          <PreviewItem key={item.itemId} item={item} isLarge={shows === 'one'} onPhoto={onPhoto} />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <Button disabled={shows === 'one' ? at === 0 : no === 0} onClick={() => step(-1)}>
          {shows === 'one' ? 'The one before' : 'The sheet before'}
        </Button>
        <span className="measure">
          {shows === 'one' ? `${at + 1} of ${itemIds.length}` : `sheet ${no + 1} of ${sheets}`}
        </span>
        <Button disabled={shows === 'one' ? at + 1 >= itemIds.length : no + 1 >= sheets} onClick={() => step(1)}>
          {shows === 'one' ? 'The next' : 'The next sheet'}
        </Button>
        <span className="ml-auto flex gap-2">
          <Button
            disabled={isSaving || items.every(({ views }) => views.length === 0)}
            onClick={() => save(shows === 'one' ? null : no + 1)}
          >
            {shows === 'one' ? 'Save it as a picture (PNG)' : 'Save this sheet (PNG)'}
          </Button>
          <Button weight="main" onClick={onClose}>
            Back to work
          </Button>
        </span>
      </div>
    </DialogCard>
  );
}
