import type { APIRoute } from 'astro';
import { z } from 'zod';
import { cardIdSchema } from '../../core/plan/ids';
import { respondJsonText, endpoint, RefusalError } from '../../server/respond';
import { loadPictures } from '../../server/loadLedge';

const idsSchema = z.array(cardIdSchema).min(1).max(60);

/** The pictures of up to sixty cards as the Ledge draws them; ids there are no cards of are left out. */
export const GET: APIRoute = endpoint(async ({ url }) => {
  const ids = idsSchema.safeParse(url.searchParams.get('cards')?.split(','));
  if (!ids.success)
    throw new RefusalError(400, {
      message: 'These are no ids of cards.',
      hint: 'Give one to sixty ids with commas between them, as in ?cards=rain-day,depot.',
    });
  return respondJsonText(`{"pictures":${await loadPictures(ids.data)}}`);
});
