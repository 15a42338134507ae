import type { Finding, Rule } from './findings/finding';
import { cutOut } from './findings/rules/cutOut';
import { easierFigures } from './findings/rules/easierFigures';
import { hiddenLayer } from './findings/rules/hiddenLayer';
import { impossiblePiece } from './findings/rules/impossiblePiece';
import { largerThanSupport } from './findings/rules/largerThanSupport';
import { linerAtScore } from './findings/rules/linerAtScore';
import { missingStock } from './findings/rules/missingStock';
import { nearColours } from './findings/rules/nearColours';
import { offTrimmerMarks } from './findings/rules/offTrimmerMarks';
import { sheetTooSmall } from './findings/rules/sheetTooSmall';
import { thinReveal } from './findings/rules/thinReveal';
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
  sheetTooSmall,
  cutOut,
  linerAtScore,
  unequalBorders,
  thinReveal,
  hiddenLayer,
  offTrimmerMarks,
  nearColours,
  easierFigures,
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
