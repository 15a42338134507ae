import type { APIRoute } from 'astro';
import { libraryIdSchema } from '../../core/plan/ids';
import { stockSchema } from '../../core/plan/libraryItem';
import { answerJson, endpoint, readJson } from '../../server/answer';
import { database } from '../../server/database';
import { readableId } from '../../server/newId';
import { addToLibrary } from '../../server/repositories/library';

const newStockSchema = stockSchema.omit({ kind: true, id: true, version: true });

/** Adds a stock to the stash. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newStockSchema);
  const id = libraryIdSchema.parse(readableId(wanted.name));
  const stock = stockSchema.parse({ kind: 'stock', id, version: 1, ...wanted });
  await addToLibrary(await database(), [stock]);
  return answerJson(stock, 201);
});
