import type { APIRoute } from 'astro';
import { z } from 'zod';
import { respondJson, endpoint, RefusalError } from '../../../../server/respond';
import { database } from '../../../../server/database';
import { listRevisions } from '../../../../server/repositories/revisions';
import { listDesigners } from '../../../../server/repositories/team';
import { readDesigner } from '../../../../server/session';
import { noCard, requireCardId } from '../../../../server/requireCard';

const atOnce = 100;
const beforeSchema = z.coerce.number().int().min(1).max(2_147_483_647).optional();

/** The last hundred revisions of a card, `?before=n` those before the n-th, with what each changed. */
export const GET: APIRoute = endpoint(async ({ params, url, cookies }) => {
  const id = requireCardId(params['id']);
  const before = beforeSchema.safeParse(url.searchParams.get('before') ?? undefined);
  if (!before.success)
    throw new RefusalError(400, {
      message: 'before is no revision number.',
      hint: 'Give a whole number from 1.',
    });
  const db = await database();
  const run = await listRevisions(db, id, { before: before.data, most: atOnce });
  if (!run) throw noCard();
  return respondJson({ ...run, designers: await listDesigners(db), you: readDesigner(cookies) });
});
