import type { CopiesInput } from '../core/compute/traceCopies';
import type { CopiesPoint } from '../core/process/copiesPoint';

/** A card of which it is asked what each number of copies takes. */
export interface CopiesQuestion extends CopiesInput {
  /** From one to so many. */
  readonly most: number;
}

/** One number of copies after the other; `done` once all are told. */
export type CopiesReply =
  | { readonly kind: 'point'; readonly point: CopiesPoint }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly message: string };
