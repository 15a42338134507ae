import { isObject } from './document';
import { usualHabits4 } from './usual4';

/** Habits of versions 1 to 3 as version 4 has them; those of version 4, and what is none, stay as they are. */
export function upgradeHabits(habits: unknown): unknown {
  if (!isObject(habits) || !isObject(habits['reveals'])) return habits;
  const unit = habits['leadingUnit'] === 'mm' ? 'mm' : 'in';
  const usual = usualHabits4[unit];
  const reveals =
    'in' in habits['reveals'] ? habits['reveals'] : { ...usual.reveals, [unit]: habits['reveals'] };
  return {
    ...usual,
    ...habits,
    reveals,
    adhesiveHeights: merged(usual.adhesiveHeights, habits['adhesiveHeights']),
    adhesiveRates: merged(usual.adhesiveRates, habits['adhesiveRates']),
  };
}

/** Adhesives that came later have their usual figures. */
function merged(usual: object, own: unknown): unknown {
  return own === undefined || isObject(own) ? { ...usual, ...own } : own;
}
