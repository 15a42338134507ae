import { isObject, type Document } from './document';

/** Plans of version 12 were always planned to be done as early as can be. */
export function upgradePlan12(plan: Document): Document {
  const { habits } = plan;
  return {
    ...plan,
    schema: 13,
    ...(isObject(habits) && { habits: { ...habits, eveningWish: 'earliest' } }),
  };
}
