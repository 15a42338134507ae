import { useEffect, useId, useRef } from 'react';
import { contrast } from '../../../core/colour/contrast';
import type { PlannedStep, WorkPlan } from '../../../core/process/planWork';
import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { stepWords } from '../../../core/process/stepWords';
import { clockAt, dayAt, minutesWords } from '../../../core/prose/timeWords';
import { capitalise } from '../../../core/words/phrases';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import type { Chosen } from './useChosenStep';
import { dryingBars, leastDryingShown } from './dryingBars';
import { stripFrame, type StripFrame } from './stripFrame';

interface Props {
  readonly process: ProcessPlan;
  readonly work: WorkPlan;
  readonly chosen: Chosen;
  /** Numbers of the steps that are against a rule. */
  readonly broken: ReadonlySet<string>;
}

const [headHeight, rowHeight, barHeight, laneHeight] = [34, 38, 28, 13];

/**
 * The making of the card along time: evenings as bands, work as blocks in the colour of what is done at the place it is
 * done, what dries hatched and running through the night; for the chosen step what it waits for.
 */
export function TimeStrip({ process, work, chosen, broken }: Props) {
  const { card } = useCardSession();
  const element = useRef<HTMLDivElement>(null);
  const { width: room } = useSize(element, { width: 1200, height: 300 });
  const frame = stripFrame(work, process.steps, room);
  const hatch = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  const planned = new Map(work.planned.map((each) => [each.step, each]));
  const drying = dryingBars(process.steps, process.arrows, planned);
  const lanes = Math.max(1, ...drying.map(({ lane }) => lane + 1));
  const dryTop = headHeight + frame.rows.length * rowHeight;
  const height = dryTop + lanes * laneHeight + 14;
  const current = process.steps[chosen.at];
  useEffect(() => {
    element.current
      ?.querySelector('[data-chosen=true]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current?.id]);
  return (
    <div ref={element} className="min-w-0 shrink-0 overflow-x-auto overflow-y-hidden">
      <svg
        width={frame.width}
        height={height}
        role="group"
        aria-label="The work along time"
        className="block"
      >
        <defs>
          <pattern
            id={hatch}
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="6" height="6" fill="#f4f5f4" />
            <path d="M0 0V6" stroke="var(--color-control)" strokeWidth="2" />
          </pattern>
        </defs>
        <Bands frame={frame} process={process} height={height} />
        {frame.rows.map((place, at) => (
          <g key={place}>
            <text
              x={0}
              y={headHeight + at * rowHeight + 24}
              className="fill-sheet-muted text-[16px]"
            >
              {capitalise(place)}
            </text>
            <path
              d={`M0 ${headHeight + (at + 1) * rowHeight}H${frame.width}`}
              stroke="var(--color-hairline)"
            />
          </g>
        ))}
        <text x={0} y={dryTop + 16} className="fill-sheet-muted text-[16px]">
          Drying
        </text>
        {drying.map(({ step, from, to, lane }) => (
          <rect
            key={step}
            x={frame.xOf(from)}
            y={dryTop + 4 + lane * laneHeight}
            width={Math.max(2, frame.xOf(to) - frame.xOf(from))}
            height={laneHeight - 3}
            fill={`url(#${hatch})`}
            stroke={step === current?.id ? 'var(--color-violet)' : 'var(--color-control)'}
            strokeWidth={step === current?.id ? 2 : 1}
          >
            <title>{dryTitle(process.steps, step, from, to, card)}</title>
          </rect>
        ))}
        {process.steps.map((step, at) => {
          const placed = planned.get(step.id);
          return placed ? (
            <Block
              key={step.id}
              step={step}
              placed={placed}
              number={at + 1}
              name={stepWords(step, card)}
              frame={frame}
              zone={process.evenings.zone}
              isChosen={at === chosen.at}
              isBroken={broken.has(step.id)}
              onChoose={() => chosen.choose(at)}
            />
          ) : null;
        })}
        {current && <Waits process={process} step={current} planned={planned} frame={frame} />}
      </svg>
    </div>
  );
}

function Bands({
  frame,
  process,
  height,
}: {
  readonly frame: StripFrame;
  readonly process: ProcessPlan;
  readonly height: number;
}) {
  const { zone } = process.evenings;
  return frame.evenings.map(({ from, to, x, width, until, left }, at) => {
    const next = frame.evenings[at + 1];
    const nights = next ? Math.round((next.from - to) / 86_400_000 + 0.01) || 1 : 0;
    const hours = `${clockAt(from, zone)} to ${clockAt(to, zone)}`;
    return (
      <g key={from}>
        <rect x={x} y={0} width={width} height={height} fill="#fff" />
        <text x={x + 8} y={20} className="font-heading fill-ink text-[16px] font-semibold">
          {dayAt(from, zone)}
        </text>
        {width > 330 && (
          <text x={x + width - 8} y={20} textAnchor="end" className="fill-sheet-muted text-[15px]">
            {hours}
          </text>
        )}
        <path d={`M${x} ${headHeight - 4}h${width}`} stroke="var(--color-hairline)" />
        <path d={quarters(frame, from, until)} stroke="var(--color-control)" />
        {left >= 1 && x + width - frame.xOf(until) > 40 && (
          <text
            x={(frame.xOf(until) + x + width) / 2}
            y={headHeight + 22}
            textAnchor="middle"
            className="fill-sheet-muted text-[15px]"
          >
            {minutesWords(left)} left
          </text>
        )}
        {next && (
          <>
            <path
              d={`M${x + width + 3} 0V${height}M${next.x - 3} 0V${height}`}
              stroke="var(--color-control)"
              strokeDasharray="2 4"
            />
            <text
              x={x + width + (next.x - x - width) / 2}
              y={20}
              textAnchor="middle"
              className="fill-sheet-muted text-[15px]"
            >
              {nights === 1 ? 'night' : `${nights} nights`}
            </text>
          </>
        )}
      </g>
    );
  });
}

/** A mark for each five minutes of the work, higher at the quarters. */
function quarters({ xOf }: StripFrame, from: number, until: number): string {
  const marks: string[] = [];
  for (let minute = 0; from + minute * 60_000 < until; minute += 5)
    marks.push(`M${xOf(from + minute * 60_000)} ${headHeight - 4}v${minute % 15 === 0 ? -7 : -4}`);
  return marks.join('');
}

interface BlockProps {
  readonly step: Step;
  readonly placed: PlannedStep;
  readonly number: number;
  readonly name: string;
  readonly frame: StripFrame;
  readonly zone: string;
  readonly isChosen: boolean;
  readonly isBroken: boolean;
  readonly onChoose: () => void;
}

/** What has no colour of its own is grey at the trimmer and the press, and buff at the desk. */
const plainColours = { trimmer: '#c9d1d0', press: '#c9d1d0', sink: '#cfe0e6', desk: '#e9dfc9' };

function Block({
  step,
  placed,
  number,
  name,
  frame,
  zone,
  isChosen,
  isBroken,
  onChoose,
}: BlockProps) {
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
      role="button"
      tabIndex={isChosen ? 0 : -1}
      data-chosen={isChosen}
      aria-pressed={isChosen}
      aria-label={`${label}, ${clockAt(placed.start, zone)}, ${minutesWords(step.minutes.usual)}${isBroken ? ', against a rule' : ''}`}
      className="cursor-pointer outline-none"
      onClick={onChoose}
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

/** A block that ends with its evening ends at the edge of it. */
function endOf(frame: StripFrame, moment: number): number {
  return frame.xOf(moment - 1) + 0.01;
}

function bracketsRound(x: number, y: number, width: number, height: number): string {
  const [left, top, right, bottom] = [x - 3, y - 3, x + width + 3, y + height + 3];
  const arm = 7;
  return `M${left + arm} ${top}H${left}V${top + arm}M${left} ${bottom - arm}V${bottom}h${arm}M${right - arm} ${top}H${right}v${arm}M${right} ${bottom - arm}V${bottom}h${-arm}`;
}

/** Arrows from what the step waits for; only where they say more than that it comes later. */
function Waits({
  process,
  step,
  planned,
  frame,
}: {
  readonly process: ProcessPlan;
  readonly step: Step;
  readonly planned: ReadonlyMap<string, PlannedStep>;
  readonly frame: StripFrame;
}) {
  const own = planned.get(step.id);
  if (!own) return null;
  const topOf = (each: Step) => headHeight + frame.rows.indexOf(each.place) * rowHeight + 5;
  const end = { x: frame.xOf(own.start), y: topOf(step) };
  const waits = process.arrows.filter(
    ({ then, wait, before }) =>
      then === step.id &&
      wait === 'dry' &&
      (stepOf(process, before)?.drying.usual ?? 0) >= leastDryingShown,
  );
  return waits.map(({ before }) => {
    const from = planned.get(before);
    const other = stepOf(process, before);
    if (!from || !other) return null;
    const [x, y] = [frame.xOf(from.end), topOf(other) + barHeight];
    const low = headHeight + frame.rows.length * rowHeight + 2;
    return (
      <g key={before} className="text-dimension" pointerEvents="none">
        <path
          d={`M${x} ${y}V${low}H${end.x}V${end.y + barHeight + 9}`}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.3"
        />
        <path
          d={`M${end.x - 3.5} ${end.y + barHeight + 9}L${end.x} ${end.y + barHeight + 1}L${end.x + 3.5} ${end.y + barHeight + 9}Z`}
          fill="currentColor"
        />
      </g>
    );
  });
}

function stepOf({ steps }: ProcessPlan, id: string): Step | undefined {
  return steps.find((step) => step.id === id);
}

function dryTitle(
  steps: readonly Step[],
  id: string,
  from: number,
  to: number,
  card: Parameters<typeof stepWords>[1],
): string {
  const step = steps.find((each) => each.id === id);
  return `${step ? stepWords(step, card) : id} dries ${minutesWords((to - from) / 60_000)}`;
}
