import type { APIRoute } from 'astro';
import { z } from 'zod';
import { mostStashChanges, stashChangeSchema } from '../../core/stash/stashChange';
import { respondJson, endpoint, megabyte, readJson } from '../../server/respond';
import { database } from '../../server/database';
import { changeStash } from '../../server/repositories/stash';

const bodySchema = z.strictObject({
  changes: z.array(stashChangeSchema).min(1).max(mostStashChanges),
});

/** Makes changes of the stash, all or none, and answers what was written. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const { changes } = await readJson(request, bodySchema, 8 * megabyte);
  return respondJson(await changeStash(await database(), changes));
});
