import type { Reason } from '../respond';

/** What a thread is asked: the name of a task and what it needs, which is copied over. */
export interface ThreadTask {
  readonly task: string;
  readonly input: unknown;
}

/** What a thread says of the task it has. */
export type ThreadReply =
  /** It has loaded what it needs and begins: from now on its time counts. */
  | { readonly kind: 'begun' }
  /** How long the task may take, where it says so itself. */
  | { readonly kind: 'limit'; readonly seconds: number }
  /** A part of the result, or an answer that may still get better. */
  | { readonly kind: 'part'; readonly part: unknown }
  | { readonly kind: 'done'; readonly result: unknown }
  /** The task cannot be done as asked. */
  | { readonly kind: 'refused'; readonly status: number; readonly reason: Reason }
  /** A fault of ours. */
  | { readonly kind: 'fault'; readonly message: string; readonly stack: string | undefined };
