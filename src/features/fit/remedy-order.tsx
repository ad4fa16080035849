'use client';

import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import { useRun } from '@/client';
import { type RemedyKind, WIDTH_SHARES } from '@/core/spec';
import { changeRemedies } from '@/core/edit';
import { NumberField, TextButton } from '@/ui';
import { REMEDY_WORDS } from './sentences';

/** Which remedy is offered first, and how far letters may be drawn narrower or wider. */
export function RemedyOrder() {
  const { spec, change } = useRun();
  const { order, condenseTo, stretchTo } = spec.remedies;
  const move = (kind: RemedyKind, to: number) =>
    change((now) => {
      const before = now.remedies.order;
      return changeRemedies(now, { order: arrayMove([...before], before.indexOf(kind), to) });
    });
  const sensors = useSensors(
    useSensor(PointerSensor),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) move(active.id as RemedyKind, order.indexOf(over.id as RemedyKind));
  };
  return (
    <details>
      <summary className="cursor-pointer">Remedies: order and limits</summary>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
          <ol className="my-1.5">
            {order.map((kind, i) => (
              <Remedy key={kind} kind={kind} index={i} onEarlier={() => move(kind, i - 1)} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <NumberField
        label="Drawn no narrower than"
        unit="%"
        decimals={0}
        value={condenseTo * 100}
        min={WIDTH_SHARES.least * 100}
        max={100}
        onChange={(percent) => change((now) => changeRemedies(now, { condenseTo: percent / 100 }))}
      />
      <NumberField
        label="Drawn no wider than"
        unit="%"
        decimals={0}
        value={stretchTo * 100}
        min={100}
        max={WIDTH_SHARES.most * 100}
        onChange={(percent) => change((now) => changeRemedies(now, { stretchTo: percent / 100 }))}
      />
    </details>
  );
}

interface RemedyProps {
  readonly kind: RemedyKind;
  readonly index: number;
  readonly onEarlier: () => void;
}

/** Pulled by its handle, by pointer or keyboard, or set one place earlier. */
function Remedy({ kind, index, onEarlier }: RemedyProps) {
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform, transition } = useSortable({ id: kind });
  const words = REMEDY_WORDS[kind];
  return (
    <li
      ref={setNodeRef}
      className="flex items-center justify-between gap-2 border-b border-rule bg-paper py-0.5"
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      <span className="flex items-center gap-1.5">
        <button
          ref={setActivatorNodeRef}
          type="button"
          className="grid size-6 touch-none place-items-center text-soft"
          {...attributes}
          {...listeners}
          aria-label={`Move ${words}`}
        >
          <GripVertical size={16} aria-hidden />
        </button>
        {index + 1}. {words}
      </span>
      {index > 0 && (
        <TextButton className="px-2" aria-label={`${words} earlier`} onClick={onEarlier}>
          earlier
        </TextButton>
      )}
    </li>
  );
}
