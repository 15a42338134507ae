import type { APIRoute } from 'astro';
import { stockSchema } from '../../core/plan/items/stock';
import { answerJson, endpoint, readJson } from '../../server/answer';
import { addNewItem } from '../../server/addNewItem';

const newStockSchema = stockSchema.omit({ kind: true, id: true, version: true });

/** Adds a stock to the stash. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newStockSchema);
  return answerJson(await addNewItem({ kind: 'stock', ...wanted }), 201);
});
