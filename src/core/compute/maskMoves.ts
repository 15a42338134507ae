import type { RuleInput } from '../findings/finding';
import type { MoveRemedy } from '../findings/remedy';
import { runRules } from '../findings/runRules';
import { subjectKey } from '../findings/subject';
import { leastMoves, tryMove } from '../findings/moveRemedy';
import { maskCard, type MaskedPaper, type MaskPlan } from '../masking/maskCard';
import { touches } from '../outline/distance';
import { boundsOf, shiftedBy, type Outline } from '../outline/outline';
import { applyEdit } from '../plan/applyEdit';
import { distinctName } from '../resolve/distinctNames';
import { placedById } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import { rules } from './rules/rules';

/** An image moved by a little, and what that saves. */
export interface MaskMove {
  readonly remedy: MoveRemedy;
  readonly piece: string;
  /** So many images are covered then. */
  readonly left: number;
}

/**
 * For each image the least move of it alone that saves a mask; the whole card is looked over again after each. Undefined
 * after each that is tried in vain, so that it can be called off.
 */
export function* maskMoves(
  input: RuleInput,
  masks: MaskPlan,
): Generator<MaskMove | undefined, void> {
  const before = new Set(foundOn({ ...input, results: { ...input.results, masks } }));
  let tries = mostTried;
  for (const paper of masks.papers) {
    for (const id of movable(paper)) {
      const thing = placedById(input.card, id);
      if (!thing) continue;
      const clears = clearing(paper, id);
      for (const { dx, dy } of leastMoves(input.plan.habits)) {
        if (!clears(dx, dy)) continue;
        if ((tries -= 1) < 0) return;
        const remedy = tryMove(input, thing, dx, dy, () => true);
        if (!remedy) continue;
        const outcome = applyEdit(input.plan, remedy.edit);
        if (!outcome.ok) continue;
        const card = resolvePlan(outcome.plan, input.library);
        const moved = maskCard(outcome.plan, card);
        const { covered: left } = moved;
        yield undefined;
        if (left >= masks.covered) continue;
        const results = { ...input.results, masks: moved };
        const after = foundOn({ ...input, plan: outcome.plan, card, results });
        if (after.some((key) => !before.has(key))) continue;
        yield { remedy: { ...remedy, name: distinctName(input.card, id) }, piece: id, left };
        break;
      }
    }
  }
}

/** So many moves are tried at most: all there are for some ten images. */
const mostTried = 1000;

/** Images that are covered, or stamped over a mask. */
function movable({ meetings }: MaskedPaper): readonly string[] {
  const ids = meetings.flatMap(({ relation, behind, front }) =>
    relation?.isCovered && relation.because !== 'kept-off' ? [front.id, behind.id] : [],
  );
  return [...new Set(ids)];
}

/** Whether an image keeps clear of at least one that it is covered from, where it is moved by so much. */
function clearing({ meetings }: MaskedPaper, id: string) {
  const met = meetings.flatMap(
    ({ relation, behind, front }): readonly { own: Outline; other: Outline }[] => {
      if (!relation?.isCovered) return [];
      if (front.id === id) return [{ own: front.reach, other: behind.reach }];
      return behind.id === id ? [{ own: behind.reach, other: front.reach }] : [];
    },
  );
  return (dx: number, dy: number) =>
    met.some(({ own, other }) => {
      const { x0, y0, x1, y1 } = boundsOf(own);
      const box = boundsOf(other);
      const isApart =
        x1 + dx <= box.x0 || x0 + dx >= box.x1 || y1 + dy <= box.y0 || y0 + dy >= box.y1;
      return isApart || !touches(shiftedBy(own, dx, dy), other);
    });
}

function foundOn(input: RuleInput): readonly string[] {
  return runRules(rules, input).map(({ data, subject }) => `${data.rule} ${subjectKey(subject)}`);
}
