import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Edit } from '../../core/plan/edit';
import type { NoticeContent } from '../session/notice';

interface Props {
  readonly content: NoticeContent | undefined;
  readonly unit: Unit;
  readonly onKeep: (edit: Edit) => void;
  readonly onClose: () => void;
}

/** A line above the findings: what a move did to the sizes, with one key to keep them. */
export function Notice({ content, unit, onKeep, onClose }: Props) {
  if (!content) return <div role="status" className="absolute" />;
  const { text, changes = [], keep } = content;
  return (
    <div
      role="status"
      className="border-violet bg-violet-wash absolute inset-x-0 bottom-full z-10 flex flex-wrap items-center gap-x-3 gap-y-1 border-t-2 px-[18px] py-1.5 print:hidden"
    >
      <span>
        {text}
        {changes.length > 0 && 'New sizes by the move: '}
        {changes
          .map(
            ({ name, before, after }) =>
              `${name} ${writeSize(before, unit)} → ${writeSize(after, unit)}`,
          )
          .join('; ')}
      </span>
      {keep && (
        <>
          <button type="button" className="button button-outlined" onClick={() => onKeep(keep)}>
            Keep the former sizes
          </button>
          <kbd className="key">k</kbd>
        </>
      )}
      <button
        type="button"
        className="text-muted ml-auto underline-offset-4 hover:underline"
        onClick={onClose}
      >
        Close
      </button>
    </div>
  );
}
