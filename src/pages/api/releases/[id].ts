import type { APIRoute } from 'astro';
import { releaseSchema } from '../../../core/plan/cardFile';
import { releaseIdSchema } from '../../../core/plan/ids';
import { respondJson, endpoint, RefusalError, readJson } from '../../../server/respond';
import { database } from '../../../server/database';
import { changeRelease } from '../../../server/repositories/team';

const changeSchema = releaseSchema.omit({ id: true });

/** Gives a release another name or day. */
export const POST: APIRoute = endpoint(async ({ params, request }) => {
  const id = releaseIdSchema.safeParse(params['id']);
  const wanted = await readJson(request, changeSchema);
  const release = id.success ? { id: id.data, ...wanted } : undefined;
  if (!release || !(await changeRelease(await database(), release)))
    throw new RefusalError(404, {
      message: 'There is no such release.',
      hint: 'Load the page again.',
    });
  return respondJson(release);
});
