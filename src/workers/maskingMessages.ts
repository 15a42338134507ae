import type { MaskChoice } from '../core/compute/maskChoices';
import type { MaskMove } from '../core/compute/maskMoves';
import type { MaskPlan } from '../core/masking/maskCard';
import type { Library } from '../core/plan/library';
import type { Plan } from '../core/plan/plan';

/** A card to be looked at, in place of the one before. */
export interface MaskingQuestion {
  /** Comes back with each answer. */
  readonly number: number;
  readonly plan: Plan;
  readonly library: Library;
}

/** What is worked out: the masks first, then what comes of deciding otherwise, then moves that save one, as they are found. */
export type MaskingReply =
  | { readonly kind: 'masks'; readonly number: number; readonly masks: MaskPlan }
  | { readonly kind: 'choices'; readonly number: number; readonly choices: readonly MaskChoice[] }
  | { readonly kind: 'move'; readonly number: number; readonly move: MaskMove }
  | { readonly kind: 'done'; readonly number: number }
  | { readonly kind: 'failed'; readonly number: number; readonly message: string };
