import { z } from 'zod';
import type { CutPlan } from '../core/cutting/cutPlan';
import type { Immutable } from '../core/plan/ids';
import { libraryItemSchema } from '../core/plan/libraryItem';
import { planSchema } from '../core/plan/plan';
import { holdingSchema } from '../core/stash/holding';

/** What the planner is asked: the cards of a batch, and what there is to cut them from. */
export const cuttingRequestSchema = z.strictObject({
  cards: z
    .array(
      z.strictObject({
        /** Before the letters of its pieces, where several cards are cut together. */
        prefix: z.string().max(8),
        plan: planSchema,
        library: z.array(libraryItemSchema),
      }),
    )
    .min(1)
    .max(200),
  holdings: z.array(holdingSchema),
  /** Pieces of the first card that are cut already. */
  already: z.array(
    z.strictObject({
      stock: z.string(),
      w: z.number().int(),
      h: z.number().int(),
      count: z.number().int(),
    }),
  ),
});

export type CuttingRequest = Immutable<z.output<typeof cuttingRequestSchema>>;

/** What the planner tells: plans as they get better, then the best; or that it failed, for the log. */
export type CuttingReply =
  | { readonly kind: 'better'; readonly plan: CutPlan }
  | { readonly kind: 'done'; readonly plan: CutPlan }
  | { readonly kind: 'failed'; readonly message: string };
