import type { Library } from '../core/plan/library';
import type { Plan } from '../core/plan/plan';
import type { ProcessPlan, WorkTime } from '../core/process/processPlan';

/** A card to be looked at, in place of the one before, and when it is worked on. */
export interface ProcessQuestion extends WorkTime {
  /** Comes back with each reply. */
  readonly number: number;
  readonly plan: Plan;
  /** What the card uses. */
  readonly library: Library;
}

/** How the card is made. */
export type ProcessReply =
  | { readonly kind: 'process'; readonly number: number; readonly process: ProcessPlan }
  | { readonly kind: 'failed'; readonly number: number; readonly message: string };
