import type { Finding, Rule } from './findings/finding';
import { impossiblePiece } from './findings/rules/impossiblePiece';
import { largerThanSupport } from './findings/rules/largerThanSupport';
import { missingStock } from './findings/rules/missingStock';
import { offTrimmerMarks } from './findings/rules/offTrimmerMarks';
import { unequalBorders } from './findings/rules/unequalBorders';
import { runRules } from './findings/runRules';
import type { Library } from './plan/libraryItem';
import type { Plan } from './plan/plan';
import type { ResolvedCard } from './resolve/resolvedCard';
import { resolvePlan } from './resolve/resolvePlan';

/** Every rule there is, in the order their findings are told. */
export const rules: readonly Rule[] = [
  impossiblePiece,
  missingStock,
  largerThanSupport,
  unequalBorders,
  offTrimmerMarks,
];

export interface ComputedCard {
  readonly card: ResolvedCard;
  readonly findings: readonly Finding[];
}

/** All that follows from a plan: the one place that wires the subjects together. */
export function computeCard(plan: Plan, library: Library): ComputedCard {
  const card = resolvePlan(plan, library);
  return { card, findings: runRules(rules, { plan, card }) };
}
