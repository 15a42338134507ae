import { useEffect, useRef, useState } from 'react';
import { leaveField } from '../../parts/leaveField';

interface Props {
  readonly lines: readonly string[];
  readonly onPreview: (lines: readonly string[] | undefined) => void;
  readonly onCommit: (lines: readonly string[]) => void;
}

const most = { lines: 12, letters: 60 };

/** Words, a line of the card to each line; they are drawn as they are typed and kept when one leaves. */
export function LinesField({ lines, onPreview, onCommit }: Props) {
  const [typed, setTyped] = useState<string>();
  /** What stood there before the typing began; `lines` follows the preview meanwhile. */
  const before = useRef<string>(undefined);
  const preview = useRef(onPreview);
  preview.current = onPreview;
  useEffect(
    () => () => {
      // Only what was typed here is taken back; a drag may be shown meanwhile.
      if (before.current !== undefined) preview.current(undefined);
    },
    [],
  );
  const shown = typed ?? lines.join('\n');
  const next = typed === undefined ? lines : linesOf(typed);
  const isTooLong = next.length > most.lines || next.some((line) => line.length > most.letters);
  const issue =
    typed === undefined
      ? undefined
      : next.length === 0
        ? 'Words need at least one letter; or remove them.'
        : isTooLong
          ? `At most ${most.lines} lines of ${most.letters} letters.`
          : undefined;
  const leave = () => {
    before.current = undefined;
    setTyped(undefined);
    onPreview(undefined);
  };
  const commit = () => {
    const old = before.current;
    if (typed === undefined || old === undefined) return true;
    if (issue !== undefined) return false;
    leave();
    if (next.join('\n') !== old) onCommit(next);
    return true;
  };
  return (
    <span className="flex flex-col">
      <textarea
        aria-label="Words, a line each"
        className="field w-52"
        rows={Math.min(4, Math.max(2, shown.split('\n').length))}
        value={shown}
        data-first-field
        aria-invalid={issue !== undefined}
        onChange={(event) => {
          before.current ??= lines.join('\n');
          setTyped(event.target.value);
          const now = linesOf(event.target.value);
          onPreview(now.length > 0 ? now.map((line) => line.slice(0, most.letters)) : undefined);
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            leave();
            leaveField(event.currentTarget);
          }
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && commit())
            leaveField(event.currentTarget);
        }}
      />
      {issue !== undefined && (
        <span role="alert" className="text-pencil pt-1 text-[15px]">
          {issue}
        </span>
      )}
    </span>
  );
}

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
