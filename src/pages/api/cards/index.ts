import type { APIRoute } from 'astro';
import { answerJson, endpoint, readJson } from '../../../server/answer';
import { database } from '../../../server/database';
import { makeCard, newCardSchema } from '../../../server/makeCard';
import { readDesigner } from '../../../server/session';

/** Makes a card with its base and answers its id. */
export const POST: APIRoute = endpoint(async ({ request, cookies }) => {
  const wanted = await readJson(request, newCardSchema);
  const id = await makeCard(await database(), wanted, readDesigner(cookies), new Date());
  return answerJson({ id }, 201);
});
