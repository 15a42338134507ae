import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { Plan } from '../../core/plan/plan';
import { sameJson } from '../../core/plan/sameJson';
import type { ReplyOf } from '../../core/replies/replies';
import { getJson } from '../wire/postJson';
import { commitEdit, startHistory, takeOverPlan, type PlanHistory } from './planHistory';

/**
 * The edits that take back what one did to a card before its page was loaded, the latest last, from the revisions that
 * were kept; undefined where they do not come, or do not lead to the plan that is open.
 */
export async function pastSteps(cardId: string, plan: Plan): Promise<readonly Edit[] | undefined> {
  const reply = await getJson(`/api/cards/${cardId}/revisions`, 'revisions');
  if (!reply.ok) return undefined;
  const walked = walkOwn(reply.body);
  return sameJson(walked.plan, plan) ? walked.undo : undefined;
}

/**
 * Goes through the revisions from the plan they start from: one's own steps can be taken back where others' have left them
 * alone; a step that took back the one before it leaves neither.
 */
export function walkOwn({ start, revisions, you }: ReplyOf<'revisions'>): PlanHistory {
  let history = startHistory(start);
  /** What the card was like before each step that can be taken back, where that is known. */
  let before: readonly (Plan | undefined)[] = [];
  for (const { author, edits } of revisions)
    for (const edit of edits) {
      const here = history.plan;
      const outcome = applyEdit(here, edit);
      // An edit that no longer applied was passed over when it was saved.
      if (!outcome.ok) continue;
      if (author !== you) {
        history = takeOverPlan(history, outcome.plan, [edit]);
        // Which steps are left is not told, so none is taken for undone beyond this.
        before = history.undo.map(() => undefined);
        continue;
      }
      const left = takenBack(history, before, edit, outcome.plan);
      if (left !== undefined) {
        history = { ...history, plan: outcome.plan, undo: history.undo.slice(0, left) };
        before = before.slice(0, left);
        continue;
      }
      const made = commitEdit(history, edit, () => true);
      if (!made.ok) continue;
      history = made.history;
      before = [...before, here].slice(-history.undo.length);
    }
  return history;
}

/** So many steps may have been undone as one. */
const mostJoined = 40;

/**
 * How many steps are left where an edit took back the last of them, or several that were one; undefined where it took back
 * none. Others' edits may lie between, so that the card is not as it was.
 */
function takenBack(
  { undo }: PlanHistory,
  before: readonly (Plan | undefined)[],
  edit: Edit,
  after: Plan,
): number | undefined {
  if (undo.length > 0 && sameJson(undo.at(-1), edit)) return undo.length - 1;
  const from = Math.max(0, before.length - mostJoined);
  const found = before.findLastIndex(
    (plan, index) => index >= from && plan !== undefined && sameJson(plan, after),
  );
  return found < 0 ? undefined : found;
}
