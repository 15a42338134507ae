import { useEffect, useId, useRef, useState } from 'react';
import type { PlannedStep, WorkPlan } from '../../../core/process/planWork';
import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { stepWords } from '../../../core/process/stepWords';
import { minutesWords } from '../../../core/prose/timeWords';
import { capitalise } from '../../../core/words/phrases';
import { DragPast } from '../../parts/DragPast';
import { useSize } from '../../parts/useSize';
import { useCardSession } from '../../session/CardSession';
import type { Chosen } from './useChosenStep';
import { dryingBars, leastDryingShown } from './dryingBars';
import { StripBands } from './StripBands';
import { StripBlock } from './StripBlock';
import { barHeight, headHeight, rowHeight, stripFrame, type StripFrame } from './stripFrame';

interface Props {
  readonly process: ProcessPlan;
  readonly work: WorkPlan;
  readonly chosen: Chosen;
  /** Numbers of the steps that are against a rule. */
  readonly broken: ReadonlySet<string>;
  /** One block is dropped on the place of another; undefined where they stay. */
  readonly onMove: ((at: number, to: number) => void) | undefined;
}

const laneHeight = 13;

/**
 * The making of the card along time: evenings as bands, work as blocks in the colour of what is done at the place it is
 * done, what dries hatched and running through the night; for the chosen step what it waits for.
 */
export function TimeStrip({ process, work, chosen, broken, onMove }: Props) {
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
  const [pointed, setPointed] = useState<string>();
  const current = process.steps[chosen.at];
  const placeIn = (id: string) => process.steps.findIndex((step) => step.id === id);
  const drop = (moved: string, onto: string) => onMove?.(placeIn(moved), placeIn(onto));
  const looked = process.steps.find(({ id }) => id === pointed) ?? current;
  useEffect(() => {
    element.current
      ?.querySelector('[data-chosen=true]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current?.id]);
  return (
    <div ref={element} className="min-w-0 shrink-0 overflow-x-auto overflow-y-hidden">
      <DragPast id="strip" onDrop={drop}>
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
          <StripBands frame={frame} process={process} height={height} />
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
              stroke={step === looked?.id ? 'var(--color-violet)' : 'var(--color-control)'}
              strokeWidth={step === looked?.id ? 2 : 1}
            >
              <title>{dryTitle(process.steps, step, from, to, card)}</title>
            </rect>
          ))}
          {process.steps.map((step, at) => {
            const placed = planned.get(step.id);
            return placed ? (
              <StripBlock
                key={step.id}
                step={step}
                placed={placed}
                number={at + 1}
                name={stepWords(step, card)}
                frame={frame}
                zone={process.evenings.zone}
                isChosen={at === chosen.at}
                isBroken={broken.has(step.id)}
                canMove={onMove !== undefined}
                onChoose={() => chosen.choose(at)}
                onPoint={setPointed}
              />
            ) : null;
          })}
          {looked && <Waits process={process} step={looked} planned={planned} frame={frame} />}
        </svg>
      </DragPast>
    </div>
  );
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
