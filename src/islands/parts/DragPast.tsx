import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';

interface Props {
  /** Of the list on its page. */
  readonly id: string;
  /** One thing is dropped on the place of another. */
  readonly onDrop: (moved: string, onto: string) => void;
  readonly children: React.ReactNode;
}

/** Things that are dragged past one another by the pointer; keys and buttons are up to the page. */
export function DragPast({ id, onDrop, children }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onDrop(String(active.id), String(over.id));
  };
  return (
    <DndContext id={id} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      {children}
    </DndContext>
  );
}
