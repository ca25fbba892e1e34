import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

/** A finger that only passes drags nothing [px]. */
const PICKED_UP_PX = 6;

interface DraggableProps {
  readonly ids: readonly string[];
  readonly onDrop: (id: string, over: string) => void;
  readonly children: ReactNode;
}

/** Rows that are dragged by their handle to another place of their list. */
export function Draggable({ ids, onDrop, children }: DraggableProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: PICKED_UP_PX } }));
  const end = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onDrop(String(active.id), String(over.id));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={end}>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}
