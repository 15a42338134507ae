import { useId, useState } from 'react';
import { flushSync } from 'react-dom';
import { leaveField } from './leaveField';

interface Props {
  readonly label: string;
  readonly value: number | null;
  readonly min: number;
  readonly max: number;
  /** Digits after the point that are kept; 0 for whole numbers. */
  readonly digits?: number;
  /** What is said of a figure that cannot be: what it may be. */
  readonly issue: string;
  readonly isLabelHidden?: boolean;
  /** Whether it may be left empty, for what is not known. */
  readonly isOptional?: boolean;
  readonly className?: string;
  readonly onCommit: (value: number | null) => void;
}

/** A field for one number; Enter or leaving keeps it, Escape takes it back. */
export function NumberField({
  label,
  value,
  min,
  max,
  digits = 0,
  issue,
  isLabelHidden = false,
  isOptional = false,
  className = 'field w-24',
  onCommit,
}: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [isWrong, setWrong] = useState(false);
  const commit = () => {
    if (typed === undefined) return true;
    const wanted = readNumber(typed, digits);
    const isEmpty = typed.trim() === '';
    const isRight = isEmpty ? isOptional : wanted !== undefined && wanted >= min && wanted <= max;
    setWrong(!isRight);
    if (!isRight) return false;
    const next = isEmpty ? null : (wanted ?? null);
    if (next !== value) onCommit(next);
    setTyped(undefined);
    return true;
  };
  return (
    <span className="inline-flex flex-col">
      <span className="inline-flex items-center gap-2">
        <label htmlFor={id} className={isLabelHidden ? 'sr-only' : undefined}>
          {label}
        </label>
        <input
          id={id}
          className={className}
          inputMode={digits === 0 ? 'numeric' : 'decimal'}
          autoComplete="off"
          aria-invalid={isWrong}
          aria-describedby={isWrong ? `${id}-issue` : undefined}
          value={typed ?? (value === null ? '' : String(value))}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              let isKept = false;
              // Kept before the field is left, which would keep it once more.
              flushSync(() => {
                isKept = commit();
              });
              if (isKept) leaveField(event.currentTarget);
            }
            if (event.key === 'Escape') {
              // Taken back before the field is left, which would keep it.
              flushSync(() => {
                setTyped(undefined);
                setWrong(false);
              });
              leaveField(event.currentTarget);
            }
          }}
        />
      </span>
      {isWrong && (
        <span id={`${id}-issue`} role="alert" className="text-pencil pt-1 text-[15px] leading-5">
          {issue}
        </span>
      )}
    </span>
  );
}

/** A number with a point or a comma, or a minus before it; undefined for what is none or too finely given. */
function readNumber(text: string, digits: number): number | undefined {
  const fraction = digits === 0 ? '' : `([.,]\\d{1,${digits}})?`;
  const plain = text.trim().replace('−', '-').replace(',', '.');
  return new RegExp(`^-?\\d{1,9}${fraction}$`).test(plain) ? Number(plain) : undefined;
}
