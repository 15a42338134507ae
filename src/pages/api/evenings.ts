import type { APIRoute } from 'astro';
import { z } from 'zod';
import { eveningsSchema } from '../../core/plan/evenings';
import { designerIdSchema } from '../../core/plan/ids';
import { database } from '../../server/database';
import { keepEvenings } from '../../server/repositories/team';
import { endpoint, readJson, RefusalError, respondJson } from '../../server/respond';

const bodySchema = z.strictObject({
  designerId: designerIdSchema,
  evenings: eveningsSchema.nullable(),
});

/** Keeps when a designer works; null for the usual evenings. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const { designerId, evenings } = await readJson(request, bodySchema);
  if (!(await keepEvenings(await database(), designerId, evenings)))
    throw new RefusalError(404, {
      message: 'The team has nobody of this name any more.',
      hint: 'Say who works here once more, on the Team page.',
    });
  return respondJson({ isKept: true });
});
