import { isObject, type Document } from './document';
import { usualPost10, usualPostHabits10 } from './usual10';

/** Plans of version 9 did not tell how the card is sent. */
export function upgradePlan9(plan: Document): Document {
  const { habits } = plan;
  return {
    ...plan,
    schema: 10,
    ...(isObject(habits) && { habits: { ...usualPostHabits10, ...habits } }),
    post: usualPost10,
  };
}
