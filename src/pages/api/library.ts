import type { APIRoute } from 'astro';
import { z } from 'zod';
import { itemKinds } from '../../core/plan/items/kinds';
import { database } from '../../server/database';
import { countItems, newestTexts } from '../../server/repositories/library';
import { endpoint, RefusalError } from '../../server/respond';
import { respondCompressed } from '../../server/respondCompressed';

const kindsSchema = z.array(z.enum(itemKinds)).min(1);

/** The newest version of each item of some kinds: `?kinds=stock,adhesive`. */
export const GET: APIRoute = endpoint(async ({ request, url }) => {
  const kinds = kindsSchema.safeParse(url.searchParams.get('kinds')?.split(','));
  if (!kinds.success)
    throw new RefusalError(400, {
      message: 'These are no kinds of items.',
      hint: `Give kinds with commas between them, of ${itemKinds.join(', ')}.`,
    });
  const db = await database();
  const version = `${await countItems(db)}`;
  const name = `library ${[...new Set(kinds.data)].sort().join(' ')}`;
  return respondCompressed(request, name, version, async () => {
    const items = await newestTexts(db, kinds.data);
    return `{"items":[${items.join(',')}]}`;
  });
});
