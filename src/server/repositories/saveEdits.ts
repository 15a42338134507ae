import { and, asc, desc, eq, gt, isNotNull, lte, ne } from 'drizzle-orm';
import { z } from 'zod';
import { applyEdit, type EditIssue } from '../../core/plan/applyEdit';
import { editSchema, type Edit } from '../../core/plan/edit';
import { editsCommute, supportsExist } from '../../core/plan/editTouches';
import type { CardId, DesignerId } from '../../core/plan/ids';
import { planSchema, type Plan } from '../../core/plan/plan';
import { firstIssue, schemaSentence, type SchemaIssue } from '../../core/text/schemaSentence';
import { currentPlanSchema } from '../../core/plan/planFacts';
import type { Database, Transaction } from '../storeTypes';
import { cards, revisions } from '../schema';
import { tellChange } from '../storeChanges';
import { readStoredPlan } from './cards';

export interface Save {
  readonly cardId: CardId;
  /** Chosen by the client; a repeat gets the answer of the first. */
  readonly saveId: string;
  /** The revision the edits start from. */
  readonly baseRevision: number;
  readonly edits: readonly Edit[];
  readonly author: DesignerId | null;
  readonly at: Date;
}

export type SaveOutcome =
  /** `plan` is given where others' edits are in it too, so that the client must take it over; `theirs` are those edits. */
  | {
      readonly kind: 'saved';
      readonly revision: number;
      readonly plan: Plan | null;
      readonly theirs: readonly Edit[];
    }
  /** Others changed the same parts since: the person chooses. Nothing was kept. */
  | { readonly kind: 'conflict'; readonly revision: number; readonly plan: Plan }
  /** An edit does not apply to the plan it says it starts from. Nothing was kept. */
  | { readonly kind: 'refused'; readonly issue: EditIssue }
  /** The edits apply, but a card cannot be what they make of it. Nothing was kept. */
  | { readonly kind: 'unfit'; readonly issue: SchemaIssue }
  | { readonly kind: 'no-card' };

const snapshotEvery = 50;
/** The largest number the column holds. */
const newestRevision = 2_147_483_647;
const editsSchema = z.array(editSchema);

/**
 * Keeps edits as a new revision. A save that starts from an older revision is rebased when it touches
 * other parts than the edits since then; else it is a conflict.
 */
export async function saveEdits(db: Database, save: Save): Promise<SaveOutcome> {
  const outcome = await keepEdits(db, save);
  if (outcome.kind === 'saved') tellChange(db, { of: 'cards', ids: [save.cardId] });
  return outcome;
}

async function keepEdits(db: Database, save: Save): Promise<SaveOutcome> {
  return db.transaction(async (tx) => {
    const [row] = await tx.select().from(cards).where(eq(cards.id, save.cardId)).for('update');
    if (!row) return { kind: 'no-card' };
    const current = { plan: readStoredPlan(row.plan, row.id), revision: row.revision };

    const [repeat] = await tx
      .select({ number: revisions.number })
      .from(revisions)
      .where(and(eq(revisions.cardId, save.cardId), eq(revisions.saveId, save.saveId)));
    if (repeat) return saved(tx, save, current);

    if (save.baseRevision > current.revision) return { kind: 'conflict', ...current };
    if (save.baseRevision < current.revision && (await collides(tx, save)))
      return { kind: 'conflict', ...current };

    const applied = applyAll(current.plan, save.edits);
    const isStale = save.baseRevision < current.revision;
    if (!applied.ok)
      return isStale ? { kind: 'conflict', ...current } : { kind: 'refused', issue: applied.issue };
    if (isStale && supportsExist(current.plan) && !supportsExist(applied.plan))
      return { kind: 'conflict', ...current };

    const revision = current.revision + 1;
    const checked = planSchema.safeParse(applied.plan, { error: schemaSentence });
    if (!checked.success) return { kind: 'unfit', issue: firstIssue(checked.error) };
    const plan = checked.data;
    await tx.insert(revisions).values({
      cardId: save.cardId,
      number: revision,
      saveId: save.saveId,
      author: save.author,
      at: save.at,
      planSchema: currentPlanSchema,
      edits: editsSchema.parse(save.edits),
      plan: revision % snapshotEvery === 0 ? plan : null,
    });
    await tx
      .update(cards)
      .set({ plan, revision, changedAt: save.at })
      .where(eq(cards.id, save.cardId));
    return saved(tx, save, { plan, revision });
  });
}

/**
 * The plan as it was at a revision, from the snapshot before it and the edits since.
 * @throws Error when the card has no such revision.
 */
export async function planAtRevision(
  db: Database | Transaction,
  cardId: CardId,
  number: number,
): Promise<Plan> {
  const [snapshot] = await db
    .select()
    .from(revisions)
    .where(
      and(eq(revisions.cardId, cardId), lte(revisions.number, number), isNotNull(revisions.plan)),
    )
    .orderBy(desc(revisions.number))
    .limit(1);
  if (!snapshot) throw new Error(`planAtRevision: card ${cardId} has no revision ${number}`);
  const since = await editsBetween(db, cardId, snapshot.number, number);
  const applied = applyAll(readStoredPlan(snapshot.plan, cardId), since);
  if (!applied.ok) throw new Error(`planAtRevision: card ${cardId}: ${applied.issue.code}`);
  return applied.plan;
}

async function editsBetween(
  db: Database | Transaction,
  cardId: CardId,
  after: number,
  upTo: number,
  withoutSave?: string,
): Promise<readonly Edit[]> {
  const rows = await db
    .select({ edits: revisions.edits })
    .from(revisions)
    .where(
      and(
        eq(revisions.cardId, cardId),
        gt(revisions.number, after),
        lte(revisions.number, upTo),
        withoutSave === undefined ? undefined : ne(revisions.saveId, withoutSave),
      ),
    )
    .orderBy(asc(revisions.number));
  return rows.flatMap(({ edits }) => readStoredEdits(edits));
}

async function collides(tx: Transaction, save: Save): Promise<boolean> {
  const start = await planAtRevision(tx, save.cardId, save.baseRevision);
  const theirs = await editsBetween(tx, save.cardId, save.baseRevision, newestRevision);
  return !editsCommute(start, save.edits, theirs);
}

function applyAll(
  start: Plan,
  edits: readonly Edit[],
): { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly issue: EditIssue } {
  let plan = start;
  for (const edit of edits) {
    const outcome = applyEdit(plan, edit);
    if (!outcome.ok) return outcome;
    plan = outcome.plan;
  }
  return { ok: true, plan };
}

async function saved(
  tx: Transaction,
  { cardId, saveId, baseRevision }: Save,
  { plan, revision }: { readonly plan: Plan; readonly revision: number },
): Promise<SaveOutcome> {
  if (revision === baseRevision + 1) return { kind: 'saved', revision, plan: null, theirs: [] };
  const theirs = await editsBetween(tx, cardId, baseRevision, revision, saveId);
  return { kind: 'saved', revision, plan, theirs };
}

/** A card as it is, and the edits that led there from a revision; undefined where there is no such card or revision. */
export async function cardSince(
  db: Database,
  cardId: CardId,
  after: number,
): Promise<
  { readonly revision: number; readonly plan: Plan; readonly theirs: readonly Edit[] } | undefined
> {
  return db.transaction(async (tx) => {
    const [row] = await tx.select().from(cards).where(eq(cards.id, cardId));
    if (!row || after > row.revision) return undefined;
    return {
      revision: row.revision,
      plan: readStoredPlan(row.plan, row.id),
      theirs: await editsBetween(tx, cardId, after, row.revision),
    };
  });
}

/** @throws Error when what is stored are no edits: a fault of ours, since they were checked on the way in. */
export function readStoredEdits(stored: unknown): readonly Edit[] {
  return editsSchema.parse(stored);
}
