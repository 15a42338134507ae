import type { CutBatch } from '../cutting/cutBatch';
import type { Finding } from '../findings/finding';
import type { Unit } from '../length/length';
import type { Release } from '../plan/cardFile';
import type { Evenings } from '../plan/evenings';
import type { Library } from '../plan/library';
import type { Ahead } from '../process/ahead';
import type { WorkBatch } from '../process/workBatch';
import type { Plan } from '../plan/plan';
import type { HouseMail } from '../stash/houseMail';
import type { Holding } from '../stash/holding';

/** What the server sends a workbench to start from. */
export interface WorkbenchStart {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  /** The items the card uses; where the stash is small, all of it. */
  readonly library: Library;
  /** False where the rest of the stash is still to come. */
  readonly isStashWhole: boolean;
  readonly releases: readonly Release[];
  /** The unit this person leads with, else the card's own. */
  readonly unit: Unit;
  readonly isBinned: boolean;
  /** Of the items in `library`. */
  readonly holdings: readonly Holding[];
  /** How the team posts. */
  readonly mail: HouseMail;
  /** The accepted cut plan and the work done on it. */
  readonly batch: CutBatch | null;
  /** What is done of its copies. */
  readonly work: WorkBatch | null;
  /** What is made ahead of it and lies in the stash. */
  readonly ahead: readonly Ahead[];
  /** When its designer works; null where they have not said. */
  readonly evenings: Evenings | null;
  /** What the rules find; left out for a card that is too heavy to be looked over on the way. */
  readonly findings?: readonly Finding[];
  /** The build of the server that drew the page. */
  readonly build: string;
}
