import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { fewStates } from '../process/orderSteps';
import { planTogether, type JointPlan } from '../process/planTogether';
import type { WorkTime } from '../process/processPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import { processCard } from './processCard';

/** Cards that are made at once, as many copies of each as it tells. */
export interface TogetherInput {
  readonly cards: readonly {
    readonly plan: Plan;
    readonly library: Library;
    /** What is made ahead of it. */
    readonly ahead?: WorkTime['ahead'];
  }[];
  readonly time: Pick<WorkTime, 'start' | 'evenings'>;
}

/**
 * How cards are made together, in the evenings of the first where it has its own.
 * @param isOver asked anew for each search: whether the time for it is over
 */
export function makeTogether(
  { cards, time }: TogetherInput,
  isOver: () => () => boolean,
): JointPlan {
  const made = cards.map(({ plan, library, ahead }) => {
    const own = { ...time, ahead };
    const card = resolvePlan(plan, library);
    const { steps, arrows } = processCard(plan, card, own, { isOver: isOver(), states: fewStates });
    return { steps, arrows, copies: plan.making.copies };
  });
  const first = cards[0]?.plan;
  const evenings = first?.making.evenings ?? time.evenings;
  const eveningWish = first?.habits.eveningWish ?? 'earliest';
  return planTogether({ cards: made, start: time.start, evenings, eveningWish }, isOver());
}
