import { parentPort, workerData } from 'node:worker_threads';
import loadHighs from 'highs';
import { highsCoverSolver, type HighsLike } from '../core/cutting/coverSolver';
import { TooManyRectanglesError } from '../core/cutting/unboundedValue';
import { solveCutting } from '../core/solveCutting';
import { solveSupplies } from '../core/solveSupplies';
import type { ThreadReply, ThreadTask } from './computeInThread';

// The thread of one computation: it tells answers as they get better, then that it is done.
const task = workerData as ThreadTask;
const tell = (reply: ThreadReply) => parentPort?.postMessage(reply);

async function compute(): Promise<void> {
  const solver = highsCoverSolver((await loadHighs()) as unknown as HighsLike);
  const end = Date.now() + task.problem.timeLimitSeconds * 1000;
  const isOver = () => Date.now() > end;
  if (task.subject === 'supplies') {
    tell({ kind: 'done', answer: solveSupplies(task.problem, solver, isOver) });
    return;
  }
  const search = solveCutting(task.problem, solver, isOver);
  let step = search.next();
  for (; !step.done; step = search.next()) tell({ kind: 'better', answer: step.value });
  tell({ kind: 'done', answer: step.value });
}

compute().catch((error: unknown) => {
  if (error instanceof TooManyRectanglesError) tell({ kind: 'too-fine' });
  else throw error;
});
