import { traceCopies, type CopiesInput } from '../core/compute/traceCopies';
import { usualBudget } from '../core/cutting/planCuts';
import type { CopiesPoint } from '../core/process/copiesPoint';
import { loadSolver } from './highsSolver';
import { answerOnce } from './streamReply';

/** A card of which it is asked what each number of copies takes. */
export interface CopiesQuestion extends CopiesInput {
  /** From one to so many. */
  readonly most: number;
}

const solver = loadSolver();

/** So long sheets, and evenings, are searched through for each number of copies at the most. */
const searchMilliseconds = 600;

answerOnce<CopiesQuestion, CopiesPoint>(async function* answer({ most, ...question }) {
  const isOver = () => {
    const until = performance.now() + searchMilliseconds;
    return () => performance.now() > until;
  };
  const budget = () => ({ ...usualBudget, isOver: isOver() });
  yield* traceCopies(question, most, { solver: await solver, budget, isOver });
});
