import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { DragPast } from './DragPast';

interface Props {
  /** Of the list on its page. */
  readonly id: string;
  /** Of the rows, as they stand. */
  readonly rows: readonly string[];
  /** A row is dropped on the place of another. */
  readonly onDrop: (moved: string, onto: string) => void;
  readonly children: React.ReactNode;
}

/** Rows that are dragged past one another by the pointer; keys and buttons are up to the page. */
export function SortableList({ id, rows, onDrop, children }: Props) {
  return (
    <DragPast id={id} onDrop={onDrop}>
      <SortableContext items={[...rows]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DragPast>
  );
}

/** One row of such a list: what its element takes, and what listens on the part it is dragged by. */
export function useSortableRow(id: string, isDisabled = false) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id,
    disabled: isDisabled,
  });
  return {
    row: {
      ref: setNodeRef,
      className: isDragging ? 'relative z-10 bg-white opacity-90' : '',
      style: { transform: CSS.Translate.toString(transform), transition: transition ?? '' },
    },
    handle: isDisabled ? {} : (listeners ?? {}),
  };
}
