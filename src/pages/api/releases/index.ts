import type { APIRoute } from 'astro';
import { releaseSchema } from '../../../core/plan/cardFile';
import { releaseIdSchema } from '../../../core/plan/ids';
import { respondJson, endpoint, readJson } from '../../../server/respond';
import { database } from '../../../server/database';
import { readableId } from '../../../server/newId';
import { ensureRelease } from '../../../server/repositories/team';

const newReleaseSchema = releaseSchema.omit({ id: true });

/** Adds a release. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const wanted = await readJson(request, newReleaseSchema);
  const release = { id: releaseIdSchema.parse(readableId(wanted.name)), ...wanted };
  await ensureRelease(await database(), release);
  return respondJson(release, 201);
});
