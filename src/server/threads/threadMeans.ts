import type { CoverSolver } from '../../core/cutting/coverSolver';

/** What a task has beside its input. */
export interface ThreadMeans {
  /** Tells a part of the result, or an answer that may still get better. */
  readonly part: (part: unknown) => void;
  /** Says how long the task may take; the thread is ended a little later. */
  readonly limit: (seconds: number) => void;
  /** The solver for programmes, kept warm from task to task. */
  readonly solver: () => Promise<CoverSolver>;
}

/** One kind of work a thread does. */
export type ThreadWork = (input: unknown, means: ThreadMeans) => Promise<unknown>;
