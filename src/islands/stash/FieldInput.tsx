import { useId, useState } from 'react';
import type { Unit } from '../../core/length/length';
import type { ItemField } from '../../core/stash/itemField';
import { Select } from '../parts/Select';

interface Props {
  readonly field: ItemField;
  /** What the field holds now. */
  readonly text: string;
  readonly unit: Unit;
  readonly onCommit: (text: string) => void;
}

/** One property of an item, entered as its kind asks; what cannot be is told beneath and not kept. */
export function FieldInput({ field, text, unit, onCommit }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [issue, setIssue] = useState<string>();
  const commit = (next: string) => {
    const written = field.write(next, unit);
    setIssue(written.ok ? undefined : written.issue);
    if (!written.ok) return;
    setTyped(undefined);
    if (next !== text) onCommit(next);
  };
  const shared = {
    id,
    'aria-invalid': issue !== undefined,
    'aria-describedby': issue === undefined ? undefined : `${id}-issue`,
  };
  return (
    <div className="grid grid-cols-[9.5rem_1fr] items-baseline gap-x-3 py-0.5">
      <label htmlFor={id} className="text-muted">
        {field.label}
      </label>
      <span className="flex flex-col">
        {field.entry === 'choice' ? (
          <Select
            {...shared}
            className="in-place self-start"
            value={text}
            onChange={(event) => commit(event.target.value)}
          >
            {(field.isOptional || text === '') && <option value="">not known</option>}
            {field.choices.map((choice) => (
              <option key={choice} value={choice}>
                {choice}
              </option>
            ))}
          </Select>
        ) : field.entry === 'colour' ? (
          <span className="flex items-center gap-3">
            <input
              {...shared}
              type="color"
              className="border-control h-7 w-14 border"
              value={typed ?? (text === '' ? '#ffffff' : text)}
              onChange={(event) => setTyped(event.target.value)}
              onBlur={() => typed !== undefined && commit(typed)}
            />
            <span>{text === '' ? 'as the front' : text}</span>
            {field.isOptional && text !== '' && (
              <button type="button" className="link" onClick={() => commit('')}>
                none of its own
              </button>
            )}
          </span>
        ) : (
          <input
            {...shared}
            type={field.entry === 'day' ? 'date' : 'text'}
            className="field w-full max-w-80 py-0.5"
            autoComplete="off"
            value={typed ?? text}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={() => typed !== undefined && commit(typed)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && typed !== undefined) commit(typed);
              if (event.key === 'Escape') {
                setTyped(undefined);
                setIssue(undefined);
              }
            }}
          />
        )}
        {issue !== undefined && (
          <span id={`${id}-issue`} role="alert" className="text-pencil text-[15px]">
            {issue}
          </span>
        )}
      </span>
    </div>
  );
}
