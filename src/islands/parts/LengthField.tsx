import { useEffect, useId, useRef, useState } from 'react';
import { formatLength } from '../../core/length/formatLength';
import { plainFractions } from '../../core/text/plainFractions';
import {
  lengthFromTicks,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import { rulerMarks, stepToMark } from '../../core/length/marks';
import { parseLength, parseSize } from '../../core/length/parseLength';
import { leaveField } from './leaveField';
import { lengthIssueSentence } from '../words/lengthIssueSentence';

interface Props {
  readonly label: string;
  readonly value: TypedLength;
  readonly unit: Unit;
  readonly onPreview: (length: TypedLength | undefined) => void;
  readonly onCommit: (length: TypedLength) => void;
  readonly width?: string;
  /** Whether nothing at all is refused too. */
  readonly isPositive?: boolean;
  /** Marks the field that Enter on a row goes to. */
  readonly isFirst?: boolean;
  readonly isLabelHidden?: boolean;
  /** What to do where both sides are typed at once, as `3 1/4 x 7 3/4`. */
  readonly onSize?: (size: TypedSize) => void;
  /** Whether it may be negative, as the distance of what hangs over an edge. */
  readonly isSigned?: boolean;
}

/** Both sides of what is asked for. */
export interface TypedSize {
  readonly width: TypedLength;
  readonly height: TypedLength;
}

/**
 * A field for one length. It redraws the card at each keystroke that parses; Enter or leaving the
 * field keeps the figure, Escape takes it back, and the step keys go from mark to mark.
 */
export function LengthField({
  label,
  value,
  unit,
  onPreview,
  onCommit,
  width = '7rem',
  isFirst = false,
  isPositive = false,
  isLabelHidden = false,
  isSigned = false,
  onSize,
}: Props) {
  const [typed, setTyped] = useState<string>();
  /** What the field held before the typing began; `value` follows the preview meanwhile. */
  const before = useRef<TypedLength>(undefined);
  const id = useId();
  const shown = typed ?? writeValue(value, unit);
  const read = (text: string) => {
    const result = isSigned ? parseSigned(text, unit) : parseLength(text, unit);
    return result.ok && isPositive && result.length === 0
      ? { ok: false as const, issue: { code: 'zero' as const, at: 0, to: text.length } }
      : result;
  };
  const parsed = typed === undefined ? undefined : read(typed);
  const both = onSize && typed !== undefined ? readBoth(typed, unit) : undefined;
  const issue = parsed && !parsed.ok && !both ? parsed.issue : undefined;
  const preview = useRef(onPreview);
  preview.current = onPreview;
  useEffect(
    () => () => {
      // Only what was typed here is taken back; a drag may be shown meanwhile.
      if (before.current !== undefined) preview.current(undefined);
    },
    [],
  );

  const change = (text: string) => {
    before.current ??= value;
    setTyped(text);
    const next = read(text);
    onPreview(next.ok ? asTyped(next.length, text.trim()) : undefined);
  };
  const leave = () => {
    before.current = undefined;
    setTyped(undefined);
    onPreview(undefined);
  };
  const commit = () => {
    // Leaving the field after Enter comes here again; then nothing is being typed any more.
    const old = before.current;
    if (typed === undefined || !old) return true;
    if (both && onSize) {
      leave();
      onSize(both);
      return true;
    }
    if (!parsed?.ok) return false;
    leave();
    if (parsed.length !== old.ticks) onCommit(asTyped(parsed.length, typed.trim()));
    return true;
  };
  const step = (direction: 1 | -1) => {
    const from = parsed?.ok ? parsed.length : value.ticks;
    const next = isSigned ? stepFrom : stepToMark;
    change(plain(next(from, rulerMarks[unit], direction), unit));
  };

  return (
    <span className="inline-flex items-start gap-2">
      <label htmlFor={id} className={isLabelHidden ? 'sr-only' : 'pt-1'}>
        {label}
      </label>
      <span className="inline-flex flex-col">
        <span className="relative inline-flex">
          <input
            id={id}
            data-first-field={isFirst || undefined}
            className="field pr-8 text-[17px]"
            style={{ width }}
            value={shown}
            inputMode="text"
            autoComplete="off"
            spellCheck={false}
            aria-invalid={issue !== undefined}
            aria-describedby={issue ? `${id}-issue` : undefined}
            onFocus={(event) => event.target.select()}
            onChange={(event) => change(event.target.value)}
            onBlur={commit}
            onKeyDown={(event) => {
              const direction = stepKeys[event.key];
              if (event.key === 'Enter') {
                event.preventDefault();
                // Out of the field, so that the single keys work again; Enter comes back to it.
                if (commit()) leaveField(event.currentTarget);
              } else if (event.key === 'Escape' && typed !== undefined) {
                event.stopPropagation();
                leave();
                leaveField(event.currentTarget);
              } else if (event.key === 'Escape') {
                leaveField(event.currentTarget);
              } else if (direction !== undefined) {
                event.preventDefault();
                step(direction);
              }
            }}
          />
          {!/[a-z"″”]/i.test(shown) && (
            <span aria-hidden className="text-muted pointer-events-none absolute top-1 right-2">
              {unit}
            </span>
          )}
        </span>
        {issue && typed !== undefined && (
          <span
            id={`${id}-issue`}
            role="alert"
            className="text-pencil max-w-80 pt-1 text-[15px] leading-5"
          >
            {lengthIssueSentence(issue, typed)}
          </span>
        )}
      </span>
    </span>
  );
}

function readBoth(text: string, unit: Unit): TypedSize | undefined {
  const read = parseSize(text, unit);
  if (!read.ok || read.width.length <= 0 || read.height.length <= 0) return undefined;
  return { width: asTyped(read.width.length), height: asTyped(read.height.length) };
}

/** Beyond zero, marks are counted the other way. */
function stepFrom(length: Length, spacing: Length, direction: 1 | -1): Length {
  const isBelow = length < 0 || (length === 0 && direction === -1);
  if (!isBelow) return stepToMark(length, spacing, direction);
  const other = lengthFromTicks(-length);
  return lengthFromTicks(-stepToMark(other, spacing, direction === 1 ? -1 : 1));
}

function parseSigned(text: string, unit: Unit): ReturnType<typeof parseLength> {
  const isBelow = /^\s*[-−]/.test(text);
  const read = parseLength(isBelow ? text.replace(/[-−]/, ' ') : text, unit);
  return read.ok && isBelow ? { ...read, length: lengthFromTicks(-read.length) } : read;
}

const stepKeys: Readonly<Record<string, 1 | -1>> = { ArrowUp: 1, ']': 1, ArrowDown: -1, '[': -1 };

/** What a person typed, where that still says the figure in this unit; else the figure itself. */
function writeValue({ ticks, typed }: TypedLength, unit: Unit): string {
  if (typed !== undefined) {
    const again = parseSigned(typed, unit);
    if (again.ok && again.length === ticks) return typed;
  }
  return plain(ticks, unit);
}

/** The figure as one would type it, always exact: what is no fraction of an inch is given in mm. */
function plain(ticks: Length, unit: Unit): string {
  if (ticks < 0) return `-${plain(lengthFromTicks(-ticks), unit)}`;
  const { text, about } = formatLength(ticks, unit);
  if (!about) return plainFractions(text);
  const millimetreText = String(ticks / TICKS_PER_MILLIMETRE);
  return unit === 'mm' ? millimetreText : `${millimetreText} mm`;
}
