import { decideEdit } from '../masking/decideMasks';
import { maskCard, type MaskPlan } from '../masking/maskCard';
import { applyEdit } from '../plan/applyEdit';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** What comes of deciding otherwise about two prints that meet: so many images are covered then. */
export interface MaskChoice {
  readonly between: readonly [string, string];
  /** With the one in front, or the one behind, made first; if they cross. Undefined where that is not to be chosen. */
  readonly frontFirst: number | undefined;
  readonly behindFirst: number | undefined;
  readonly crossing: number | undefined;
}

/** Of every two prints that are covered from one another, or might be. */
export function maskChoices(
  plan: Plan,
  card: ResolvedCard,
  masks: MaskPlan,
): readonly MaskChoice[] {
  const coveredIf = (a: string, b: string, first: string | null) => {
    const edit = decideEdit(plan, a, b, first);
    const outcome = applyEdit(plan, edit);
    return outcome.ok ? maskCard(outcome.plan, card).covered : undefined;
  };
  return masks.papers.flatMap(({ meetings }) =>
    meetings.flatMap(({ behind, front, relation, decided, byKind }): readonly MaskChoice[] => {
      const isOpen = relation === undefined || relation.isCovered || decided !== undefined;
      if (!isOpen && byKind === undefined) return [];
      return [
        {
          between: [behind.id, front.id],
          frontFirst: coveredIf(behind.id, front.id, front.id),
          behindFirst: coveredIf(behind.id, front.id, behind.id),
          crossing: coveredIf(behind.id, front.id, null),
        },
      ];
    }),
  );
}
