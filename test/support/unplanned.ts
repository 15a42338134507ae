import type { Library } from '../../src/core/plan/library';
import type { Plan } from '../../src/core/plan/plan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import type { Holding } from '../../src/core/stash/holding';
import { supplyList, type SupplyList } from '../../src/core/supplies/supplyList';
import { library } from './plans';

/** What a card takes while its cuts are not planned. */
export function unplannedSupplies(
  plan: Plan,
  items: Library = library,
  holdings: readonly Holding[] = [],
): SupplyList {
  const card = resolvePlan(plan, items);
  return supplyList({
    plan,
    card,
    library: items,
    holdings,
    cuts: undefined,
    cutsForOne: undefined,
    envelope: undefined,
  });
}
