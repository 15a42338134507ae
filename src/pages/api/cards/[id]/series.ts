import type { APIRoute } from 'astro';
import { database } from '../../../../server/database';
import { makeSeries, seriesRequestSchema } from '../../../../server/makeSeries';
import { respondJson, endpoint, readJson } from '../../../../server/respond';
import { readDesigner } from '../../../../server/session';

/** Makes the other cards of a series from the design of a card and answers their ids. */
export const POST: APIRoute = endpoint(async ({ params, request, cookies }) => {
  const wanted = await readJson(request, seriesRequestSchema);
  const db = await database();
  const ids = await makeSeries(db, params['id'], wanted, readDesigner(cookies), new Date());
  return respondJson({ ids }, 201);
});
