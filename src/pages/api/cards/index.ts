import type { APIRoute } from 'astro';
import { respondJson, endpoint, readJson } from '../../../server/respond';
import { database } from '../../../server/database';
import { makeCard, newCardSchema } from '../../../server/makeCard';
import { readDesigner } from '../../../server/session';

/** Makes a card with its base and answers its id. */
export const POST: APIRoute = endpoint(async ({ request, cookies }) => {
  const wanted = await readJson(request, newCardSchema);
  const id = await makeCard(await database(), wanted, readDesigner(cookies), new Date());
  return respondJson({ id }, 201);
});
