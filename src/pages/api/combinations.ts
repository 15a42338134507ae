import type { APIRoute } from 'astro';
import { libraryIdSchema } from '../../core/plan/ids';
import { combinationItemSchema } from '../../core/plan/items/combination';
import { addNewItem } from '../../server/addNewItem';
import { database } from '../../server/database';
import { cardsUsingCombination } from '../../server/repositories/cards';
import { endpoint, readJson, RefusalError, respondJson } from '../../server/respond';

const newCombinationSchema = combinationItemSchema.omit({ kind: true, id: true, version: true });

/** Keeps a combination in the stash under its name. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newCombinationSchema);
  return respondJson(await addNewItem({ kind: 'combination', ...wanted }), 201);
});

/** The cards that use a kept combination: `?used=ID`. */
export const GET: APIRoute = endpoint(async ({ url }) => {
  const id = libraryIdSchema.safeParse(url.searchParams.get('used'));
  if (!id.success)
    throw new RefusalError(400, {
      message: 'This is no id of a combination.',
      hint: 'Give it as in ?used=brass-buoy.',
    });
  return respondJson({ cards: await cardsUsingCombination(await database(), id.data) });
});
