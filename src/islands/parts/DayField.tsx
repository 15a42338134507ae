import { useState } from 'react';

interface Props {
  readonly label: string;
  /** As year-month-day; null where there is none. */
  readonly value: string | null;
  readonly onCommit: (day: string | null) => void;
}

/** A day; Enter or leaving keeps it, so that a year half typed is never kept. */
export function DayField({ label, value, onCommit }: Props) {
  const [typed, setTyped] = useState<string>();
  const commit = () => {
    if (typed === undefined) return;
    if ((typed || null) !== value) onCommit(typed || null);
    setTyped(undefined);
  };
  return (
    <input
      type="date"
      className="field"
      aria-label={label}
      min="1900-01-01"
      max="2999-12-31"
      value={typed ?? value ?? ''}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
        if (event.key === 'Escape') setTyped(undefined);
      }}
    />
  );
}
