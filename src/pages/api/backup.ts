import { gzip } from 'node:zlib';
import { promisify } from 'node:util';
import type { APIRoute } from 'astro';
import { respondFile, endpoint } from '../../server/respond';
import { writeBackup } from '../../server/backup';
import { database } from '../../server/database';

/** A backup of everything, while others go on working; `./nib restore` puts it into an empty folder. */
export const GET: APIRoute = endpoint(async () => {
  const at = new Date();
  const bytes = await promisify(gzip)(await writeBackup(await database(), at));
  const name = `nibwright-${at.toISOString().slice(0, 16).replaceAll(/[T:]/g, '-')}.jsonl.gz`;
  return respondFile(new Uint8Array(bytes), 'application/gzip', name);
});
