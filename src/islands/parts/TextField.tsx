import { useId, useState } from 'react';
import { flushSync } from 'react-dom';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (text: string) => void;
  readonly className?: string;
  readonly id?: string;
  readonly maxLength?: number;
  /** Whether it may be left empty. */
  readonly isOptional?: boolean;
  readonly placeholder?: string;
  /** Offered while typing. */
  readonly suggestions?: readonly string[];
}

/** Text edited where it is read: Enter or leaving keeps it, Escape or nothing takes it back. */
export function TextField({
  label,
  value,
  onCommit,
  className = 'field',
  id,
  maxLength = 60,
  isOptional = false,
  placeholder,
  suggestions,
}: Props) {
  const listId = useId();
  const [typed, setTyped] = useState<string>();
  const commit = () => {
    const text = typed?.trim();
    const isTaken = text !== undefined && (text !== '' || isOptional);
    if (isTaken && text !== value) onCommit(text);
    setTyped(undefined);
  };
  const input = (
    <input
      id={id}
      list={suggestions && suggestions.length > 0 ? listId : undefined}
      className={className}
      aria-label={label}
      title={label}
      value={typed ?? value}
      maxLength={maxLength}
      placeholder={placeholder}
      autoComplete="off"
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') {
          // Taken back before the field is left, which would keep it.
          flushSync(() => setTyped(undefined));
          event.currentTarget.blur();
        }
      }}
    />
  );
  if (!suggestions || suggestions.length === 0) return input;
  return (
    <>
      {input}
      <datalist id={listId}>
        {suggestions.map((each) => (
          <option key={each} value={each} />
        ))}
      </datalist>
    </>
  );
}
