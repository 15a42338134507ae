import { processCard } from '../../src/core/compute/processCard';
import type { Library } from '../../src/core/plan/library';
import type { Plan } from '../../src/core/plan/plan';
import { usualEvenings } from '../../src/core/plan/usualEvenings';
import type { WorkPlan } from '../../src/core/process/planWork';
import type { ProcessPlan, WorkTime } from '../../src/core/process/processPlan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { library as usualLibrary } from './plans';

/** Monday 8 March 2027, ten in the morning; evenings from seven to nine, Monday to Friday, in UTC. */
export const monday: WorkTime = {
  start: Date.parse('2027-03-08T10:00Z'),
  evenings: usualEvenings('UTC'),
};

/** So often it is asked whether the search is over; the same wherever the tests run. */
const mostNodes = 3000;

/** How a card is made, looked for as long as is decent. */
export function processOf(
  plan: Plan,
  library: Library = usualLibrary,
  time: WorkTime = monday,
): ProcessPlan {
  let nodes = 0;
  return processCard(plan, resolvePlan(plan, library), time, {
    isOver: () => (nodes += 1) > mostNodes,
  });
}

/** The evenings of a card that has some. */
export function workOf({ work }: ProcessPlan): WorkPlan {
  if (!work.ok) throw new Error(`no evenings: ${JSON.stringify(work.issue)}`);
  return work.plan;
}

/** Which of these ids of steps comes first, by the parts of it they begin with; -1 for one that is not there. */
export function placeOf({ steps }: ProcessPlan, beginning: string): number {
  return steps.findIndex(({ id }) => id.startsWith(beginning));
}
