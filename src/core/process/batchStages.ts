import type { StepKind } from '../plan/workFacts';
import { lagOf, type Arrow } from './arrow';
import { noTime, type Spread, type Step } from './step';
import { longerSpread, sumSpreads } from './stepTimes';

/** What is done to all copies one after the other before the next thing is begun. */
export interface Stage {
  /** As a step of the batch, with the minutes of all copies. */
  readonly step: Step;
  /** What it is for one card; several where none of them can wait. */
  readonly steps: readonly Step[];
  /** For so many copies it is done ahead. */
  readonly ready: number;
  /** Minutes before the first copy, and for each. */
  readonly setUp: number;
  readonly each: number;
}

/** Done once for a card, however many copies of it are made. */
export const doneOnce: readonly StepKind[] = ['test', 'cut-mask', 'clean', 'photo', 'own'];

/** Of the minutes of one card, so much is getting ready and is spent once a batch. From memory. */
const setUpShare: Readonly<Partial<Record<StepKind, number>>> = {
  // A sheet is cut once for several, and the fence is set once.
  cut: 0.75,
  score: 0.6,
  fold: 0.5,
  'die-cut': 0.4,
  stamp: 0.4,
  heat: 0.3,
  blend: 0.2,
  stencil: 0.3,
  // The hand knows its way from the second card on.
  colour: 0.35,
  glue: 0.15,
  // Many lie under one weight.
  press: 0.6,
};
const usualShare = 0.2;

/**
 * The stages of a batch, in the order of the steps; each tool is got out once for all copies. Steps that have to follow at
 * once, such as powder on wet ink and the heat after it, are one stage, in which each card goes through all of them.
 * @param steps in their order; @param arrows in no circle
 */
export function batchStages(
  steps: readonly Step[],
  arrows: readonly Arrow[],
  copies: number,
): { readonly stages: readonly Stage[]; readonly arrows: readonly Arrow[] } {
  const leader = new Map(steps.map(({ id }) => [id, id]));
  for (const { before, then, most } of arrows)
    if (most !== undefined) {
      const [a, b] = [leader.get(before), leader.get(then)];
      if (a === undefined || b === undefined || a === b) continue;
      for (const [id, own] of leader) if (own === b) leader.set(id, a);
    }
  const groups = groupsWithoutCircle(steps, arrows, leader);
  const stages = groups.map((own) => stageOf(own, copies));
  const stageAt = new Map(
    groups.flatMap((own, at) => own.map(({ id }) => [id, stages[at] as Stage] as const)),
  );
  const byId = new Map(steps.map((step) => [step.id, step]));
  return {
    stages,
    arrows: arrows.flatMap((arrow): readonly Arrow[] => {
      const [before, then] = [stageAt.get(arrow.before), stageAt.get(arrow.then)];
      const step = byId.get(arrow.before);
      if (!before || !then || !step || before === then) return [];
      const { because, wait } = arrow;
      const lag = shortened(lagOf(arrow, step), before, then, copies);
      return [{ before: before.step.id, then: then.step.id, because, wait, lag }];
    }),
  };
}

/**
 * The steps by stage. A stage of several must not need, by way of others, what it is to do itself: those that would are
 * kept apart, and each copy of them is hurried.
 */
function groupsWithoutCircle(
  steps: readonly Step[],
  arrows: readonly Arrow[],
  leader: ReadonlyMap<string, string>,
): readonly (readonly Step[])[] {
  const groups = new Map<string, Step[]>();
  for (const step of steps) {
    const key = leader.get(step.id) ?? step.id;
    groups.set(key, [...(groups.get(key) ?? []), step]);
  }
  const order = steps.map(({ id }) => id);
  return [...groups.values()].flatMap((own): readonly (readonly Step[])[] => {
    if (own.length < 2) return [own];
    const inside = new Set(own.map(({ id }) => id));
    const [first, last] = [
      Math.min(...own.map(({ id }) => order.indexOf(id))),
      Math.max(...own.map(({ id }) => order.indexOf(id))),
    ];
    const between = new Set(order.slice(first, last).filter((id) => !inside.has(id)));
    const isTangled =
      arrows.some(({ before, then }) => inside.has(before) && between.has(then)) &&
      arrows.some(({ before, then }) => between.has(before) && inside.has(then));
    return isTangled ? own.map((step) => [step]) : [own];
  });
}

function stageOf(steps: readonly Step[], copies: number): Stage {
  const [first] = steps;
  if (!first) throw new RangeError('batchStages: a stage without a step');
  const isOnce = steps.every(({ kind }) => doneOnce.includes(kind));
  const minutes = sumSpreads(steps.map((step) => step.minutes));
  const setUp = steps.reduce((sum, step) => sum + step.minutes.usual * setUpOf(step, isOnce), 0);
  const each = isOnce ? 0 : minutes.usual - setUp;
  const ready = Math.min(...steps.map((step) => step.ready ?? 0));
  const all = (speed: keyof Spread) => {
    const whole = steps.reduce((sum, step) => {
      const own = setUpOf(step, isOnce);
      const left = isOnce ? 0 : (1 - own) * (copies - (step.ready ?? 0));
      return sum + step.minutes[speed] * (own + left);
    }, 0);
    return Math.round(whole * 2) / 2;
  };
  return {
    steps,
    setUp,
    each,
    ready,
    step: {
      ...first,
      pieces: [...new Set(steps.flatMap(({ pieces }) => pieces))],
      things: [...new Set(steps.flatMap(({ things }) => things))],
      cautions: [...new Set(steps.flatMap(({ cautions }) => cautions))],
      minutes: { quick: all('quick'), usual: all('usual'), slow: all('slow') },
      drying: steps.reduce((longest, { drying }) => longerSpread(longest, drying), noTime),
      // Between two copies one may stop.
      mayPause: copies > 1 || first.mayPause,
    },
  };
}

/** So much of the minutes of one card is spent once a batch: all of what is done once, as often as that takes. */
function setUpOf({ kind, timesInBatch = 1 }: Step, isOnce: boolean): number {
  return isOnce ? timesInBatch : (setUpShare[kind] ?? usualShare);
}

/** The first copy dries while the others are worked on: a wait is shorter by the copies that come between. */
function shortened(lag: Spread, before: Stage, then: Stage, copies: number): Spread {
  const worked = then.setUp + (copies - 1) * Math.min(before.each, then.each);
  const left = (minutes: number) => Math.max(0, minutes - worked);
  return { quick: left(lag.quick), usual: left(lag.usual), slow: left(lag.slow) };
}
