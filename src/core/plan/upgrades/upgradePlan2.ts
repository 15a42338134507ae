import { isObject, type Document } from './document';
import { upgradeHabits } from './upgradeHabits';
import { usualMaking4 } from './usual4';

/** Plans of version 2 knew no spares, no sheets to cut from, and nothing a card takes beside panels. */
export function upgradePlan2(plan: Document): Document {
  const { habits, making } = plan;
  return {
    ...plan,
    schema: 3,
    habits: upgradeHabits(habits),
    making: isObject(making) ? { ...usualMaking4, ...making } : making,
    uses: [],
  };
}
