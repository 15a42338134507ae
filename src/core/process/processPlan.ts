import type { Evenings } from '../plan/evenings';
import type { Override } from '../plan/override';
import type { Holding } from '../stash/holding';
import type { Ahead } from './ahead';
import type { Arrow } from './arrow';
import type { WorkOutcome } from './planWork';
import type { PrintedPaper } from './processInput';
import type { Breach, Contradiction } from './settleOrder';
import type { Stage } from './batchStages';
import type { Step } from './step';

/** When a card is worked on. */
export interface WorkTime {
  /** In milliseconds since 1970. */
  readonly start: number;
  readonly evenings: Evenings;
  /** What is done for all copies, when; it is not planned again. */
  readonly done?: readonly { readonly step: string; readonly at: number }[] | undefined;
  /** What is made ahead and lies in the stash. */
  readonly ahead?: readonly Ahead[] | undefined;
  /** Undefined where none are looked for. */
  readonly kept?: KeptMasks | undefined;
}

/** The card whose masks they are, and the stamps with which masks are kept. */
export interface KeptMasks {
  readonly cardId: string;
  readonly holdings: readonly Holding[];
}

/** A day by which a card has to be done, and how much work is left then. */
export interface Deadline {
  readonly what: 'film' | 'publish';
  /** Year-month-day. */
  readonly day: string;
  /** Minutes of work after it; 0 where it is met. */
  readonly short: number;
}

/** All copies of a card, made stage by stage. */
export interface BatchPlan {
  readonly copies: number;
  /** As they are done. */
  readonly stages: readonly Stage[];
  /** Between the steps the stages stand for. */
  readonly arrows: readonly Arrow[];
  readonly work: WorkOutcome;
  /** So many copies are done in one of these evenings, if one begins there; 0 where not one is. */
  readonly perEvening: number;
}

/** How a card is made: its steps, their order, and when. */
export interface ProcessPlan {
  /** As they are done. */
  readonly steps: readonly Step[];
  /** What has to come before what; in no circle. */
  readonly arrows: readonly Arrow[];
  readonly changes: { readonly count: number; readonly bound: number; readonly isProven: boolean };
  readonly breaches: readonly Breach[];
  readonly contradictions: readonly Contradiction[];
  readonly skipped: readonly Step[];
  /** Made ahead for all copies, and so not among the steps. */
  readonly fallen: readonly Step[];
  /** How a card is made from the start, whatever is ahead. */
  readonly whole: Pick<ProcessPlan, 'steps' | 'arrows'>;
  readonly lost: readonly Override[];
  readonly work: WorkOutcome;
  /** Undefined where one is made. */
  readonly batch: BatchPlan | undefined;
  readonly deadlines: readonly Deadline[];
  readonly evenings: Evenings;
  /** What is printed on each paper, for its pictures. */
  readonly papers: readonly PrintedPaper[];
}
