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
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';

interface SortableLinesProps {
  readonly count: number;
  readonly onMove: (from: number, to: number) => void;
  readonly children: ReactNode;
}

const idOf = (line: number) => `line-${line}`;
const lineOf = (id: unknown) => Number(String(id).slice('line-'.length));

/** Lines that are pulled to another place by their handles, by pointer or keyboard. */
export function SortableLines({ count, onMove, children }: SortableLinesProps) {
  const sensors = useSensors(
    useSensor(PointerSensor),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onMove(lineOf(active.id), lineOf(over.id));
  };
  return (
    <DndContext id="lines" sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={Array.from({ length: count }, (_, i) => idOf(i))} strategy={verticalListSortingStrategy}>
        <ol className="grid gap-2">{children}</ol>
      </SortableContext>
    </DndContext>
  );
}

interface SortableLineProps {
  readonly line: number;
  /** One alone has nowhere to go. */
  readonly isAlone: boolean;
  readonly children: ReactNode;
}

export function SortableLine({ line, isAlone, children }: SortableLineProps) {
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform, transition } = useSortable({
    id: idOf(line),
    disabled: isAlone,
  });
  return (
    <li
      ref={setNodeRef}
      className="flex items-start gap-1 bg-paper"
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      {!isAlone && (
        <button
          ref={setActivatorNodeRef}
          type="button"
          className="grid size-8 shrink-0 touch-none place-items-center text-soft"
          {...attributes}
          {...listeners}
          aria-label={`Move line ${line + 1}`}
        >
          <GripVertical size={16} aria-hidden />
        </button>
      )}
      <div className="min-w-0 flex-1">{children}</div>
    </li>
  );
}
