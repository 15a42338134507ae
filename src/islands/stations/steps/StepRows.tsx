import { useEffect, useRef } from 'react';
import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { stepWords } from '../../../core/process/stepWords';
import { SortableList, useSortableRow } from '../../parts/SortableList';
import { useCardSession } from '../../session/CardSession';
import { StepTicket } from './StepTicket';
import type { Chosen } from './useChosenStep';
import { rowTime } from './workWords';

interface Props {
  readonly process: ProcessPlan;
  readonly chosen: Chosen;
  readonly broken: ReadonlySet<string>;
  readonly onMove: (at: number, to: number) => void;
}

/** The steps as they are done; the chosen one is unfolded. They are dragged or moved by keys. */
export function StepRows({ process, chosen, broken, onMove }: Props) {
  const list = useRef<HTMLDivElement>(null);
  const { steps } = process;
  const ids = steps.map(({ id }) => id);
  useEffect(() => {
    list.current?.querySelector('[data-chosen=true]')?.scrollIntoView({ block: 'nearest' });
  }, [chosen.at, ids.length]);
  const drop = (moved: string, onto: string) => onMove(ids.indexOf(moved), ids.indexOf(onto));
  return (
    <div ref={list} role="group" aria-label="Steps, in the order they are done">
      <SortableList id="steps" rows={ids} onDrop={drop}>
        {steps.map((step, at) => (
          <Row
            key={step.id}
            step={step}
            number={at + 1}
            isChosen={at === chosen.at}
            isBroken={broken.has(step.id)}
            onChoose={() => chosen.choose(at)}
            process={process}
            onMove={(by) => onMove(at, at + by)}
          />
        ))}
      </SortableList>
    </div>
  );
}

interface RowProps {
  readonly step: Step;
  readonly number: number;
  readonly isChosen: boolean;
  readonly isBroken: boolean;
  readonly process: ProcessPlan;
  readonly onChoose: () => void;
  readonly onMove: (by: number) => void;
}

function Row({ step, number, isChosen, isBroken, process, onChoose, onMove }: RowProps) {
  const { card } = useCardSession();
  const { row, handle } = useSortableRow(step.id, isChosen);
  return (
    <div data-chosen={isChosen} {...row} {...handle}>
      {isChosen ? (
        <StepTicket
          key={step.id}
          step={step}
          number={number}
          process={process}
          isBroken={isBroken}
          onMove={onMove}
        />
      ) : (
        <button
          type="button"
          className="border-hairline hover:bg-chrome grid min-h-[2.125rem] w-full grid-cols-[2.25rem_1fr_4rem_9.5rem] pr-3 pl-3.5 items-center border-b py-0.5 text-left"
          onClick={onChoose}
        >
          <span className="font-heading text-[17px] font-semibold">{number}</span>
          <span className="truncate font-semibold" title={stepWords(step, card)}>
            {isBroken && (
              <span className="text-pencil pr-1.5" aria-label="against a rule:">
                ▲
              </span>
            )}
            {stepWords(step, card)}
          </span>
          <span className="text-sheet-muted">{step.place}</span>
          <span className="text-sheet-muted truncate text-right">{rowTime(step)}</span>
        </button>
      )}
    </div>
  );
}
