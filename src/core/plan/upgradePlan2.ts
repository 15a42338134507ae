import { plainMaking } from './planFacts';
import { upgradeHabits } from './upgradePlan1';

/** Plans of version 2 knew no spares, no sheets to cut from, and nothing a card takes beside panels. */
export function upgradePlan2(plan: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { habits, making } = plan;
  return {
    ...plan,
    schema: 3,
    habits: upgradeHabits(habits),
    making: typeof making === 'object' && making !== null ? { ...plainMaking, ...making } : making,
    uses: [],
  };
}
