import type { MaskPlan } from '../masking/maskCard';
import type { Evenings } from '../plan/evenings';
import type { Plan } from '../plan/plan';
import { applyOverrides } from '../process/applyOverrides';
import { batchStages, type Stage } from '../process/batchStages';
import { deriveSteps } from '../process/deriveSteps';
import { dayBegins, nextSessions } from '../process/evenings';
import { orderSteps } from '../process/orderSteps';
import { planWork, type WorkOutcome } from '../process/planWork';
import { ruledArrows } from '../process/ruledArrows';
import type { BatchPlan, Deadline, ProcessPlan, WorkTime } from '../process/processPlan';
import type { Step } from '../process/step';
import { settleOrder } from '../process/settleOrder';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { processInput } from './processInput';

/** So many evenings are looked through for one card; for a batch as many more as its work fills, of half an hour each. */
const mostSessions = 40;
const shortestEvening = 30;
const mostDays = 1500;

/**
 * All that follows from a plan about how it is made.
 * @param isOver whether the time for planning the evenings is over
 * @param states how many states the order may be looked for in
 */
export function processCard(
  plan: Plan,
  card: ResolvedCard,
  time: WorkTime,
  isOver: () => boolean,
  masks?: MaskPlan,
  states?: number,
): ProcessPlan {
  const input = processInput(plan, card, masks);
  const derived = deriveSteps(input);
  const decided = applyOverrides(derived.all, ruledArrows(derived), plan.overrides);
  const settled = settleOrder(decided.arrows, decided.insisted);
  const order = orderSteps(decided.steps, settled.arrows, states);
  const evenings = plan.making.evenings ?? time.evenings;
  const done = new Map((time.done ?? []).map(({ step, at }) => [step, at]));
  const work = planWork(
    {
      steps: order.steps,
      arrows: settled.arrows,
      start: time.start,
      sessions: nextSessions(evenings, time.start, mostSessions),
      people: evenings.people,
      done,
    },
    isOver,
  );
  const batch = plan.making.copies > 1 ? planBatch(order.steps, plan.making.copies) : undefined;
  const placeOf = placesIn(work, done);
  return {
    steps: order.steps.toSorted((a, b) => placeOf(a) - placeOf(b)),
    arrows: settled.arrows,
    changes: { count: order.changes, bound: order.bound, isProven: order.isProven },
    breaches: settled.breaches,
    contradictions: settled.contradictions,
    skipped: decided.skipped,
    lost: decided.lost,
    work,
    batch,
    deadlines: deadlinesOf(plan, evenings, work),
    evenings,
    papers: input.papers,
  };

  function planBatch(steps: readonly Step[], copies: number): BatchPlan {
    const { stages, arrows } = batchStages(steps, settled.arrows, copies);
    const own = planWork({ ...timed(stages), arrows }, isOver);
    const at = placesIn(own, done);
    return {
      ...{ copies, arrows, work: own },
      stages: stages.toSorted((a, b) => at(a.step) - at(b.step)),
      perEvening: copiesPerEvening(steps),
    };
  }

  function timed(stages: readonly Stage[]) {
    const { start } = time;
    return {
      ...{ start, done, people: evenings.people },
      steps: stages.map(({ step }) => step),
      sessions: nextSessions(evenings, start, sessionsFor(stages), mostDays),
    };
  }

  /** As many evenings as the work fills at the most, and some more for what dries. */
  function sessionsFor(stages: readonly Stage[]): number {
    const work = stages.reduce((sum, { step }) => sum + step.minutes.usual, 0);
    return mostSessions + Math.ceil(work / shortestEvening);
  }

  /** The most copies whose stages are all done within the longest evening, as far as lists of them find it. */
  function copiesPerEvening(steps: readonly Step[]): number {
    const longest = nextSessions(evenings, time.start, 8).reduce(
      (most, { from, to }) => Math.max(most, to - from),
      0,
    );
    const session = { from: time.start, to: time.start + longest };
    const fits = (copies: number) => {
      const { stages, arrows } = batchStages(steps, settled.arrows, copies);
      const outcome = planWork(
        { ...timed(stages), arrows, sessions: [session], done: new Map() },
        onlyLists,
      );
      return outcome.ok;
    };
    let [least, most] = [0, 1];
    while (most <= mostCopies && fits(most)) [least, most] = [most, 2 * most];
    while (most - least > 1) {
      const middle = (least + most) >> 1;
      if (fits(middle)) least = middle;
      else most = middle;
    }
    return least;
  }
}

/** What is done comes first, in the order it was; then what is planned, as it is. */
function placesIn(work: WorkOutcome, done: ReadonlyMap<string, number>): (step: Step) => number {
  const order = [...done].toSorted(([, a], [, b]) => a - b).map(([id]) => id);
  const all = [...order, ...(work.ok ? work.plan.planned.map(({ step }) => step) : [])];
  const places = new Map(all.map((id, at) => [id, at]));
  return ({ id }) => places.get(id) ?? all.length;
}

const onlyLists = () => true;

/** No evening is long enough for more. */
const mostCopies = 500;

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
