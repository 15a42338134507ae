import { Readable, pipeline } from 'node:stream';
import { createGzip } from 'node:zlib';
import type { APIRoute } from 'astro';
import { endpoint, fileHeaders } from '../../server/respond';
import { writeBackup } from '../../server/backup/writeBackup';
import { database } from '../../server/database';

/** A backup of everything, while others go on working; `./nib restore` puts it into an empty folder. */
export const GET: APIRoute = endpoint(async () => {
  const at = new Date();
  const lines = Readable.from(writeBackup(await database(), at));
  const packed = pipeline(lines, createGzip(), (error) => {
    if (error) console.error('a backup was not finished', error);
  });
  const name = `nibwright-${at.toISOString().slice(0, 16).replaceAll(/[T:]/g, '-')}.jsonl.gz`;
  // The two halves of the types of Node.js and of the web do not know each other.
  const body = Readable.toWeb(packed) as unknown as ReadableStream<Uint8Array>;
  return new Response(body, { headers: fileHeaders('application/gzip', name) });
});
