import type { Edit } from './edit';
import { editSchema } from './edit';
import type { Plan } from './plan';
import { planSchema } from './plan';
import { sameJson } from './sameJson';
import { isObject, objectsIn, type Document } from './upgrades/document';
import { upgradeEdit3 } from './upgrades/upgradeEdit3';
import { upgradeEdit4 } from './upgrades/upgradeEdit4';
import { upgradePlan } from './upgradePlan';

/** A revision as some version kept it: its edits, and the whole plan after it where that was kept. */
export interface OldRevision {
  readonly edits: unknown;
  readonly plan: unknown;
}

export interface UpgradedHistory {
  readonly revisions: readonly { readonly edits: readonly Edit[]; readonly plan: Plan | null }[];
  /** After the last of them. */
  readonly plan: Plan;
}

/**
 * All revisions of a card as versions 1 to 4 kept them, brought up to this version together, since an edit of those
 * versions can only be told by the plan it was made on. Where a plan that was kept differs from what its edits made, the
 * plan is what counts, as it always did.
 * @param current the plan of the card, which its last revision led to
 * @throws Error where the first has no plan, or what comes of it is no plan or no edit
 */
export function upgradeHistory(
  revisions: readonly OldRevision[],
  current: unknown,
): UpgradedHistory {
  let now: Document | undefined;
  const upgraded = revisions.map(({ edits, plan }) => {
    const done: Document[] = [];
    for (const edit of objectsIn(edits)) {
      if (!now) break;
      const each = upgradeEdit4(now, upgradeEdit3(edit) as Document);
      done.push(each.edit);
      now = each.plan;
    }
    if (plan !== null) now = keepKeys(now, plan);
    if (!now) throw new Error('upgradeHistory: expected the first revision to have a plan');
    return {
      edits: done.map((edit) => editSchema.parse(edit)),
      plan: plan === null ? null : planSchema.parse(now),
    };
  });
  return { revisions: upgraded, plan: planSchema.parse(keepKeys(now, current)) };
}

/** A plan of any version as this one has it, its pieces with the keys they have already where those fit their order. */
function keepKeys(known: Document | undefined, stored: unknown): Document {
  const read = upgradePlan(stored);
  if (!read.ok) throw new Error(`upgradeHistory: no plan: ${JSON.stringify(read.issue)}`);
  const plan = read.plan as unknown as Document;
  if (!known) return plan;
  const keys = new Map(objectsIn(known['pieces']).map(({ id, order }) => [id, String(order)]));
  const pieces = objectsIn(plan['pieces']);
  const orders = pieces.map(({ id }) => keys.get(id));
  const fit = orders.every((order, at) => {
    const before = orders[at - 1];
    return order !== undefined && (at === 0 || (before !== undefined && before < order));
  });
  if (!fit) return plan;
  const kept = { ...plan, pieces: pieces.map((piece, at) => ({ ...piece, order: orders[at] })) };
  return isObject(known) && sameJson(kept, known) ? known : kept;
}
