import { newSheets } from '../cutting/countSheets';
import type { CoverSolver } from '../cutting/coverSolver';
import { cutJob } from '../cutting/cutJob';
import type { PlanBudget } from '../cutting/cutSheets';
import { planCuts } from '../cutting/planCuts';
import { masksForCopies } from '../masking/shareMasks';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { withCopies } from '../plan/withCopies';
import { fewStates } from '../process/orderSteps';
import type { CopiesPoint } from '../process/copiesPoint';
import { layBatch } from '../process/planBatch';
import type { WorkTime } from '../process/processPlan';
import type { Step } from '../process/step';
import { resolvePlan } from '../resolve/resolvePlan';
import { supplyList } from '../supplies/supplyList';
import type { SupplyInput } from '../supplies/supplyRow';
import { processCard } from './processCard';

/** A card of which it is asked what more copies of it take; how many it tells itself is of no account. */
export interface CopiesInput extends Pick<SupplyInput, 'holdings' | 'envelope' | 'postage'> {
  readonly plan: Plan;
  readonly library: Library;
  /** What is done already, or ahead, is not counted: each number is made from the start. */
  readonly time: WorkTime;
}

/** What a search may spend on each number of copies. */
export interface CopiesMeans {
  readonly solver: CoverSolver;
  readonly budget: () => PlanBudget;
  readonly isOver: () => () => boolean;
}

/**
 * Sheets, cost and evenings of each number of copies from one on, one after the other. Each is planned by itself, as if it
 * were all that is made.
 */
export function* traceCopies(
  { plan, library, holdings, time, envelope, postage }: CopiesInput,
  most: number,
  { solver, budget, isOver }: CopiesMeans,
): Generator<CopiesPoint, void> {
  const card = resolvePlan(plan, library);
  const { start } = time;
  const afresh = { start, evenings: time.evenings };
  const made = processCard(withCopies(plan, 1), card, afresh, {
    isOver: isOver(),
    states: fewStates,
  });
  const { steps, arrows, evenings } = made;
  for (let copies = 1; copies <= most; copies += 1) {
    const own = withCopies(plan, copies);
    const cuts = last(planCuts(cutJob(own, card, holdings), solver, budget()));
    const { costOfOne, unpriced } = supplyList({
      ...{ plan: own, card, library, holdings, cuts, cutsForOne: undefined },
      ...{ envelope, postage },
    });
    const { eveningWish, maskUses } = plan.habits;
    const batch = { arrows, copies, start, evenings, eveningWish, done: new Map<string, number>() };
    const { work } = layBatch({ ...batch, steps: withMasksFor(steps, copies, maskUses) }, isOver());
    yield {
      ...{ copies, costOfOne, unpriced, sheets: newSheets(cuts) },
      stocks: cuts.stocks.map(({ name, count }) => ({ name, sheets: count })),
      isLeast: cuts.stocks.every(({ isLeast }) => isLeast),
      evenings: work.ok ? work.plan.sessions.length : undefined,
    };
  }
}

/** Masks wear out, so that more copies take more of them. */
function withMasksFor(steps: readonly Step[], copies: number, maskUses: number): readonly Step[] {
  return steps.map((step) =>
    step.kind === 'cut-mask'
      ? { ...step, timesInBatch: masksForCopies(copies, step.pieces.length, maskUses) }
      : step,
  );
}

function last<Each, End>(search: Generator<Each, End>): End {
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}
