import { gzip } from 'node:zlib';
import { promisify } from 'node:util';
import type { APIRoute } from 'astro';
import { answerFile, endpoint } from '../../server/answer';
import { writeBackup } from '../../server/backup';
import { database } from '../../server/database';

/** A backup of everything, while others go on working; `./nib restore` puts it into an empty folder. */
export const GET: APIRoute = endpoint(async () => {
  const at = new Date();
  const bytes = await promisify(gzip)(await writeBackup(await database(), at));
  const name = `nibwright-${at.toISOString().slice(0, 16).replaceAll(/[T:]/g, '-')}.jsonl.gz`;
  return answerFile(new Uint8Array(bytes), 'application/gzip', name);
});
