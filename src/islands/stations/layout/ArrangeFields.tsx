import { useState } from 'react';
import type { Alignment } from '../../../core/composition/moveThings';
import { cutText } from '../../../core/text/cutText';

interface Props {
  readonly count: number;
  readonly onAlign: (to: Alignment) => void;
  readonly onSpace: (axis: 'x' | 'y') => void;
  /** So many places nearer to the viewer. */
  readonly onReorder: (places: number) => void;
  readonly onGroup: (group: string | null) => void;
  readonly onRemove: () => void;
}

const across: readonly (readonly [Alignment, string])[] = [
  ['left', 'left edges'],
  ['middle', 'middles'],
  ['right', 'right edges'],
];
const down: readonly (readonly [Alignment, string])[] = [
  ['top', 'tops'],
  ['centre', 'centres'],
  ['bottom', 'bottoms'],
];

/** What is done to several things at once; they are lined up with the first that was selected. */
export function ArrangeFields({ count, onAlign, onSpace, onReorder, onGroup, onRemove }: Props) {
  const [name, setName] = useState('');
  const buttons = (list: typeof across) =>
    list.map(([to, words]) => (
      <button key={to} type="button" className="link" onClick={() => onAlign(to)}>
        {words}
      </button>
    ));
  return (
    <section
      aria-label={`${count} things`}
      className="border-violet flex flex-col gap-2 border-l-4 bg-white px-3 py-2"
    >
      <p className="font-semibold">{count} things selected; they move as one.</p>
      <p className="flex flex-wrap gap-x-4">
        <span className="text-muted">line up across:</span> {buttons(across)}
      </p>
      <p className="flex flex-wrap gap-x-4">
        <span className="text-muted">line up down:</span> {buttons(down)}
      </p>
      {count > 2 && (
        <p className="flex flex-wrap gap-x-4">
          <span className="text-muted">space evenly:</span>
          <button type="button" className="link" onClick={() => onSpace('x')}>
            across
          </button>
          <button type="button" className="link" onClick={() => onSpace('y')}>
            down
          </button>
        </p>
      )}
      <p className="flex flex-wrap gap-x-4">
        <span className="text-muted">bring:</span>
        <button type="button" className="link" onClick={() => onReorder(1)}>
          forward
        </button>
        <button type="button" className="link" onClick={() => onReorder(-1)}>
          back
        </button>
      </p>
      <form
        className="flex flex-wrap items-center gap-x-3 gap-y-1"
        onSubmit={(event) => {
          event.preventDefault();
          const group = cutText(name.trim(), 40);
          onGroup(group === '' ? null : group);
        }}
      >
        <label className="flex items-center gap-2">
          <span className="text-muted">keep together as</span>
          <input
            className="field w-36"
            value={name}
            maxLength={40}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <button type="submit" className="button">
          {name.trim() === '' ? 'No group' : 'Group'}
        </button>
        <button type="button" className="button ml-auto" onClick={onRemove}>
          Remove all
        </button>
      </form>
    </section>
  );
}
