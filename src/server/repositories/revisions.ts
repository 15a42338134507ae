import { and, asc, desc, eq, lt } from 'drizzle-orm';
import type { Edit } from '../../core/plan/edit';
import type { CardId, DesignerId } from '../../core/plan/ids';
import type { Plan } from '../../core/plan/plan';
import type { Database } from '../storeTypes';
import { revisions } from '../schema';
import { planAtRevision, readStoredEdits } from './saveEdits';

/** One save as it is listed. */
export interface Revision {
  readonly number: number;
  readonly author: DesignerId | null;
  /** ISO 8601, in UTC. */
  readonly at: string;
  /** What was changed; nothing where the card was made, copied or imported. */
  readonly edits: readonly Edit[];
}

/** A run of revisions, and the plan the first of them starts from. */
export interface RevisionRun {
  /** The plan before the first edits of the run. */
  readonly start: Plan;
  /** Oldest first. */
  readonly revisions: readonly Revision[];
}

/**
 * The last revisions before a number, at most so many; undefined when the card has none there.
 * @param before left out, the newest.
 */
export async function listRevisions(
  db: Database,
  cardId: CardId,
  { before, most }: { readonly before?: number | undefined; readonly most: number },
): Promise<RevisionRun | undefined> {
  const ofCard = eq(revisions.cardId, cardId);
  const newest = db
    .select()
    .from(revisions)
    .where(before === undefined ? ofCard : and(ofCard, lt(revisions.number, before)))
    .orderBy(desc(revisions.number))
    .limit(most)
    .as('newest');
  const rows = await db
    .select({ number: newest.number, author: newest.author, at: newest.at, edits: newest.edits })
    .from(newest)
    .orderBy(asc(newest.number));
  const [first] = rows;
  if (!first) return undefined;
  const start = await planAtRevision(db, cardId, Math.max(1, first.number - 1));
  return {
    start,
    revisions: rows.map(({ number, author, at, edits }) => ({
      number,
      author,
      at: at.toISOString(),
      edits: readStoredEdits(edits),
    })),
  };
}
