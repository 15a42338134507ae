import type { APIRoute } from 'astro';
import { z } from 'zod';
import { workBatchSchema } from '../../../../core/process/workBatch';
import { database } from '../../../../server/database';
import { keepWork } from '../../../../server/repositories/workBatches';
import { requireCard } from '../../../../server/requireCard';
import { endpoint, megabyte, readJson, respondJson } from '../../../../server/respond';

const bodySchema = z.strictObject({ work: workBatchSchema.nullable() });

/** Keeps what is done of the copies of a card, and how long it took; null lets it go. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const db = await database();
  const { id } = await requireCard(db, params['id']);
  const { work } = await readJson(request, bodySchema, megabyte);
  await keepWork(db, id, work);
  return respondJson({ isKept: work !== null });
});
