import { isObject, type Document } from './document';
import { usualWorkHabits12 } from './usual12';

/** Plans of version 11 told nothing of the steps of making, and when there is time for them. */
export function upgradePlan11(plan: Document): Document {
  const { habits, making } = plan;
  return {
    ...plan,
    schema: 12,
    ...(isObject(habits) && { habits: { ...usualWorkHabits12, ...habits } }),
    ...(isObject(making) && { making: { ...making, evenings: null } }),
    overrides: [],
  };
}
