import { Worker } from 'node:worker_threads';
import { RefusalError } from '../respond';
import type { ThreadReply, ThreadTask } from './threadMessages';

export interface PoolOptions {
  /** The script of the threads. */
  readonly file: string;
  /** Threads at once; others wait their turn, so that requests cannot take the machine. */
  readonly mostThreads: number;
  /** Tasks that may wait in all, and of one client. */
  readonly mostWaiting: number;
  readonly mostOfOne: number;
  /** Of the heap of one thread; what needs more is ended. */
  readonly megabytes: number;
}

export interface RunOptions<Part> {
  /** Whose task it is: clients take turns, however many tasks each has waiting. */
  readonly client: string;
  /** The one who asked went away: the task is ended, or never begun. */
  readonly signal?: AbortSignal;
  /** What the task may take, until it says so itself. */
  readonly seconds: number;
  readonly onPart?: (part: Part) => void;
  /** A page of ours waits for it: it goes before what others have waiting, on a thread more, and is never refused. */
  readonly isOurs?: boolean;
}

/** A task took longer than it may; what it told until then was told. */
export class TimeOverError extends RefusalError {
  constructor(seconds: number) {
    super(422, {
      message: `Nothing was found within ${seconds} seconds.`,
      hint: 'Allow more time, or ask for less.',
    });
  }
}

/** The one who asked is no longer there; nobody reads the answer. */
export class ClientGoneError extends RefusalError {
  constructor() {
    super(499, { message: 'The one who asked went away.' });
  }
}

interface Job extends ThreadTask {
  readonly client: string;
  readonly seconds: number;
  readonly onPart: (part: unknown) => void;
  readonly done: (result: unknown) => void;
  readonly fail: (error: Error) => void;
  /** Ends it while it is being done. */
  stop: (() => void) | undefined;
}

/** So long a thread may take to load what it needs, on a machine that has much to do. */
const secondsToStart = 60;
/** A thread that keeps an eye on the clock itself is ended so much after its limit. */
const graceMilliseconds = 500;
/** What is told to wait before asking again. */
const retryAfterSeconds = 2;

/**
 * Threads that stay warm between tasks. Each task has a limit of time and of memory that ends its thread, whatever it
 * does; a new one takes its place. Clients take turns, and where too much waits already a task is refused at once.
 */
export class ThreadPool {
  readonly #options: PoolOptions;
  readonly #idle: Worker[] = [];
  #busy = 0;
  /** By client, in the order in which they have their turn. */
  readonly #waiting = new Map<string, Job[]>();

  /** What pages of ours wait for. */
  #ours: Job[] = [];

  constructor(options: PoolOptions) {
    this.#options = options;
  }

  /**
   * Does a task in a thread, after those that wait before it.
   * @throws RefusalError what the task found wrong with what was asked; 503 where too much waits; 422 where it takes
   * more memory than there is for one
   * @throws TimeOverError @throws ClientGoneError
   */
  run<Result, Part = never>(
    task: ThreadTask,
    { client, signal, seconds, onPart, isOurs = false }: RunOptions<Part>,
  ): Promise<Result> {
    if (signal?.aborted) return Promise.reject(new ClientGoneError());
    const own = this.#waiting.get(client) ?? [];
    const { mostWaiting, mostOfOne } = this.#options;
    if (!isOurs && (this.#countWaiting() >= mostWaiting || own.length >= mostOfOne))
      return Promise.reject(tooMuchWaits());
    return new Promise((done, fail) => {
      const job: Job = {
        ...task,
        client,
        seconds,
        onPart: (part) => onPart?.(part as Part),
        done: (result) => done(result as Result),
        fail,
        stop: undefined,
      };
      signal?.addEventListener('abort', () => this.#forget(job), { once: true });
      if (isOurs) this.#ours.push(job);
      else this.#waiting.set(client, [...own, job]);
      this.#beginNext();
    });
  }

  #beginNext(): void {
    const { mostThreads } = this.#options;
    while (this.#busy <= mostThreads) {
      const job = this.#ours.shift() ?? (this.#busy < mostThreads ? this.#takeNext() : undefined);
      if (!job) return;
      this.#begin(job);
    }
  }

  /** The first job of the client whose turn it is, who then goes to the end of the row. */
  #takeNext(): Job | undefined {
    for (const [client, jobs] of this.#waiting) {
      this.#waiting.delete(client);
      const [job, ...others] = jobs;
      if (others.length > 0) this.#waiting.set(client, others);
      if (job) return job;
    }
    return undefined;
  }

  #forget(job: Job): void {
    const others = this.#waiting.get(job.client)?.filter((each) => each !== job) ?? [];
    if (others.length > 0) this.#waiting.set(job.client, others);
    else this.#waiting.delete(job.client);
    this.#ours = this.#ours.filter((each) => each !== job);
    job.stop?.();
    job.fail(new ClientGoneError());
  }

  #begin(job: Job): void {
    const thread = this.#idle.pop() ?? this.#spawn();
    this.#busy++;
    thread.removeAllListeners();
    let timer: NodeJS.Timeout | undefined;
    let lastLook: NodeJS.Immediate | undefined;
    const stopClock = () => {
      clearTimeout(timer);
      clearImmediate(lastLook);
    };
    /** The thread is free again, or it is not fit to go on and another takes its place. */
    const release = (isFit: boolean) => {
      stopClock();
      job.stop = undefined;
      thread.removeAllListeners();
      this.#busy--;
      if (isFit) this.#rest(thread);
      else {
        // What a thread that is being ended still says concerns nobody.
        thread.on('error', () => undefined);
        void thread.terminate();
      }
      this.#beginNext();
    };
    const end = (error: Error) => {
      release(false);
      job.fail(error);
    };
    const limit = (seconds: number) => {
      stopClock();
      timer = setTimeout(
        () => {
          // What the thread has said by now counts, though this thread was too busy to hear it.
          lastLook = setImmediate(() => end(new TimeOverError(seconds)));
        },
        seconds * 1000 + graceMilliseconds,
      );
    };
    job.stop = () => release(false);
    limit(secondsToStart);
    thread.on('message', (reply: ThreadReply) => {
      switch (reply.kind) {
        case 'begun':
          return limit(job.seconds);
        case 'limit':
          return limit(reply.seconds);
        case 'part':
          return job.onPart(reply.part);
        case 'done':
          release(true);
          return job.done(reply.result);
        case 'refused':
          release(true);
          return job.fail(new RefusalError(reply.status, reply.reason));
        case 'fault': {
          release(true);
          const fault = new Error(`${job.task}: ${reply.message}`);
          fault.stack = reply.stack ?? '';
          return job.fail(fault);
        }
        default:
          throw new TypeError(`ThreadPool: unknown reply ${String(reply satisfies never)}`);
      }
    });
    thread.on('error', (error: NodeJS.ErrnoException) =>
      end(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooMuchMemory() : error),
    );
    thread.on('exit', (code) => end(new Error(`ThreadPool: ${job.task} ended with ${code}`)));
    const { task, input } = job;
    thread.postMessage({ task, input } satisfies ThreadTask);
  }

  /** Keeps a thread for the next task, unless it ends by itself. */
  #rest(thread: Worker): void {
    const forget = () =>
      this.#idle.splice(0, Infinity, ...this.#idle.filter((each) => each !== thread));
    thread.on('error', forget);
    thread.on('exit', forget);
    this.#idle.push(thread);
  }

  #countWaiting(): number {
    return [...this.#waiting.values()].reduce((sum, jobs) => sum + jobs.length, 0);
  }

  #spawn(): Worker {
    const { file, megabytes } = this.#options;
    const thread = new Worker(file, { resourceLimits: { maxOldGenerationSizeMb: megabytes } });
    // Threads that wait for work keep no process alive.
    thread.unref();
    return thread;
  }
}

function tooMuchWaits(): RefusalError {
  return new RefusalError(
    503,
    {
      message: 'Too much waits to be computed here already.',
      hint: `Ask again in ${retryAfterSeconds} seconds.`,
    },
    { 'retry-after': String(retryAfterSeconds) },
  );
}

function tooMuchMemory(): RefusalError {
  return new RefusalError(422, {
    message: 'This takes more memory than one computation may have.',
    hint: 'Ask for less at once, or give simpler outlines.',
  });
}
