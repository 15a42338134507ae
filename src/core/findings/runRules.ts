import type { Finding, Rule, RuleInput, Severity } from './finding';

const weight: Readonly<Record<Severity, number>> = { stop: 0, look: 1, habit: 2 };

/**
 * Runs the rules the habits leave on and drops what the designer accepted.
 * Gravest first; within a severity the order of the rules, then of the pieces.
 */
export function runRules(rules: readonly Rule[], input: RuleInput): readonly Finding[] {
  const { habits, accepted } = input.plan;
  return rules
    .filter(({ id }) => !habits.rulesOff.includes(id))
    .flatMap(({ find }) => find(input))
    .filter(
      ({ data, pieceId }) =>
        !accepted.some((each) => each.rule === data.rule && each.pieceId === (pieceId ?? null)),
    )
    .sort((a, b) => weight[a.severity] - weight[b.severity]);
}
