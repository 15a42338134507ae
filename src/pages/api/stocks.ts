import type { APIRoute } from 'astro';
import { stockSchema } from '../../core/plan/items/stock';
import { respondJson, endpoint, readJson } from '../../server/respond';
import { addNewItem } from '../../server/addNewItem';

const newStockSchema = stockSchema.omit({ kind: true, id: true, version: true });

/** Adds a stock to the stash. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newStockSchema);
  return respondJson(await addNewItem({ kind: 'stock', ...wanted }), 201);
});
