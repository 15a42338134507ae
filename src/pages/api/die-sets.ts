import type { APIRoute } from 'astro';
import { dieSetSchema } from '../../core/plan/items/dieSet';
import { respondJson, endpoint, readJson } from '../../server/respond';
import { addNewItem } from '../../server/addNewItem';

const newDieSetSchema = dieSetSchema.omit({ kind: true, id: true, version: true });

/** Adds a set of nested dies to the stash. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newDieSetSchema);
  return respondJson(await addNewItem({ kind: 'die-set', ...wanted }), 201);
});
