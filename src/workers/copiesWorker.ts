import { traceCopies } from '../core/compute/traceCopies';
import { usualBudget } from '../core/cutting/planCuts';
import type { CopiesQuestion, CopiesReply } from './copiesMessages';
import { loadSolver } from './highsSolver';

const solver = loadSolver();
const tell = (reply: CopiesReply) => postMessage(reply);

/** So long sheets, and evenings, are searched through for each number of copies at the most. */
const searchMilliseconds = 600;

/** Answers one question and is done; it is cancelled by ending the worker. */
self.addEventListener('message', (event: MessageEvent<CopiesQuestion>) => {
  work(event.data).catch((error: unknown) => tell({ kind: 'failed', message: String(error) }));
});

async function work({ most, ...question }: CopiesQuestion): Promise<void> {
  const isOver = () => {
    const until = performance.now() + searchMilliseconds;
    return () => performance.now() > until;
  };
  const budget = () => ({ ...usualBudget, isOver: isOver() });
  for (const point of traceCopies(question, most, { solver: await solver, budget, isOver }))
    tell({ kind: 'point', point });
  tell({ kind: 'done' });
}
