import { z } from 'zod';
import { mostSeriesCards } from '../core/composition/seriesCards';
import { applyEdit } from '../core/plan/applyEdit';
import { simpleEditSchema } from '../core/plan/edit';
import { cardIdSchema, type CardId, type DesignerId, type Immutable } from '../core/plan/ids';
import { aboutSchema, planSchema, seriesSchema } from '../core/plan/plan';
import type { Database } from './storeTypes';
import { createCards } from './repositories/cards';
import { requireCard } from './requireCard';
import { RefusalError } from './respond';

/** The design, and what makes each card of it; ids come with them, so that what is sent twice is made once. */
export const seriesRequestSchema = z.strictObject({
  series: seriesSchema,
  design: planSchema,
  cards: z
    .array(
      z.strictObject({
        id: cardIdSchema,
        title: aboutSchema.shape.title,
        edits: z.array(simpleEditSchema).min(1).max(1000),
      }),
    )
    .min(1)
    .max(mostSeriesCards),
});

/**
 * Makes the cards of a series, all or none; each begins as planned, with nothing of the list before filming done.
 * @param from the card of the design, whose embedded items they take along
 * @returns their ids.
 * @throws RefusalError 404 without that card, 400 where an edit does not apply
 */
export async function makeSeries(
  db: Database,
  from: string | undefined,
  { series, design, cards }: Immutable<z.output<typeof seriesRequestSchema>>,
  author: DesignerId | null,
  at: Date,
): Promise<readonly CardId[]> {
  const { embedded } = await requireCard(db, from);
  const made = cards.map(({ id, title, edits }, index) => {
    const outcome = applyEdit(design, { kind: 'batch', edits });
    if (!outcome.ok)
      throw new RefusalError(400, {
        message: `“${title}” cannot be made of this design.`,
        hint: 'Load the card anew and make the series again.',
        path: `cards.${index}.edits`,
      });
    const { plan } = outcome;
    const about = { ...plan.about, title, series, status: 'planned' as const, checked: [] };
    return { id, plan: { ...plan, about }, embedded, saveId: `series-${id}`, author, at };
  });
  await createCards(db, made);
  return made.map(({ id }) => id);
}
