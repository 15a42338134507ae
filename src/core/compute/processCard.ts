import type { MaskPlan } from '../masking/maskCard';
import type { Evenings } from '../plan/evenings';
import type { Plan } from '../plan/plan';
import { applyOverrides } from '../process/applyOverrides';
import { deriveSteps } from '../process/deriveSteps';
import { dayBegins, nextSessions } from '../process/evenings';
import { orderSteps } from '../process/orderSteps';
import { planEvenings } from '../process/planEvenings';
import type { WorkOutcome } from '../process/planWork';
import { ruledArrows } from '../process/ruledArrows';
import { placesIn } from '../process/placesIn';
import { planBatch } from '../process/planBatch';
import type { Deadline, ProcessPlan, WorkTime } from '../process/processPlan';
import { settleOrder } from '../process/settleOrder';
import { withoutReady, type StepsLeft } from '../process/withoutReady';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { processInput } from './processInput';

/** So many evenings are looked through. */
const mostSessions = 40;

/** What working out the steps of a card may spend. */
export interface ProcessMeans {
  /** Whether the time for planning the evenings is over. */
  readonly isOver: () => boolean;
  /** Where they are worked out already. */
  readonly masks?: MaskPlan;
  /** The order is looked for in so many states; undefined for as many as there is room for. */
  readonly states?: number | undefined;
}

/** All that follows from a plan about how it is made. */
export function processCard(
  plan: Plan,
  card: ResolvedCard,
  time: WorkTime,
  { isOver, masks, states }: ProcessMeans,
): ProcessPlan {
  const input = processInput(plan, card, masks, time.kept);
  const derived = deriveSteps(input);
  const ruled = ruledArrows(derived);
  const left = withoutReady(derived, ruled, time.ahead ?? []);
  const ordered = ({ steps, arrows, fallen }: StepsLeft) => {
    const decided = applyOverrides(steps, arrows, plan.overrides, fallen);
    const settled = settleOrder(decided.arrows, decided.insisted);
    return { decided, settled, order: orderSteps(decided.steps, settled.arrows, states) };
  };
  const { decided, settled, order } = ordered(left);
  const fromStart =
    left.fallen.length > 0 ? ordered({ steps: derived.all, arrows: ruled, fallen: [] }) : undefined;
  const { start } = time;
  const evenings = plan.making.evenings ?? time.evenings;
  const done = new Map((time.done ?? []).map(({ step, at }) => [step, at]));
  const { eveningWish } = plan.habits;
  const work = planEvenings(
    {
      steps: order.steps,
      arrows: settled.arrows,
      start,
      sessions: nextSessions(evenings, start, mostSessions),
      people: evenings.people,
      done,
    },
    eveningWish,
    isOver,
  );
  const { copies } = plan.making;
  const batch =
    copies > 1
      ? planBatch(
          {
            steps: order.steps,
            arrows: settled.arrows,
            copies,
            start,
            evenings,
            eveningWish,
            done,
          },
          isOver,
        )
      : undefined;
  const placeOf = placesIn(work, done);
  const steps = order.steps.toSorted((a, b) => placeOf(a) - placeOf(b));
  return {
    steps,
    arrows: settled.arrows,
    changes: { count: order.changes, bound: order.bound, isProven: order.isProven },
    breaches: settled.breaches,
    contradictions: settled.contradictions,
    skipped: decided.skipped,
    fallen: left.fallen,
    whole: {
      steps: fromStart?.order.steps ?? steps,
      arrows: (fromStart?.settled ?? settled).arrows,
    },
    lost: decided.lost,
    work,
    batch,
    deadlines: deadlinesOf(plan, evenings, work),
    evenings,
    papers: input.papers,
  };
}

/** A card is filmed and published from the morning on. */
function deadlinesOf({ about }: Plan, { zone }: Evenings, work: WorkOutcome): readonly Deadline[] {
  if (!work.ok) return [];
  const days = [
    { what: 'film', day: about.filmOn },
    { what: 'publish', day: about.publishOn },
  ] as const;
  return days.flatMap(({ what, day }): readonly Deadline[] => {
    if (day === null) return [];
    const by = dayBegins(day, zone);
    const late = work.plan.planned.reduce(
      (sum, { start, end }) => sum + Math.max(0, end - Math.max(start, by)),
      0,
    );
    return [{ what, day, short: Math.ceil(late / 60_000) }];
  });
}
