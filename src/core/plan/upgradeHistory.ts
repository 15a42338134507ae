import type { Edit } from './edit';
import { editSchema } from './edit';
import type { Plan } from './plan';
import { planSchema } from './plan';
import { currentPlanSchema } from './planFacts';
import { sameJson } from './sameJson';
import { isObject, objectsIn, type Document } from './upgrades/document';
import { upgradeEdit3 } from './upgrades/upgradeEdit3';
import { upgradeEdit4 } from './upgrades/upgradeEdit4';
import { upgradeEdit5 } from './upgrades/upgradeEdit5';
import { upgradeEdit6 } from './upgrades/upgradeEdit6';
import { upgradeEdit8 } from './upgrades/upgradeEdit8';
import { upgradeEdit9 } from './upgrades/upgradeEdit9';
import { broughtUp } from './upgradePlan';

/** A revision as some version kept it: its edits, and the whole plan after it where that was kept. */
export interface OldRevision {
  /** The version it was kept by; one up to 4 is told as 4. */
  readonly planSchema: number;
  readonly edits: unknown;
  readonly plan: unknown;
}

export interface UpgradedHistory {
  readonly revisions: readonly { readonly edits: readonly Edit[]; readonly plan: Plan | null }[];
  /** After the last of them. */
  readonly plan: Plan;
}

/** Revisions of one version, and the plan they lead to. */
interface History {
  readonly revisions: readonly {
    readonly edits: readonly Document[];
    readonly plan: Document | null;
  }[];
  readonly plan: Document;
}

/**
 * All revisions of a card as older versions kept them, brought up to this version together, since an edit of versions 1 to
 * 4 can only be told by the plan it was made on. Where a plan that was kept differs from what its edits made, the plan is
 * what counts, as it always did.
 * @param current the plan of the card, which its last revision led to
 * @throws Error where the first has no plan, or what comes of it is no plan or no edit
 */
export function upgradeHistory(
  revisions: readonly OldRevision[],
  current: unknown,
): UpgradedHistory {
  if (!isObject(revisions[0]?.plan))
    throw new Error('upgradeHistory: expected the first revision to have a plan');
  const five = historyOf5(revisions, current as Document);
  return {
    revisions: five.revisions.map(({ edits, plan }, at) => ({
      edits: edits.map((edit) => editSchema.parse(currentEdit(edit, revisions[at]?.planSchema))),
      plan: plan && planSchema.parse(broughtUp(plan, currentPlanSchema)),
    })),
    plan: planSchema.parse(broughtUp(five.plan, currentPlanSchema)),
  };
}

/** An edit of version 5 or a later one as this version has it. */
function currentEdit(edit: Document, version = 5): Document {
  const six = version < 6 ? upgradeEdit5(edit) : edit;
  const seven = version < 7 ? upgradeEdit6(six) : six;
  // Version 8 changed nothing of what an edit before it puts in.
  const nine = version < 9 ? upgradeEdit8(seven) : seven;
  // Nor did version 11.
  return version < 10 ? upgradeEdit9(nine) : nine;
}

/** A history as version 5 tells it; what that or a later version kept stays as it is. */
function historyOf5(revisions: readonly OldRevision[], current: Document): History {
  let now: Document | undefined;
  const upgraded = revisions.map(({ planSchema: version, edits, plan }) => {
    if (version > 4) {
      now = undefined;
      return { edits: objectsIn(edits), plan: plan as Document | null };
    }
    const done: Document[] = [];
    for (const edit of objectsIn(edits)) {
      if (!now) break;
      const each = upgradeEdit4(now, upgradeEdit3(edit) as Document);
      done.push(each.edit);
      now = each.plan;
    }
    if (plan !== null) now = keepKeys(now, plan as Document);
    return { edits: done, plan: plan === null ? null : (now ?? null) };
  });
  return { revisions: upgraded, plan: keepKeys(now, current) };
}

/** A plan as version 5 has it, its pieces with the keys they have already where those fit their order. */
function keepKeys(known: Document | undefined, stored: Document): Document {
  const plan = broughtUp(stored, 5);
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
