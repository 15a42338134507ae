import type { PostageNeed } from '../supplies/supplyRow';
import type { HouseMail } from '../stash/houseMail';
import type { Plan } from '../plan/plan';
import type { PostPlan } from './postPlan';

/**
 * The class a card goes by: the cheapest it is not beyond, of the authority the card tells, else of the team's own.
 * Undefined where neither is told, and where it is beyond every class.
 */
export function postageOf(
  { post: { wanted } }: Pick<Plan, 'post'>,
  { schemes }: Pick<PostPlan, 'schemes'>,
  { home }: Pick<HouseMail, 'home'>,
): PostageNeed | undefined {
  const scheme = schemes.find(({ of }) => of.id === (wanted?.scheme ?? home));
  const cheapest = scheme?.cheapest?.of;
  if (!scheme || !cheapest) return undefined;
  return {
    class: cheapest.id,
    name: `${scheme.of.name}: ${cheapest.name}`,
    price: cheapest.price?.hundredths,
  };
}
