import { parentPort } from 'node:worker_threads';
import loadHighs from 'highs';
import { highsCoverSolver, type CoverSolver, type HighsLike } from '../../core/cutting/coverSolver';
import { RefusalError } from '../respond';
import { drawTemplatePdf } from './tasks/drawTemplatePdf';
import { exportCardFile } from './tasks/exportCardFile';
import { solveService } from './tasks/solveService';
import { standCards } from './tasks/standCards';
import type { ThreadReply, ThreadTask } from './threadMessages';
import type { ThreadWork } from './threadMeans';

// A thread that does one task after the other and keeps the solver warm between them.
const works: Readonly<Record<string, ThreadWork>> = {
  drawTemplatePdf,
  exportCardFile,
  solveService,
  standCards,
  /** For tests of the limits: a task that never ends. */
  never: () => {
    for (;;);
  },
  /** For tests of the limits: a task that takes all memory there is. */
  hoard: () => {
    for (const all: unknown[] = []; ;) all.push(Array.from({ length: 1000 }, () => ({})));
  },
};

let solver: Promise<CoverSolver> | undefined;
const warmSolver = () =>
  (solver ??= loadHighs().then((highs) => highsCoverSolver(highs as unknown as HighsLike)));

const tell = (reply: ThreadReply) => parentPort?.postMessage(reply);

async function work({ task, input }: ThreadTask): Promise<void> {
  tell({ kind: 'begun' });
  try {
    const doWork = Object.hasOwn(works, task) ? works[task] : undefined;
    if (!doWork) throw new Error(`computeThread: no task ${task}`);
    const result = await doWork(input, {
      part: (part) => tell({ kind: 'part', part }),
      limit: (seconds) => tell({ kind: 'limit', seconds }),
      solver: warmSolver,
    });
    tell({ kind: 'done', result });
  } catch (error) {
    if (error instanceof RefusalError)
      tell({ kind: 'refused', status: error.status, reason: error.reason });
    else {
      const { message, stack } = error instanceof Error ? error : new Error(String(error));
      tell({ kind: 'fault', message, stack });
    }
  }
}

parentPort?.on('message', (task: ThreadTask) => void work(task));
void warmSolver();
