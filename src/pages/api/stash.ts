import type { APIRoute } from 'astro';
import { z } from 'zod';
import { libraryIdSchema } from '../../core/plan/ids';
import { itemKinds } from '../../core/stash/itemFields';
import { mostStashChanges, stashChangeSchema } from '../../core/stash/stashChange';
import { database } from '../../server/database';
import { stashText } from '../../server/stashText';
import { readLibrary } from '../../server/repositories/library';
import { changeStash, readHoldings } from '../../server/repositories/stash';
import { respondJson, endpoint, megabyte, readJson, RefusalError } from '../../server/respond';
import { respondCompressed } from '../../server/respondCompressed';

const bodySchema = z.strictObject({
  changes: z.array(stashChangeSchema).min(1).max(mostStashChanges),
});
const kindsSchema = z.array(z.enum(itemKinds)).min(1).max(itemKinds.length);
const idsSchema = z.array(libraryIdSchema).min(1).max(1000);

/**
 * The newest version of each item, and what there is of it; of some kinds: `?kinds=stock,adhesive`. Or every version of
 * some items: `?items=moss,chalk`.
 */
export const GET: APIRoute = endpoint(async ({ request, url }) => {
  const named = url.searchParams.get('items');
  if (named !== null) return respondVersions(named);
  const kinds = kindsSchema.safeParse(url.searchParams.get('kinds')?.split(',') ?? itemKinds);
  if (!kinds.success)
    throw new RefusalError(400, {
      message: 'These are no kinds of items.',
      hint: `Give kinds with commas between them, of ${itemKinds.join(', ')}.`,
    });
  const { version, write } = await stashText(await database(), kinds.data);
  return respondCompressed(request, `stash ${kinds.data.toSorted().join(' ')}`, version, write);
});

async function respondVersions(named: string): Promise<Response> {
  const ids = idsSchema.safeParse(named.split(','));
  if (!ids.success)
    throw new RefusalError(400, {
      message: 'These are no ids of items.',
      hint: 'Give ids with commas between them, as in ?items=moss,chalk.',
    });
  const db = await database();
  const [items, holdings] = await Promise.all([
    readLibrary(db, ids.data),
    readHoldings(db, ids.data),
  ]);
  return respondJson({ items, holdings });
}

/** Makes changes of the stash, all or none, and answers what was written. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const { changes } = await readJson(request, bodySchema, 8 * megabyte);
  return respondJson(await changeStash(await database(), changes));
});
