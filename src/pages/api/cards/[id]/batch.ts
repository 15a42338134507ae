import type { APIRoute } from 'astro';
import { z } from 'zod';
import { storedBatchSchema } from '../../../../core/cutting/cutBatch';
import {
  respondJson,
  endpoint,
  megabyte,
  RefusalError,
  readJson,
} from '../../../../server/respond';
import { database } from '../../../../server/database';
import { dropBatch, keepBatch } from '../../../../server/repositories/cutBatches';
import { requireCard } from '../../../../server/requireCard';

const bodySchema = z.strictObject({ batch: storedBatchSchema.nullable() });

/** Keeps the accepted cut plan of a card with its marks; null gives it up. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const db = await database();
  const { id } = await requireCard(db, params['id']);
  const { batch } = await readJson(request, bodySchema, 8 * megabyte);
  if (batch) await keepBatch(db, id, batch);
  else if (!(await dropBatch(db, id)))
    throw new RefusalError(409, {
      message: 'Sheets and supplies of this batch are out of the stash.',
      hint: 'Give them back first, then give the plan up.',
    });
  return respondJson({ isKept: batch !== null });
});
