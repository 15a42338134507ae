import { useDraggable, useDroppable } from '@dnd-kit/core';
import { contrast } from '../../../core/colour/contrast';
import type { PlannedStep } from '../../../core/process/planWork';
import type { Step } from '../../../core/process/step';
import { clockAt, minutesWords } from '../../../core/prose/timeWords';
import { barHeight, headHeight, rowHeight, type StripFrame } from './stripFrame';

interface Props {
  readonly step: Step;
  readonly placed: PlannedStep;
  readonly number: number;
  readonly name: string;
  readonly frame: StripFrame;
  readonly zone: string;
  readonly isChosen: boolean;
  readonly isBroken: boolean;
  /** It may be dragged to the place of another. */
  readonly canMove: boolean;
  readonly onChoose: () => void;
  /** Pointed at, or by the keys; undefined where it no longer is. */
  readonly onPoint: (step: string | undefined) => void;
}

/** What has no colour of its own is grey at the trimmer and the press, and buff at the desk. */
const plainColours = { trimmer: '#c9d1d0', press: '#c9d1d0', sink: '#cfe0e6', desk: '#e9dfc9' };

/** One step at its place and its time, in the colour of what it is done with. */
export function StripBlock({
  step,
  placed,
  number,
  name,
  frame,
  zone,
  isChosen,
  isBroken,
  canMove,
  onChoose,
  onPoint,
}: Props) {
  const { drag, shift, isDragged } = useDraggedBlock(step.id, canMove);
  const top = headHeight + frame.rows.indexOf(step.place) * rowHeight + 5;
  const fill = step.colour ?? plainColours[step.place];
  const ink = contrast(fill, '#1e2428') >= 4.5 ? '#1e2428' : '#ffffff';
  // One that pauses stands in each of its evenings.
  const parts = frame.evenings.flatMap(({ from, to }) => {
    const [start, end] = [Math.max(from, placed.start), Math.min(to, placed.end)];
    return start < end
      ? [{ x: frame.xOf(start), width: endOf(frame, end) - frame.xOf(start) }]
      : [];
  });
  const [first] = parts;
  const fits = (text: string) => first !== undefined && first.width > text.length * 8.2 + 8;
  const label = `${number} ${name}`;
  return (
    <g
      {...drag}
      {...(isDragged && { transform: `translate(${shift} 0)`, opacity: 0.8 })}
      role="button"
      tabIndex={isChosen ? 0 : -1}
      data-chosen={isChosen}
      aria-pressed={isChosen}
      aria-label={`${label}, ${clockAt(placed.start, zone)}, ${minutesWords(step.minutes.usual)}${isBroken ? ', against a rule' : ''}`}
      className="cursor-pointer outline-none"
      onClick={onChoose}
      onPointerEnter={() => onPoint(step.id)}
      onPointerLeave={() => onPoint(undefined)}
      onFocus={() => onPoint(step.id)}
      onBlur={() => onPoint(undefined)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        onChoose();
      }}
    >
      <title>{`${label}, ${clockAt(placed.start, zone)}, ${minutesWords(step.minutes.usual)}`}</title>
      {parts.map(({ x, width }) => (
        <rect
          key={x}
          x={x + 0.5}
          y={top}
          width={Math.max(1.5, width - 1)}
          height={barHeight}
          fill={fill}
          stroke={isBroken ? 'var(--color-pencil)' : '#70797d'}
          strokeWidth={isBroken ? 2.5 : 1}
        />
      ))}
      {first && fits(String(number)) && (
        <text x={first.x + 5} y={top + 19} fill={ink} className="text-[15px] font-semibold">
          {fits(label) ? label : number}
        </text>
      )}
      {first && isChosen && (
        <path
          d={bracketsRound(first.x, top, Math.max(4, first.width), barHeight)}
          fill="none"
          stroke="var(--color-violet)"
          strokeWidth={3}
        />
      )}
    </g>
  );
}

/** What a block takes to be dragged along the strip, and to be dropped on; keys are up to the station. */
function useDraggedBlock(id: string, canMove: boolean) {
  const {
    setNodeRef: setDragged,
    listeners,
    transform,
    isDragging,
  } = useDraggable({
    id,
    disabled: !canMove,
  });
  const { setNodeRef: setUnder } = useDroppable({ id, disabled: !canMove });
  // Both ask for an element of HTML, and use no more of it than where it stands.
  const ref = (node: SVGGElement | null) => {
    setDragged(node as HTMLElement | null);
    setUnder(node as HTMLElement | null);
  };
  return { drag: { ref, ...listeners }, shift: transform?.x ?? 0, isDragged: isDragging };
}

/** A block that ends with its evening ends at the edge of it. */
function endOf(frame: StripFrame, moment: number): number {
  return frame.xOf(moment - 1) + 0.01;
}

function bracketsRound(x: number, y: number, width: number, height: number): string {
  const [left, top, right, bottom] = [x - 3, y - 3, x + width + 3, y + height + 3];
  const arm = 7;
  return `M${left + arm} ${top}H${left}V${top + arm}M${left} ${bottom - arm}V${bottom}h${arm}M${right - arm} ${top}H${right}v${arm}M${right} ${bottom - arm}V${bottom}h${-arm}`;
}
