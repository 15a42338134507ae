import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import { highsCoverSolver, type HighsLike } from '../core/cutting/coverSolver';
import { planCuts, usualBudget } from '../core/cutting/planCuts';
import { cuttingRequestSchema, type CuttingReply } from './cuttingMessages';
import { requestJob } from './requestJob';

const solver = loadHighs({ locateFile: () => wasmUrl }).then((highs) =>
  // Its types leave out the duals that programmes without whole numbers have.
  highsCoverSolver(highs as unknown as HighsLike),
);
const tell = (reply: CuttingReply) => postMessage(reply);

/** Plans one batch and is done; it is cancelled by ending the worker. */
self.addEventListener('message', (event: MessageEvent<unknown>) => {
  plan(event.data).catch((error: unknown) => tell({ kind: 'failed', message: String(error) }));
});

async function plan(data: unknown): Promise<void> {
  const job = requestJob(cuttingRequestSchema.parse(data));
  const search = planCuts(job, await solver, { ...usualBudget, isOver: () => false });
  let step = search.next();
  for (; !step.done; step = search.next()) tell({ kind: 'better', plan: step.value });
  tell({ kind: 'done', plan: step.value });
}
