import { computeCard } from '../../src/core/compute/computeCard';
import type { Finding, FindingData } from '../../src/core/findings/finding';
import { applyEdit } from '../../src/core/plan/applyEdit';
import type { Library } from '../../src/core/plan/library';
import type { Piece } from '../../src/core/plan/piece';
import type { Plan } from '../../src/core/plan/plan';
import type { RuleId } from '../../src/core/plan/rules';
import { library, planOf } from './plans';

/** A finding of one rule, with its figures. */
export type FoundBy<Rule extends RuleId> = Finding & {
  readonly data: Extract<FindingData, { rule: Rule }>;
};

/** What a rule finds on a plan. */
export function findOnPlan<Rule extends RuleId>(
  rule: Rule,
  plan: Plan,
  items: Library = library,
): readonly FoundBy<Rule>[] {
  const isOf = (finding: Finding): finding is FoundBy<Rule> => finding.data.rule === rule;
  return computeCard(plan, items).findings.filter(isOf);
}

/** What a rule finds on a card of these pieces. */
export function find<Rule extends RuleId>(
  rule: Rule,
  pieces: readonly Piece[],
  items: Library = library,
): readonly FoundBy<Rule>[] {
  return findOnPlan(rule, planOf(pieces), items);
}

/** The plan after the remedy of a finding. @throws Error where it has none, or one that does not apply */
export function afterRemedy(plan: Plan, finding: Finding | undefined, index = 0): Plan {
  const remedy = finding?.remedies[index];
  const outcome = remedy && applyEdit(plan, remedy.edit);
  if (!outcome?.ok) throw new Error(`afterRemedy: no remedy ${index} that applies`);
  return outcome.plan;
}

/** What a rule finds once the first remedy of its first finding is done. */
export function mended(rule: RuleId, pieces: readonly Piece[], items: Library = library) {
  const plan = planOf(pieces);
  const [found] = findOnPlan(rule, plan, items);
  return findOnPlan(rule, afterRemedy(plan, found), items);
}

/**
 * All that is found but easier figures, which are proposed for nearly every plan and have tests of their own.
 */
export function allFindings(plan: Plan): readonly Finding[] {
  const habits = { ...plan.habits, rulesOff: [...plan.habits.rulesOff, 'easier-figures' as const] };
  return computeCard({ ...plan, habits }, library).findings;
}

/** What is found, as the names of pieces and rules. */
export function findingNames(plan: Plan): readonly string[] {
  return allFindings(plan).map(({ data, subject }) => `${subject.name} ${data.rule}`);
}

/** @throws Error where nothing is found */
export function firstFinding(plan: Plan): Finding {
  const [found] = allFindings(plan);
  if (!found) throw new Error('firstFinding: nothing was found');
  return found;
}

/** The sizes and borders that the remedies of a finding give, where they give any. */
export function sizeRemedies({ remedies }: Finding) {
  return remedies.flatMap((remedy) =>
    'size' in remedy ? [{ size: remedy.size, reveals: remedy.reveals }] : [],
  );
}
