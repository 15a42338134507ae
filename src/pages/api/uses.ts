import type { APIRoute } from 'astro';
import { libraryIdSchema } from '../../core/plan/ids';
import { database } from '../../server/database';
import { cardsUsing } from '../../server/repositories/cards';
import { endpoint, RefusalError, respondJson } from '../../server/respond';

/** The cards that print a stamp, or are coloured with a kept combination: `?item=ID`. */
export const GET: APIRoute = endpoint(async ({ url }) => {
  const id = libraryIdSchema.safeParse(url.searchParams.get('item'));
  if (!id.success)
    throw new RefusalError(400, {
      message: 'This is no id of an item.',
      hint: 'Give it as in ?item=brass-buoy.',
    });
  return respondJson({ cards: await cardsUsing(await database(), id.data) });
});
