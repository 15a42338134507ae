import { type KeyboardEvent } from 'react';

type Props = React.ComponentProps<'select'>;

/**
 * One of a few, in the browser's own list. A key opens the list instead of walking through the values behind it, so that
 * choosing is one change: several presses of an arrow would be several.
 */
export function Select(props: Props) {
  return (
    <select
      {...props}
      onKeyDown={(event) => {
        props.onKeyDown?.(event);
        if (!event.defaultPrevented) openByKey(event);
      }}
    />
  );
}

const walking = new Set([
  'ArrowDown',
  'ArrowUp',
  'ArrowLeft',
  'ArrowRight',
  'Home',
  'End',
  'PageUp',
  'PageDown',
]);

function openByKey(event: KeyboardEvent<HTMLSelectElement>): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const isLetter = event.key.length === 1 && event.key !== ' ';
  if (!isLetter && !walking.has(event.key)) return;
  event.preventDefault();
  const list = event.currentTarget;
  // Where a browser has no way to open it, the space bar and a click still do.
  if ('showPicker' in list) list.showPicker();
}
