import type { APIRoute } from 'astro';
import { readCardFile } from '../../../core/plan/cardFile';
import type { CardId } from '../../../core/plan/ids';
import { cardFileSentence } from '../../../core/words/cardFileSentence';
import {
  respondJson,
  endpoint,
  megabyte,
  RefusalError,
  readJsonBody,
} from '../../../server/respond';
import { database } from '../../../server/database';
import { importCard } from '../../../server/importCard';
import { newId } from '../../../server/newId';
import { readDesigner } from '../../../server/session';

/** Takes a card file in under a new id. */
export const POST: APIRoute = endpoint(async ({ request, cookies }) => {
  const read = readCardFile(await readJsonBody(request, 4 * megabyte));
  if (!read.ok) throw new RefusalError(400, cardFileSentence(read.issue));
  const id = newId() as CardId;
  const author = readDesigner(cookies);
  await importCard(await database(), read.file, {
    id,
    saveId: `import-${id}`,
    author,
    at: new Date(),
  });
  return respondJson({ id }, 201);
});
