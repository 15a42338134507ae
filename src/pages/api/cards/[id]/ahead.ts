import type { APIRoute } from 'astro';
import { z } from 'zod';
import { aheadSchema } from '../../../../core/process/ahead';
import { database } from '../../../../server/database';
import { changeAhead } from '../../../../server/repositories/madeAhead';
import { requireCard } from '../../../../server/requireCard';
import { endpoint, readJson, respondJson } from '../../../../server/respond';

const bodySchema = z.strictObject({
  step: aheadSchema.shape.step,
  ahead: aheadSchema.omit({ step: true }).nullable(),
});

/** Keeps of how many copies of a card a step is made ahead; null for none. Answers all that is ahead of it. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const db = await database();
  const { id } = await requireCard(db, params['id']);
  const { step, ahead } = await readJson(request, bodySchema);
  return respondJson({ ahead: await changeAhead(db, id, step, ahead && { step, ...ahead }) });
});
