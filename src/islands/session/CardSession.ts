import { createContext, use } from 'react';
import type { Finding } from '../../core/findings/finding';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Edit } from '../../core/plan/edit';
import type { FaceId } from '../../core/plan/faces';
import type { LibraryItem, LibraryRef, Stamp } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { HouseMail } from '../../core/stash/houseMail';
import type { Holding } from '../../core/stash/holding';
import type { SupportId } from '../../core/resolve/origins';
import type { NoticeContent } from './notice';
import type { CutBatchState } from './useCutBatch';
import type { Cutting } from './useCutting';
import type { Masks } from './useMasks';
import type { PostState } from './usePost';
import type { ProcessState } from './useProcess';
import type { AheadState } from './useAhead';
import type { WorkState } from './useWork';

/** What is asked or shown over the workbench, one at a time; `take` is told what was added to the stash. */
export type Asked =
  | { readonly kind: 'keys' | 'habits' | 'try-as' | 'series' | 'release' }
  | { readonly kind: 'stock' | 'dies'; readonly take: (ref: LibraryRef) => void }
  | { readonly kind: 'stamps'; readonly take: (stamps: readonly Stamp[]) => void };

/** One card on the workbench: what every station reads of it, and the ways to change it. */
export interface CardSession {
  readonly cardId: string;
  /** The plan with the figure being typed in it, as long as the card stays possible. */
  readonly plan: Plan;
  readonly card: ResolvedCard;
  /** What the card uses, and what else is known of the stash by now. */
  readonly library: Library;
  /** What there is of the items in `library`. */
  readonly holdings: readonly Holding[];
  /** How the team posts. */
  readonly mail: HouseMail;
  /** Takes over an item, and what there is of items, once they are kept. */
  readonly addItem: (item: LibraryItem) => void;
  readonly changeHoldings: (changed: readonly Holding[]) => void;
  /** False while the rest of the stash is on its way. */
  readonly isStashWhole: boolean;
  /** Brings that rest now, as somebody looks for something in it. */
  readonly bringStash: () => void;
  /** Fetches what of these is not in `library` yet. */
  readonly needItems: (refs: readonly LibraryRef[]) => void;
  readonly releases: readonly Release[];
  /** The unit this person leads with. */
  readonly unit: Unit;
  /** The gravest first; undefined while nothing was looked for yet. */
  readonly findings: readonly Finding[] | undefined;
  readonly revision: number;
  readonly isSaved: boolean;

  /** Makes a change, and says so when it does not fit; changes one after the other that join are undone together. */
  readonly commit: (edit: Edit, joining?: string) => void;
  /** Shows a change without making it; undefined shows the plan as it is. While it is in the hand nothing is looked for. */
  readonly preview: (edit: Edit | undefined, isInHand?: boolean) => void;
  /** Saves at once what waits; settles when the server has answered. */
  readonly flush: () => Promise<void>;
  /** Tells something once, in place of what was told before. */
  readonly tell: (notice: NoticeContent | undefined) => void;
  readonly ask: (asked: Asked) => void;

  /** The station or view that is open, as the address has it. */
  readonly view: string;
  /** Goes to a view as a step the browser can go back from. */
  readonly go: (view: string) => void;
  /** The face shown large. */
  readonly face: FaceId;
  readonly turn: () => void;
  readonly selected: SupportId;
  /** Selects a piece and shows its face; a new one is not in the plan yet, so its face is given. */
  readonly select: (id: SupportId, face?: FaceId) => void;

  /** The accepted cut plan and the work done on it. */
  readonly batch: CutBatchState;
  readonly cutting: Cutting;
  readonly masks: Masks;
  readonly post: PostState;
  readonly process: ProcessState;
  /** What is done of the copies. */
  readonly work: WorkState;
  /** What is made ahead of it. */
  readonly ahead: AheadState;
}

export const SessionContext = createContext<CardSession | undefined>(undefined);

/** The card that is open. @throws Error outside a workbench */
export function useCardSession(): CardSession {
  const session = use(SessionContext);
  if (!session) throw new Error('useCardSession: no card is open here');
  return session;
}
