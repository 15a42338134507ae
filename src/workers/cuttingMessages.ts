import type { CutPlan } from '../core/cutting/cutPlan';

/** What the planner tells: plans as they get better, then the best; or that it failed, for the log. */
export type CuttingReply =
  | { readonly kind: 'better'; readonly plan: CutPlan }
  | { readonly kind: 'done'; readonly plan: CutPlan }
  | { readonly kind: 'failed'; readonly message: string };
