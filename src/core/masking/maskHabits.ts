import type { Plan } from '../plan/plan';
import type { MaskHabits } from './cutMask';

/** How the masks of a card are cut. */
export function maskHabitsOf({ habits }: Pick<Plan, 'habits'>): MaskHabits {
  const { maskInset, maskSpindly, maskMargin } = habits;
  return { inset: maskInset.ticks, spindly: maskSpindly.ticks, margin: maskMargin.ticks };
}
