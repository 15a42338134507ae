import type { PostRemedy } from '../core/post/postRemedy';
import type { Library } from '../core/plan/library';
import type { Plan } from '../core/plan/plan';
import type { HeightArea } from '../core/post/heightAreas';
import type { PostPlan } from '../core/post/postPlan';
import type { Holding } from '../core/stash/holding';
import type { HouseMail } from '../core/stash/houseMail';

/** A card to be looked at, in place of the one before. */
export interface PostQuestion {
  /** Comes back with each reply. */
  readonly number: number;
  readonly plan: Plan;
  /** What the card uses, and the envelopes there are. */
  readonly library: Library;
  /** Of the envelopes. */
  readonly holdings: readonly Holding[];
  readonly mail: HouseMail;
}

/** What is worked out: the figures first, then what brings the card into a cheaper class; all of it. */
export type PostReply =
  | {
      readonly kind: 'post';
      readonly number: number;
      readonly post: PostPlan;
      /** The card by its heights, for drawing. */
      readonly areas: readonly HeightArea[];
    }
  | { readonly kind: 'remedies'; readonly number: number; readonly remedies: readonly PostRemedy[] }
  | { readonly kind: 'failed'; readonly number: number; readonly message: string };
