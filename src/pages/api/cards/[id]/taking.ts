import type { APIRoute } from 'astro';
import { z } from 'zod';
import { takingSchema } from '../../../../core/stash/taking';
import { respondJson, endpoint, RefusalError, readJson } from '../../../../server/respond';
import { database } from '../../../../server/database';
import { giveBackForBatch, takeForBatch } from '../../../../server/repositories/cutBatches';
import { requireCard } from '../../../../server/requireCard';

const bodySchema = z.strictObject({
  /** What is taken out; null gives back what was. */
  takings: z.array(takingSchema).max(500).nullable(),
});

/** Takes out of the stash what a card's batch uses, or gives it back. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const db = await database();
  const { id } = await requireCard(db, params['id']);
  const { takings } = await readJson(request, bodySchema);
  const state = takings ? await takeForBatch(db, id, takings) : await giveBackForBatch(db, id);
  if (!state)
    throw new RefusalError(409, {
      message: takings
        ? 'It has been taken out of the stash already, or the cut plan was given up.'
        : 'Nothing is taken out of the stash for this batch.',
      hint: 'Open the card anew to see how it stands.',
    });
  return respondJson(state);
});
