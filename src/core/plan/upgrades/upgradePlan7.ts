import { isObject, type Document } from './document';
import { usualMasks8 } from './usual8';

/** Plans of version 7 knew nothing of masks, nor of scenes in strips. */
export function upgradePlan7(plan: Document): Document {
  const { habits } = plan;
  return {
    ...plan,
    schema: 8,
    overlaps: [],
    scenes: [],
    // What is missing stays missing, so that it is told as that.
    ...(isObject(habits) && { habits: withMasks(habits) }),
  };
}

/** Habits of a version before 8 with the usual figures of masks, of the school they are of. */
export function withMasks(habits: Document): Document {
  return { ...usualMasks8[habits['leadingUnit'] === 'mm' ? 'mm' : 'in'], ...habits };
}
