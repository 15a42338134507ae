import type { StepKind } from '../plan/workFacts';
import type { Arrow } from './arrow';
import { groupBy } from '../groupBy';
import { isWetFinish, type Step } from './step';

/** Stages of the work as one goes through them: cutting, trying, decorating, putting together, what is fragile, the rest. */
const stages: readonly (readonly StepKind[])[] = [
  ['cut', 'score', 'fold'],
  ['die-cut', 'test', 'cut-mask'],
  [],
  ['trim', 'cut-out', 'part', 'hinge', 'sign'],
  ['glue', 'ribbon', 'insert'],
  ['press'],
  ['stick'],
  ['finish', 'drops'],
  ['clean'],
  ['photo'],
  ['pack'],
];
/** Everything else is decorating. */
const decorating = 2;

function stageOf(step: Step): number {
  const stage = stages.findIndex((kinds) => kinds.includes(step.kind));
  const isDry = step.kind === 'finish' && !isWetFinish(step);
  return stage < 0 || isDry ? decorating : stage;
}

/**
 * The steps stage by stage, paper by paper, as one would do them without looking for fewer changes: of those that may come
 * next the first of the earliest stage.
 * @param arrows go in no circle; steps that do are told last
 */
export function naturalOrder(
  steps: readonly Step[],
  arrows: readonly Pick<Arrow, 'before' | 'then'>[],
): readonly Step[] {
  const needs = groupBy(arrows, ({ then }) => then);
  const known = new Set(steps.map(({ id }) => id));
  const done = new Set<string>();
  const left = steps.toSorted((a, b) => stageOf(a) - stageOf(b));
  const order: Step[] = [];
  while (left.length > 0) {
    const at = left.findIndex(({ id }) =>
      (needs.get(id) ?? []).every(({ before }) => done.has(before) || !known.has(before)),
    );
    const [next] = left.splice(Math.max(0, at), 1);
    if (!next) break;
    done.add(next.id);
    order.push(next);
  }
  return order;
}
