import type { APIRoute } from 'astro';
import { designerSchema } from '../../core/plan/cardFile';
import { designerIdSchema } from '../../core/plan/ids';
import { respondJson, endpoint, readJson } from '../../server/respond';
import { database } from '../../server/database';
import { readableId } from '../../server/newId';
import { ensureDesigner } from '../../server/repositories/team';
import { rememberDesigner } from '../../server/session';

const nameSchema = designerSchema.pick({ name: true });

/** Says who works in this browser; a new name joins the team. */
export const POST: APIRoute = endpoint(async ({ request, cookies }) => {
  const { name } = await readJson(request, nameSchema);
  const id = designerIdSchema.parse(readableId(name));
  const designer = await ensureDesigner(await database(), { id, name });
  rememberDesigner(cookies, designer.id);
  return respondJson(designer, 201);
});
