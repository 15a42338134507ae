import type { APIRoute } from 'astro';
import { respondJson, endpoint } from '../../server/respond';
import { database } from '../../server/database';
import { listReleases } from '../../server/repositories/team';

/** Answers once the database does. */
export const GET: APIRoute = endpoint(async () => {
  await listReleases(await database());
  return respondJson({ ok: true });
});
