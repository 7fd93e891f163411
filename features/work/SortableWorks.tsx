'use client';

import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { ReactNode } from 'react';
import type { WorkRow } from '@/core/planning/run/rows';

/** How a work that can be moved is held: its row, and what is taken hold of. */
export type Held = {
  rowRef: (element: HTMLElement | null) => void;
  style: { transform?: string; transition?: string };
  handle: Record<string, unknown>;
};

type Props = {
  works: readonly WorkRow[];
  onOrder: (ids: string[]) => void;
  children: (work: WorkRow, index: number, held: Held) => ReactNode;
};

/** The works as a list whose order is changed by hand, or by keys: space, arrows, space. */
export function SortableWorks({ works, onOrder, children }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = works.map(({ id }) => id);
  const end = ({ active, over }: DragEndEvent) => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (to >= 0 && from !== to) onOrder(arrayMove(ids, from, to));
  };
  const title = (id: unknown) => works.find((work) => work.id === id)?.title ?? 'the work';
  const place = (id: unknown) => ids.indexOf(String(id)) + 1;
  return (
    <DndContext
      id="works"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={end}
      accessibility={{
        announcements: {
          onDragStart: ({ active }) =>
            `${title(active.id)} taken up, place ${place(active.id)} of ${ids.length}`,
          onDragOver: ({ active, over }) =>
            over ? `${title(active.id)} over place ${place(over.id)}` : undefined,
          onDragEnd: ({ active, over }) =>
            over ? `${title(active.id)} put at place ${place(over.id)}` : undefined,
          onDragCancel: ({ active }) => `${title(active.id)} left where it was`,
        },
        screenReaderInstructions: { draggable: 'Space takes it up, the arrows move it, space puts it down.' },
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {works.map((work, index) => (
          <Movable key={work.id} id={work.id}>
            {(held) => children(work, index, held)}
          </Movable>
        ))}
      </SortableContext>
    </DndContext>
  );
}

function Movable({ id, children }: { id: string; children: (held: Held) => ReactNode }) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  return children({
    rowRef: setNodeRef,
    style: { transform: CSS.Translate.toString(transform), transition },
    handle: { ...attributes, ...listeners },
  });
}
