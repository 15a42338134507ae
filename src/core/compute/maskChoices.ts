import { decideEdit } from '../masking/decideMasks';
import { maskCard, type MaskPlan } from '../masking/maskCard';
import { applyEdit } from '../plan/applyEdit';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** What comes of deciding otherwise about two prints that meet: so many images are covered then. */
export interface MaskChoice {
  readonly between: readonly [string, string];
  /** With the one in front, or the one behind, made first; if they cross. */
  readonly frontFirst: number | undefined;
  readonly behindFirst: number | undefined;
  readonly crossing: number | undefined;
}

/** Of so many meetings it is worked out at most; a card has some ten. */
const mostChoices = 200;

/** Of every two prints that meet, one after the other, so that it can be called off. */
export function* maskChoices(
  plan: Plan,
  card: ResolvedCard,
  masks: MaskPlan,
): Generator<MaskChoice, void> {
  const coveredIf = (a: string, b: string, first: string | null) => {
    const outcome = applyEdit(plan, decideEdit(plan, a, b, first));
    return outcome.ok ? maskCard(outcome.plan, card).covered : undefined;
  };
  const meetings = masks.papers.flatMap((paper) => paper.meetings);
  for (const { behind, front } of meetings.slice(0, mostChoices))
    yield {
      between: [behind.id, front.id],
      frontFirst: coveredIf(behind.id, front.id, front.id),
      behindFirst: coveredIf(behind.id, front.id, behind.id),
      crossing: coveredIf(behind.id, front.id, null),
    };
}
