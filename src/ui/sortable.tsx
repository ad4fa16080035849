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

interface SortableListProps {
  /** Its own on the page. */
  readonly id: string;
  readonly ids: readonly string[];
  readonly onMove: (from: number, to: number) => void;
  readonly className: string;
  readonly children: ReactNode;
}

/** A list whose rows are pulled to another place by their handles, by pointer or keyboard. */
export function SortableList({ id, ids, onMove, className, children }: SortableListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext id={id} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol className={className}>{children}</ol>
      </SortableContext>
    </DndContext>
  );
}

interface SortableRowProps {
  readonly id: string;
  /** What its handle moves, such as `line 2`. */
  readonly words: string;
  /** One alone has nowhere to go, and no handle. */
  readonly isAlone?: boolean;
  readonly className: string;
  readonly children: ReactNode;
}

export function SortableRow({ id, words, isAlone = false, className, children }: SortableRowProps) {
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform, transition } = useSortable({
    id,
    disabled: isAlone,
  });
  return (
    <li
      ref={setNodeRef}
      className={`flex bg-paper ${className}`}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      {!isAlone && (
        <button
          ref={setActivatorNodeRef}
          type="button"
          className="grid size-7 shrink-0 touch-none place-items-center text-soft"
          {...attributes}
          {...listeners}
          aria-label={`Move ${words}`}
        >
          <GripVertical size={16} aria-hidden />
        </button>
      )}
      {children}
    </li>
  );
}
