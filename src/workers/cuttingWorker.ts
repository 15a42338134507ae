import type { CutJob } from '../core/cutting/cutJob';
import { planCuts, usualBudget } from '../core/cutting/planCuts';
import type { CuttingReply } from './cuttingMessages';
import { loadSolver } from './highsSolver';

const solver = loadSolver();
const tell = (reply: CuttingReply) => postMessage(reply);

/** Plans one job and is done; it is cancelled by ending the worker. */
self.addEventListener('message', (event: MessageEvent<CutJob>) => {
  plan(event.data).catch((error: unknown) => tell({ kind: 'failed', message: String(error) }));
});

async function plan(job: CutJob): Promise<void> {
  const search = planCuts(job, await solver, { ...usualBudget, isOver: () => false });
  let step = search.next();
  for (; !step.done; step = search.next()) tell({ kind: 'better', plan: step.value });
  tell({ kind: 'done', plan: step.value });
}
