import { ruleGroupOf, ruleIds, type RuleGroup } from '../plan/rules';
import type { Finding, Rule, RuleInput, Severity } from './finding';
import { concerns, pieceOfSubject, subjectKey, type Subject } from './subject';
import type { PieceId } from '../plan/ids';

const weight: Readonly<Record<Severity, number>> = { stop: 0, look: 1, habit: 2 };

/**
 * Runs the rules the habits leave on and drops what the designer accepted.
 * Gravest first; within a severity the order of the rules, then of the pieces.
 */
export function runRules(rules: readonly Rule[], input: RuleInput): readonly Finding[] {
  const { habits, accepted } = input.plan;
  const found = rules
    .filter(({ id }) => !habits.rulesOff.includes(id))
    .flatMap(({ find }) => find(input))
    .filter(
      ({ data, subject }) =>
        !accepted.some((each) => each.rule === data.rule && isOf(each.subject, subject)),
    );
  return byGravity(found);
}

/** Whether a finding is about what was accepted; one accepted for a piece alone is for whatever else concerns it. */
function isOf(accepted: string, subject: Subject): boolean {
  return accepted === subjectKey(subject) || accepted === (pieceOfSubject(subject) ?? 'card');
}

/** Findings of several runs in one order: the gravest first, then as the rules are listed. */
export function byGravity(findings: readonly Finding[]): readonly Finding[] {
  const place = ({ data }: Finding) => ruleIds.indexOf(data.rule);
  return findings.toSorted(
    (a, b) => weight[a.severity] - weight[b.severity] || place(a) - place(b),
  );
}

/** What somebody is at: the groups of rules of the station, and the piece that is chosen. */
export interface Doing {
  readonly groups: readonly RuleGroup[];
  readonly piece: PieceId | undefined;
}

/**
 * The finding to tell first: the gravest of those mended at the station, and among equally grave ones that of the chosen
 * piece; where there is none, the gravest of the chosen piece; else the gravest of all.
 */
export function leadingFinding(
  findings: readonly Finding[],
  { groups, piece }: Doing,
): Finding | undefined {
  const isOfPiece = ({ subject }: Finding) => piece !== undefined && concerns(subject, piece);
  const own = findings.filter(({ data }) => groups.includes(ruleGroupOf[data.rule]));
  const gravest = own[0]?.severity;
  return (
    own.find((each) => each.severity === gravest && isOfPiece(each)) ??
    own[0] ??
    findings.find(isOfPiece) ??
    findings[0]
  );
}
