import { capitalise } from '../../core/words/phrases';

interface Props {
  readonly label: string;
  /** What one of them is called. */
  readonly one: 'area' | 'opening';
  /** From 0; they are shown from 1. */
  readonly numbers: readonly number[];
  readonly chosen: readonly number[];
  readonly onPick: (number: number) => void;
  /** Before the buttons. */
  readonly children?: React.ReactNode;
}

/** What is numbered in a drawing, to be picked by its number by those who do not point. */
export function NumberButtons({ label, one, numbers, chosen, onPick, children }: Props) {
  return (
    <div role="group" aria-label={label} className="flex w-full flex-wrap items-center gap-1.5">
      {children}
      {numbers.map((number) => (
        <button
          key={number}
          type="button"
          className="button aria-pressed:border-violet aria-pressed:bg-violet min-w-8 px-1.5 aria-pressed:text-white"
          aria-label={`${capitalise(one)} ${number + 1}`}
          aria-pressed={chosen.includes(number)}
          onClick={() => onPick(number)}
        >
          {number + 1}
        </button>
      ))}
    </div>
  );
}

interface NumberProps {
  readonly x: number;
  readonly y: number;
  /** From 0; it is shown from 1. */
  readonly number: number;
  /** A pixel on the screen in the units of the drawing. */
  readonly unit: number;
}

/** The number of an area where it lies in a drawing. */
export function AreaNumber({ x, y, number, unit }: NumberProps) {
  return (
    <text
      x={x}
      y={y + 5 * unit}
      fontSize={15 * unit}
      textAnchor="middle"
      className="fill-violet pointer-events-none font-semibold"
      stroke="#ffffff"
      strokeWidth={3 * unit}
      paintOrder="stroke"
    >
      {number + 1}
    </text>
  );
}
