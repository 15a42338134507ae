import type { Step } from '../process/step';
import { stepWords } from '../process/stepWords';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Finding, FindingData, Severity } from './finding';
import type { Remedy } from './remedy';

/** A finding on a step of the work. */
export function findOnStep(
  step: Step,
  card: ResolvedCard,
  severity: Severity,
  data: FindingData,
  remedies: readonly Remedy[] = [],
): Finding {
  const name = stepWords(step, card);
  return { severity, subject: { kind: 'step', id: step.id, letter: '', name }, data, remedies };
}
