import type { StepKind } from '../plan/workFacts';
import type { Ahead } from './ahead';
import type { Arrow } from './arrow';
import type { Step } from './step';

/** What is done to the whole card, or to nothing that is kept. */
const notKept: readonly StepKind[] = [
  'test',
  'cut-mask',
  'glue',
  'insert',
  'press',
  'clean',
  'sign',
  'photo',
  'pack',
  'own',
];

/** Whether what a step makes can be kept: papers that are not stuck to one another yet. */
export function mayBeAhead(step: Step): boolean {
  return !notKept.includes(step.kind) && papersOf(step).length > 0;
}

/** The papers a step works on, by id. */
function papersOf({ on, pieces, kind }: Step): readonly string[] {
  if (notKept.includes(kind)) return [];
  return on ? [on.support] : pieces;
}

/**
 * For how many copies each step is done already, where for any: a step that is told ahead, and what had to be done before
 * it on the same papers. What is done to several papers at once is done for as many copies as all of them are ready; a mask
 * is cut as long as one of the steps that lay it on is left.
 * @param steps each id once; @param arrows in no circle
 */
export function readySteps(
  steps: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
  ahead: readonly Pick<Ahead, 'step' | 'count'>[],
): ReadonlyMap<string, number> {
  const byId = new Map(steps.map((step) => [step.id, step]));
  /** By step and paper. */
  const done = new Map<string, Map<string, number>>();
  for (const { step: id, count } of ahead) {
    const step = byId.get(id);
    if (!step) continue;
    const papers = papersOf(step);
    for (const each of [id, ...allBefore(id, arrows)]) {
      const own = done.get(each) ?? new Map<string, number>();
      for (const paper of papers) own.set(paper, Math.max(own.get(paper) ?? 0, count));
      done.set(each, own);
    }
  }
  const ready = new Map<string, number>();
  for (const step of steps) {
    const papers = papersOf(step);
    const own = done.get(step.id);
    if (!own || papers.length === 0) continue;
    const count = Math.min(...papers.map((paper) => own.get(paper) ?? 0));
    if (count > 0) ready.set(step.id, count);
  }
  for (const { id, kind } of steps) {
    if (kind !== 'cut-mask') continue;
    const laid = arrows.flatMap(({ before, then }) =>
      before === id ? [ready.get(then) ?? 0] : [],
    );
    const count = laid.length > 0 ? Math.min(...laid) : 0;
    if (count > 0) ready.set(id, count);
  }
  return ready;
}

function allBefore(
  id: string,
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
): ReadonlySet<string> {
  const found = new Set<string>();
  const waiting = [id];
  for (let step = waiting.pop(); step !== undefined; step = waiting.pop())
    for (const { before, then } of arrows)
      if (then === step && !found.has(before)) {
        found.add(before);
        waiting.push(before);
      }
  return found;
}
