import { noResults, type Finding, type Results } from '../findings/finding';
import { runRules } from '../findings/runRules';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import { rules } from './rules/rules';

export interface ComputedCard {
  readonly card: ResolvedCard;
  readonly findings: readonly Finding[];
}

/** All that follows from a plan: the one place that wires the subjects together. */
export function computeCard(
  plan: Plan,
  library: Library,
  results: Results = noResults,
): ComputedCard {
  const card = resolvePlan(plan, library);
  return { card, findings: runRules(rules, { plan, card, library, results }) };
}
