import { useState } from 'react';
import { batchEdits } from '../../../core/plan/batchEdits';
import { overrideId } from '../../../core/plan/collections';
import type { PieceId } from '../../../core/plan/ids';
import { moveStep } from '../../../core/process/moveStep';
import type { ProcessPlan } from '../../../core/process/processPlan';
import { stepWords } from '../../../core/process/stepWords';
import { followMaker } from '../../../core/prose/cautionWords';
import { KeyedButton } from '../../parts/KeyedButton';
import { newPieceId } from '../../parts/newPieceId';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { TableView } from '../../session/TableView';
import { Bench } from './Bench';
import { BeforeGluing } from './BeforeGluing';
import { CopiesView } from './CopiesView';
import { EveningsEditor } from './EveningsEditor';
import { MadeAhead } from './MadeAhead';
import { StageTable } from './StageTable';
import { StepRows } from './StepRows';
import { TogetherView } from './TogetherView';
import { TimeStrip } from './TimeStrip';
import { useAtBench } from './useAtBench';
import { useChosenStep } from './useChosenStep';
import { WorkingLine } from './WorkingLine';
import { workHeading, workNotes } from './workWords';

/** The order of work: what is done when, what dries meanwhile, and why each step stands where it does. */
export function StepsStation() {
  const { process } = useCardSession();
  if (!process.plan)
    return (
      <div className="p-[18px]">
        <p role="status">
          {process.hasFailed
            ? 'The steps could not be worked out. Change something on the card, or load the page again.'
            : 'Putting the steps in order…'}
        </p>
        <WorkingLine />
      </div>
    );
  return <Steps process={process.plan} />;
}

/** The plan, or the bench, at which one stays over a reload. */
function Steps({ process }: { readonly process: ProcessPlan }) {
  const { cardId } = useCardSession();
  const [isAtBench, setAtBench] = useAtBench(cardId);
  return isAtBench ? (
    <Bench process={process} onLeave={() => setAtBench(false)} />
  ) : (
    <Planned process={process} onBench={() => setAtBench(true)} />
  );
}

interface PlannedProps {
  readonly process: ProcessPlan;
  readonly onBench: () => void;
}

function Planned({ process, onBench }: PlannedProps) {
  const { plan, card, commit, process: state, work: made } = useCardSession();
  const { steps, work, skipped, batch } = process;
  const [shows, setShows] = useState<'steps' | 'stages' | 'copies' | 'together'>('steps');
  const showsStages = shows === 'stages' && batch !== undefined;
  const showsPlan = shows === 'steps' || shows === 'stages';
  const turnTo = (view: typeof shows) => setShows(shows === view ? 'steps' : view);
  const shown = showsStages
    ? { ...process, steps: batch.stages.map(({ step }) => step), arrows: batch.arrows }
    : process;
  const shownWork = showsStages ? batch.work : work;
  const { evenings } = process;
  const noted = showsStages ? { steps: shown.steps, work: shownWork, evenings } : process;
  const chosen = useChosenStep(shown.steps);
  const broken = new Set(
    process.breaches.flatMap(({ insisted }) => [insisted.then, insisted.before]),
  );
  const current = shown.steps[chosen.at];
  const move = (at: number, to: number) => {
    if (showsStages || to < 0 || to >= steps.length) return false;
    const edits = moveStep(steps, plan.overrides, at, to);
    if (edits.length === 0) return false;
    commit(batchEdits(edits));
    chosen.choose(at);
    return true;
  };
  const walk = (by: number) => () => {
    const to = chosen.at + by;
    if (to < 0 || to >= shown.steps.length) return false;
    chosen.choose(to);
    return true;
  };
  const add = () => {
    if (!current || showsStages) return false;
    const id = newPieceId();
    commit({
      kind: 'put',
      in: 'overrides',
      item: {
        ...{ kind: 'add', id: id as PieceId, words: 'A step of your own', place: 'desk' },
        ...{ minutes: 5, drying: 0, after: current.id },
      },
    });
    return true;
  };
  useKeys({
    ArrowDown: walk(1),
    ArrowUp: walk(-1),
    'Alt+ArrowDown': () => move(chosen.at, chosen.at + 1),
    'Alt+ArrowUp': () => move(chosen.at, chosen.at - 1),
    n: add,
    b: onBench,
    c: () => {
      if (!batch) return false;
      turnTo('stages');
      return true;
    },
    m: () => turnTo('copies'),
    t: () => turnTo('together'),
  });
  return (
    <div
      className={`flex h-full min-h-[600px] flex-col gap-2 px-[18px] pt-3 ${state.isOld ? 'opacity-85' : ''}`}
    >
      {shownWork.ok && showsPlan && (
        <TimeStrip
          process={shown}
          work={shownWork.plan}
          chosen={chosen}
          broken={broken}
          onMove={showsStages ? undefined : move}
        />
      )}
      <p className="shrink-0">
        <strong className="font-heading pr-4 text-[19px] font-semibold">
          {workHeading({ work: shownWork, steps: shown.steps })}
        </strong>
        <span className="text-sheet-muted">
          {workNotes(noted, card).join(' ')} <WorkingLine />
        </span>
      </p>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(300px,380px)_1fr] gap-x-6">
        <div className="flex min-h-0 flex-col gap-2 overflow-auto pb-3">
          {current && (
            <TableView
              process={process}
              done={steps.findIndex(({ id }) => id === current.id)}
              step={current}
            />
          )}
          <p>
            <strong className="font-heading text-[17px] font-semibold">
              On the table before step {chosen.at + 1}
            </strong>
          </p>
          <p className="flex flex-wrap gap-x-4 gap-y-2">
            <KeyedButton keyName="b" isOutlined onClick={onBench}>
              {made.work ? 'Go on at the bench' : 'Work at the bench'}
            </KeyedButton>
            <KeyedButton keyName="n" onClick={add}>
              Add a step after it
            </KeyedButton>
            {batch && (
              <KeyedButton keyName="c" onClick={() => turnTo('stages')}>
                {showsStages ? 'One card' : `${batch.copies} copies by stage`}
              </KeyedButton>
            )}
            <KeyedButton keyName="m" onClick={() => turnTo('copies')}>
              {shows === 'copies' ? 'Back to the steps' : 'What more copies take'}
            </KeyedButton>
            <KeyedButton keyName="t" onClick={() => turnTo('together')}>
              {shows === 'together' ? 'Back to the steps' : 'Together with another card'}
            </KeyedButton>
          </p>
          <BeforeGluing process={process} />
          <MadeAhead process={process} />
          <EveningsEditor />
          {skipped.length > 0 && (
            <section aria-label="Left out">
              <h2 className="pt-2 text-[17px]">Left out</h2>
              <ul>
                {skipped.map((step) => (
                  <li key={step.id} className="flex items-baseline gap-3 py-0.5">
                    <span>{stepWords(step, card)}</span>
                    <button
                      type="button"
                      className="link"
                      onClick={() =>
                        commit({
                          kind: 'remove',
                          in: 'overrides',
                          id: overrideId({ kind: 'skip', step: step.id }),
                        })
                      }
                    >
                      Put it back
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <p className="text-sheet-muted text-[15px]">{followMaker}</p>
        </div>
        <div
          className="min-h-0 overflow-auto pb-3"
          // Nothing in the table of stages takes the focus, so that it is scrolled by keys itself.
          {...(showsStages && { tabIndex: 0, role: 'group', 'aria-label': 'The stages' })}
        >
          {showsStages && <StageTable batch={batch} />}
          {shows === 'copies' && <CopiesView />}
          {shows === 'together' && <TogetherView />}
          {!showsStages && showsPlan && (
            <StepRows process={process} chosen={chosen} broken={broken} onMove={move} />
          )}
        </div>
      </div>
    </div>
  );
}
