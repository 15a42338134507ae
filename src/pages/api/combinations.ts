import type { APIRoute } from 'astro';
import { combinationItemSchema } from '../../core/plan/items/combination';
import { addNewItem } from '../../server/addNewItem';
import { endpoint, readJson, respondJson } from '../../server/respond';

const newCombinationSchema = combinationItemSchema.omit({ kind: true, id: true, version: true });

/** Keeps a combination in the stash under its name. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newCombinationSchema);
  return respondJson(await addNewItem({ kind: 'combination', ...wanted }), 201);
});
