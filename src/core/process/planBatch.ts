import type { Evenings } from '../plan/evenings';
import type { EveningWish } from '../plan/workFacts';
import type { Arrow } from './arrow';
import { batchStages } from './batchStages';
import { nextSessions, type Session } from './evenings';
import { placesIn } from './placesIn';
import { planEvenings } from './planEvenings';
import { onlyLists, planWork } from './planWork';
import type { BatchPlan } from './processPlan';
import type { Step } from './step';

/** What is made of which so many copies are made, and when. */
export interface BatchProblem {
  /** Of one card, in their order. */
  readonly steps: readonly Step[];
  readonly arrows: readonly Arrow[];
  readonly copies: number;
  /** In milliseconds since 1970. */
  readonly start: number;
  readonly evenings: Evenings;
  readonly eveningWish: EveningWish;
  /** Stages that are done, when. */
  readonly done: ReadonlyMap<string, number>;
}

/** All copies stage by stage, laid into the evenings. @param isOver whether the time for it is over */
export function planBatch(problem: BatchProblem, isOver: () => boolean): BatchPlan {
  return { ...layBatch(problem, isOver), perEvening: copiesPerEvening(problem) };
}

/** The same without how many fit an evening, which takes longest. */
export function layBatch(
  problem: BatchProblem,
  isOver: () => boolean,
): Omit<BatchPlan, 'perEvening'> {
  const { steps, copies, start, evenings, eveningWish, done } = problem;
  const { stages, arrows } = batchStages(steps, problem.arrows, copies);
  const all = stages.map(({ step }) => step);
  const sessions = sessionsFor(all, evenings, start);
  const work = planEvenings(
    { steps: all, arrows, start, sessions, people: evenings.people, done },
    eveningWish,
    isOver,
  );
  const placeOf = placesIn(work, done);
  return {
    ...{ copies, arrows, work },
    stages: stages.toSorted((a, b) => placeOf(a.step) - placeOf(b.step)),
  };
}

/** As many evenings of half an hour as the work fills, and some more for what dries. */
export function sessionsFor(
  stages: readonly Pick<Step, 'minutes'>[],
  evenings: Evenings,
  start: number,
): readonly Session[] {
  const work = stages.reduce((sum, { minutes }) => sum + minutes.usual, 0);
  return nextSessions(evenings, start, 40 + Math.ceil(work / 30), mostDays);
}

const mostDays = 1500;

/** The most copies whose stages are all done within the longest evening, as far as lists of them find it. */
function copiesPerEvening({ steps, arrows, start, evenings }: BatchProblem): number {
  const longest = nextSessions(evenings, start, 8).reduce(
    (most, { from, to }) => Math.max(most, to - from),
    0,
  );
  const sessions = [{ from: start, to: start + longest }];
  const fits = (copies: number) => {
    const batch = batchStages(steps, arrows, copies);
    const all = batch.stages.map(({ step }) => step);
    const { people } = evenings;
    return planWork({ steps: all, arrows: batch.arrows, start, sessions, people }, onlyLists).ok;
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

/** No evening is long enough for more. */
const mostCopies = 500;
