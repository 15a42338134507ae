import type { Arrow } from '../../../core/process/arrow';
import { lagOf } from '../../../core/process/arrow';
import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { stepWords } from '../../../core/process/stepWords';
import { workedOn, type WorkItem } from '../../../core/process/workOn';
import type { WorkBatch } from '../../../core/process/workBatch';
import { capitalise, joinWords } from '../../../core/words/phrases';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';

/** What is done at the bench at one go: a step of one card, or a stage of many. */
export interface BenchItem extends WorkItem {
  /** For its picture, its things and its cautions. */
  readonly of: Step;
  /** Everything it consists of, in order. */
  readonly steps: readonly Step[];
}

/** All that is to do, in order, and what waits for what. */
export interface BenchWork {
  readonly items: readonly BenchItem[];
  readonly arrows: readonly Arrow[];
  readonly copies: number;
}

/** The steps of one card, or the stages of the batch where more are made. */
export function benchWork({ steps, arrows, batch }: ProcessPlan, card: ResolvedCard): BenchWork {
  if (!batch)
    return { copies: 1, arrows, items: steps.map((step) => itemOf(step, [step], 0, card)) };
  const { stages, copies } = batch;
  return {
    copies,
    arrows: batch.arrows,
    items: stages.map((stage) => itemOf(stage.step, stage.steps, stage.ready, card)),
  };
}

function itemOf(of: Step, steps: readonly Step[], ready: number, card: ResolvedCard): BenchItem {
  const words = steps.map((step) => stepWords(step, card));
  const rest = words.slice(1).map((each) => each.charAt(0).toLowerCase() + each.slice(1));
  return {
    step: of.id,
    name: capitalise(joinWords([...words.slice(0, 1), ...rest])),
    plannedSeconds: of.minutes.usual * 60,
    ...{ of, steps, ready },
  };
}

/** What an item still waits for. */
export interface Awaited {
  readonly item: BenchItem;
  /** When it is dry, in milliseconds since 1970; undefined while it is not done. */
  readonly until: number | undefined;
}

/** What keeps an item from being begun at a moment: what is not done, then what is not dry, the slowest first. */
export function awaitedBy(
  { items, arrows, copies }: BenchWork,
  item: BenchItem,
  work: WorkBatch | null,
  now: number,
): readonly Awaited[] {
  return arrows
    .filter(({ then }) => then === item.step)
    .flatMap((arrow): readonly Awaited[] => {
      const before = items.find(({ step }) => step === arrow.before);
      if (!before) return [];
      const worked = workedOn(work, before.step);
      if (!worked || worked.copies < copies) return [{ item: before, until: undefined }];
      const until = Date.parse(worked.lastAt) + lagOf(arrow, before.of).usual * 60_000;
      return until > now ? [{ item: before, until }] : [];
    })
    .toSorted((a, b) => (b.until ?? Infinity) - (a.until ?? Infinity));
}

/** Items that may be done at a moment, in order. */
export function freeItems(
  bench: BenchWork,
  work: WorkBatch | null,
  now: number,
): readonly BenchItem[] {
  return bench.items.filter(
    (item) =>
      (workedOn(work, item.step)?.copies ?? 0) < bench.copies &&
      awaitedBy(bench, item, work, now).length === 0,
  );
}
