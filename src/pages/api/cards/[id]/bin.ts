import type { APIRoute } from 'astro';
import { z } from 'zod';
import { respondJson, endpoint, readJson } from '../../../../server/respond';
import { database } from '../../../../server/database';
import { setCardBinned } from '../../../../server/repositories/cards';
import { noCard, requireCardId } from '../../../../server/requireCard';

const binSchema = z.strictObject({ binned: z.boolean() });

/** Puts a card into the bin or takes it out. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const id = requireCardId(params['id']);
  const { binned } = await readJson(request, binSchema);
  if (!(await setCardBinned(await database(), id, binned ? new Date() : null))) throw noCard();
  return respondJson({ id, binned });
});
