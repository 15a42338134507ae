import type { WorkBatch, WorkedStep } from './workBatch';

/** What is worked on: a step of one card, or a stage of many. */
export interface WorkItem {
  readonly step: string;
  readonly name: string;
  /** For all copies. */
  readonly plannedSeconds: number;
  /** For so many copies it is done ahead. */
  readonly ready: number;
}

/** Longer than this at one copy is no work but a break. From memory. */
const longestSpell = 3 * 3600;

/** Begins the work on so many copies. @param at a moment, as an ISO date and time */
export function beginWork(copies: number, at: string): WorkBatch {
  return { copies, startedAt: at, steps: [], current: null };
}

/** Takes a step into the hand. */
export function takeUp(batch: WorkBatch, step: string, at: string): WorkBatch {
  return { ...batch, current: { step, since: at } };
}

/** Marks copies of a step done; the time since it was taken up is spent on them. */
export function markDone(
  batch: WorkBatch,
  { step, name, plannedSeconds: planned, ready }: WorkItem,
  copies: number,
  at: string,
): WorkBatch {
  const before = workedOn(batch, step);
  const since = batch.current?.step === step ? batch.current.since : at;
  const spell = Math.max(0, (Date.parse(at) - Date.parse(since)) / 1000);
  const worked: WorkedStep = {
    ...{ step, name, planned, firstAt: before?.firstAt ?? at, lastAt: at },
    copies: Math.min(batch.copies, (before?.copies ?? ready) + copies),
    spent: (before?.spent ?? 0) + Math.min(spell, longestSpell),
  };
  return {
    ...batch,
    steps: [...batch.steps.filter((each) => each.step !== step), worked],
    current: { step, since: at },
  };
}

/** Takes all marks of a step back. */
export function markUndone(batch: WorkBatch, step: string, at: string): WorkBatch {
  return {
    ...batch,
    steps: batch.steps.filter((each) => each.step !== step),
    current: { step, since: at },
  };
}

/** What is done of a step; undefined where nothing is. */
export function workedOn(batch: WorkBatch | null, step: string): WorkedStep | undefined {
  return batch?.steps.find((each) => each.step === step);
}

/** Whether all copies of a step are done. */
export function isWorked(batch: WorkBatch | null, step: string): boolean {
  const worked = workedOn(batch, step);
  return worked !== undefined && batch !== null && worked.copies >= batch.copies;
}
