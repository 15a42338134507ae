import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { CardProblem, CuttingAnswer, CuttingProblem } from '../core/cuttingProblem';
import { piecesAsked } from '../core/cuttingProblem';
import type { SuppliesAnswer } from '../core/suppliesProblem';
import { ProblemError } from './answer';
import { threadFolder } from './threadFolder';

/** What a thread is given. */
export type ThreadTask =
  | { readonly subject: 'cutting'; readonly problem: CuttingProblem }
  | { readonly subject: 'supplies'; readonly problem: CardProblem };

type Answer = CuttingAnswer | SuppliesAnswer;

export type ThreadReply =
  | { readonly kind: 'better' | 'done'; readonly answer: Answer }
  /** Sizes on so fine a measure that the tables would not fit. */
  | { readonly kind: 'too-fine' };

/** Threads at once; others wait their turn, so that requests cannot take the machine. */
const mostThreads = 2;
/** A solver that does not look at the clock is ended so much after the time limit. */
const graceMilliseconds = 3000;

let running = 0;
const waiting: (() => void)[] = [];

/**
 * Computes in a thread of its own, since the database shares the main one. The time limit is kept: what
 * was found by then is answered, and says that it was cut short.
 * @throws ProblemError 422 when more is asked for than the request allows, or nothing was found in time.
 */
export async function computeInThread(task: ThreadTask): Promise<Answer> {
  const { mostPieces } = task.problem;
  const asked = piecesAsked(task.problem);
  if (asked > mostPieces)
    throw new ProblemError(422, {
      message: `The problem asks for ${asked} pieces; at most ${mostPieces} are allowed.`,
      hint: 'Ask for fewer, or raise mostPieces where that is below 50000.',
    });
  if (running >= mostThreads) await new Promise<void>((go) => waiting.push(go));
  running += 1;
  try {
    return await runThread(task);
  } finally {
    running -= 1;
    waiting.shift()?.();
  }
}

function runThread(task: ThreadTask): Promise<Answer> {
  return new Promise((answer, fail) => {
    const thread = new Worker(join(threadFolder(), 'computeThread.mjs'), { workerData: task });
    let best: Answer | undefined;
    const end = () => {
      clearTimeout(timer);
      void thread.terminate();
    };
    const timer = setTimeout(
      () => {
        end();
        if (best) answer({ ...best, isCutShort: true });
        else
          fail(
            new ProblemError(422, {
              message: `Nothing was found within ${task.problem.timeLimitSeconds} seconds.`,
              hint: 'Allow more time, or ask for less.',
            }),
          );
      },
      task.problem.timeLimitSeconds * 1000 + graceMilliseconds,
    );
    thread.on('message', (reply: ThreadReply) => {
      if (reply.kind === 'better') {
        best = reply.answer;
        return;
      }
      end();
      if (reply.kind === 'done') answer(reply.answer);
      else
        fail(
          new ProblemError(422, {
            message: 'The sizes are on too fine a measure to be searched through.',
            hint: 'Give them in a coarser unit, such as sixteenths of an inch or whole millimetres.',
          }),
        );
    });
    thread.on('error', (error) => {
      end();
      fail(error);
    });
  });
}
