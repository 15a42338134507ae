import type { Evenings } from '../plan/evenings';
import type { EveningWish } from '../plan/workFacts';
import { lagOf, type Arrow } from './arrow';
import { batchStages, doneOnce, type Stage } from './batchStages';
import { arrowsFrom, shortestWay } from './circles';
import type { Session } from './evenings';
import { orderSteps } from './orderSteps';
import { placesIn } from './placesIn';
import { layBatch, sessionsFor } from './planBatch';
import { planEvenings } from './planEvenings';
import type { WorkOutcome } from './planWork';
import type { Step } from './step';
import { longerSpread } from './stepTimes';

/** How one of several cards is made. */
export interface CardToMake {
  readonly steps: readonly Step[];
  readonly arrows: readonly Arrow[];
  readonly copies: number;
}

/** A stage of one card, or of several that get ready for it once. */
export interface JointStage {
  /** With the minutes of all copies of all of them. */
  readonly step: Step;
  /** The stages it stands for, and of which card each is, by its number from 0. */
  readonly parts: readonly { readonly card: number; readonly stage: Stage }[];
  /** Minutes of getting ready that are spent once and not for each card. */
  readonly saved: number;
}

/** Several cards made at once. */
export interface JointPlan {
  /** As they are done. */
  readonly stages: readonly JointStage[];
  readonly arrows: readonly Arrow[];
  readonly work: WorkOutcome;
  /** At work, for all copies of all cards. */
  readonly minutes: number;
  /** The same one card after the other; evenings undefined where a step fits in none. */
  readonly apart: { readonly minutes: number; readonly evenings: number | undefined };
}

export interface JointProblem {
  readonly cards: readonly CardToMake[];
  /** In milliseconds since 1970. */
  readonly start: number;
  readonly evenings: Evenings;
  readonly eveningWish: EveningWish;
}

/** So many states of the order are looked at. */
const orderStates = 20_000;

/**
 * Several cards made at once: stages that need the same ready (a pad, a powder, a stock, a tool) are one, as far as none of
 * them has to be done between the two; those that save most are put together first.
 * @param isOver whether the time for it is over
 */
export function planTogether(problem: JointProblem, isOver: () => boolean): JointPlan {
  const { cards, start, evenings, eveningWish } = problem;
  const each = cards.map(({ steps, arrows, copies }, card) => {
    const batch = batchStages(steps, arrows, copies);
    return {
      stages: batch.stages.map((stage) => jointOf(card, stage)),
      arrows: batch.arrows.map((arrow) => ({
        ...arrow,
        ...{ before: idOf(card, arrow.before), then: idOf(card, arrow.then) },
      })),
    };
  });
  const { stages, arrows } = joined(
    each.flatMap((own) => own.stages),
    each.flatMap((own) => own.arrows),
  );
  const order = orderSteps(
    stages.map(({ step }) => step),
    arrows,
    orderStates,
  );
  const { steps } = order;
  const { people } = evenings;
  const sessions = sessionsFor(steps, evenings, start);
  const work = planEvenings({ steps, arrows, start, sessions, people }, eveningWish, isOver);
  const placeOf = placesIn(work, new Map());
  return {
    stages: stages.toSorted((a, b) => placeOf(a.step) - placeOf(b.step)),
    ...{ arrows, work, minutes: sumOf(steps), apart: oneAfterTheOther(problem, isOver) },
  };
}

function idOf(card: number, id: string): string {
  return `${card} ${id}`;
}

function jointOf(card: number, stage: Stage): JointStage {
  const step = { ...stage.step, id: idOf(card, stage.step.id) };
  return { step, parts: [{ card, stage }], saved: 0 };
}

function sumOf(steps: readonly Step[]): number {
  return steps.reduce((sum, { minutes }) => sum + minutes.usual, 0);
}

/** Puts stages of different cards together while that saves something. */
function joined(
  alone: readonly JointStage[],
  all: readonly Arrow[],
): Pick<JointPlan, 'stages' | 'arrows'> {
  const pairs = alone
    .flatMap((one, at) => alone.slice(at + 1).map((two) => [one, two] as const))
    .filter(([one, two]) => isSameReady(one, two))
    .toSorted((a, b) => savedBy(b) - savedBy(a));
  let stages = alone;
  let arrows = all;
  const place = new Map(alone.map(({ step }) => [step.id, step.id]));
  for (const pair of pairs) {
    const [one, two] = pair.map(({ step: { id } }) =>
      stages.find(({ step }) => step.id === place.get(id)),
    );
    if (!one || !two || one === two || sharesCard(one, two)) continue;
    const from = arrowsFrom(arrows);
    if (shortestWay(from, one.step.id, two.step.id) || shortestWay(from, two.step.id, one.step.id))
      continue;
    const both = together(one, two);
    for (const [id, at] of place) if (at === two.step.id) place.set(id, one.step.id);
    stages = stages.flatMap((each) => (each === one ? [both] : each === two ? [] : [each]));
    arrows = moved(arrows, two.step.id, one.step.id, stages);
  }
  return { stages, arrows };
}

function sharesCard(one: JointStage, two: JointStage): boolean {
  return one.parts.some(({ card }) => two.parts.some((other) => other.card === card));
}

/** Whether two stages do the same with the same things, so that one gets ready for both. */
function isSameReady(one: JointStage, two: JointStage): boolean {
  return !sharesCard(one, two) && readyOf(one) !== undefined && readyOf(one) === readyOf(two);
}

/** What is got ready; undefined where each card has its own, as what is done once for it. */
function readyOf({ parts: [part] }: JointStage): string | undefined {
  const steps = part?.stage.steps ?? [];
  if (steps.some(({ kind }) => doneOnce.includes(kind))) return undefined;
  const setups = steps.map(({ kind, place, setup }) => [kind, place, Object.entries(setup)]);
  return JSON.stringify(setups);
}

function savedBy(stages: readonly JointStage[]): number {
  return Math.min(...stages.flatMap(({ parts }) => parts.map(({ stage }) => stage.setUp)));
}

function together(one: JointStage, two: JointStage): JointStage {
  const saved = savedBy([one, two]);
  const [a, b] = [one.step, two.step];
  const union = <Each>(own: readonly Each[], other: readonly Each[]) => [
    ...new Set([...own, ...other]),
  ];
  /** To the half minute; what is saved is as quick or slow as the rest. */
  const minutes = (speed: keyof Step['minutes']) => {
    const own = saved * (b.minutes[speed] / (b.minutes.usual || 1));
    return Math.round(2 * (a.minutes[speed] + b.minutes[speed] - own)) / 2;
  };
  return {
    parts: [...one.parts, ...two.parts],
    saved: one.saved + two.saved + saved,
    step: {
      ...a,
      pieces: union(a.pieces, b.pieces),
      things: union(a.things, b.things),
      cautions: union(a.cautions, b.cautions),
      minutes: { quick: minutes('quick'), usual: minutes('usual'), slow: minutes('slow') },
      drying: longerSpread(a.drying, b.drying),
      mayPause: true,
    },
  };
}

/** What led to one stage and from it leads to the other it was put together with; the longer wait of two stays. */
function moved(
  arrows: readonly Arrow[],
  from: string,
  to: string,
  stages: readonly JointStage[],
): readonly Arrow[] {
  const steps = new Map(stages.map(({ step }) => [step.id, step]));
  const told = new Map<string, Arrow>();
  for (const arrow of arrows) {
    const [before, then] = [arrow.before, arrow.then].map((id) => (id === from ? to : id));
    const step = before === undefined ? undefined : steps.get(before);
    if (before === undefined || then === undefined || !step) continue;
    const next = { ...arrow, before, then };
    const there = told.get(`${before} > ${then}`);
    if (!there || lagOf(next, step).usual > lagOf(there, step).usual)
      told.set(`${before} > ${then}`, next);
  }
  return [...told.values()];
}

/** The cards one after the other, each begun when the one before is done. */
function oneAfterTheOther(
  { cards, start, evenings, eveningWish }: JointProblem,
  isOver: () => boolean,
): JointPlan['apart'] {
  let at = start;
  let minutes = 0;
  let isLaid = true;
  const used = new Map<number, Session>();
  for (const { steps, arrows, copies } of cards) {
    const { stages, work } = layBatch(
      { ...{ steps, arrows, copies, start: at }, ...{ evenings, eveningWish, done: new Map() } },
      isOver,
    );
    minutes += sumOf(stages.map(({ step }) => step));
    isLaid &&= work.ok;
    if (!work.ok) continue;
    at = work.plan.end;
    for (const session of work.plan.sessions) used.set(session.to, session);
  }
  return { minutes, evenings: isLaid ? used.size : undefined };
}
