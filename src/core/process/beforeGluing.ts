import type { StepKind } from '../plan/workFacts';
import type { ProcessPlan } from './processPlan';
import type { Step } from './step';

/** What one looks for before a card is glued, as it is hard to do, or to see, afterwards. */
const forgotten: readonly StepKind[] = [
  'wipe',
  'sign',
  'finish',
  'draw',
  'edges',
  'ribbon',
  'hinge',
  'insert',
  'trim',
  'part',
];

/**
 * What has to be done before the first layer is glued to the front and is easily forgotten: the inside, the signature,
 * ribbon that is tucked, the wiping of embossed lines, edges, pen details. In the order of the work.
 */
export function beforeGluing({
  steps,
  arrows,
}: Pick<ProcessPlan, 'steps' | 'arrows'>): readonly Step[] {
  const first = steps.find(
    ({ kind, on }) => kind === 'glue' && on?.face === 'front' && on.support === 'base',
  );
  if (!first) return [];
  const needed = new Set<string>();
  const reach = (id: string) => {
    for (const { before, then } of arrows)
      if (then === id && !needed.has(before)) {
        needed.add(before);
        reach(before);
      }
  };
  reach(first.id);
  return steps.filter(
    ({ id, kind, on }) =>
      needed.has(id) &&
      (forgotten.includes(kind) || (on !== undefined && on.face !== 'front' && kind !== 'die-cut')),
  );
}
