import type { Act } from '../acts/act';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { PaperAt } from './step';

/** What is printed and laid on one paper, in an order that is lawful. */
export interface PrintedPaper extends PaperAt {
  readonly acts: readonly Act[];
}

/** Of what the steps of a card are made. */
export interface ProcessInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  /** Every paper on which something is printed or laid. */
  readonly papers: readonly PrintedPaper[];
  /**
   * The masks to be cut, by letter, with what each is laid on and how many are cut for all copies; those kept from an
   * earlier card are left out.
   */
  readonly masks: readonly {
    readonly letter: string;
    readonly covers: readonly string[];
    readonly toCut: number;
  }[];
}
