import type { APIRoute } from 'astro';
import { z } from 'zod';
import { cardIdSchema } from '../../../core/plan/ids';
import { respondJson, endpoint, readJson } from '../../../server/respond';
import { database } from '../../../server/database';
import { deleteBinnedCards } from '../../../server/repositories/cards';

const emptySchema = z.strictObject({ ids: z.array(cardIdSchema).max(10_000) });

/** Removes these cards for good; those no longer in the bin stay. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const { ids } = await readJson(request, emptySchema);
  return respondJson({ removed: await deleteBinnedCards(await database(), ids) });
});
