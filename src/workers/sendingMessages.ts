import type { SentCard } from '../core/compute/sendCard';
import type { CardFile } from '../core/plan/cardFile';
import type { CardId } from '../core/plan/ids';
import type { Library } from '../core/plan/library';
import type { Holding } from '../core/stash/holding';
import type { HouseMail } from '../core/stash/houseMail';

/** Cards of which it is asked what sends them, in place of those before. */
export interface SendingQuestion {
  /** Comes back with each reply. */
  readonly number: number;
  readonly cards: readonly Pick<CardFile, 'id' | 'plan' | 'library'>[];
  /** The envelopes there are, and the stocks some are made of. */
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly mail: HouseMail;
}

/** Each card as soon as it is worked out. */
export type SendingReply =
  | { readonly kind: 'sent'; readonly number: number; readonly id: CardId; readonly sent: SentCard }
  | { readonly kind: 'failed'; readonly number: number; readonly message: string };
