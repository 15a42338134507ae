import { promisify } from 'node:util';
import { constants, gzip } from 'node:zlib';
import { inTurn } from './inTurn';
import { megabyte } from './respond';

/** A text of JSON as it was compressed for a version of what it tells. */
interface Compressed {
  readonly version: string;
  readonly bytes: Promise<Uint8Array<ArrayBuffer>>;
}

const known = new Map<string, Compressed>();
const compress = promisify(gzip);
/** Quick, and in one piece: each piece of the result waits for its turn in this thread. */
const packing = { level: constants.Z_BEST_SPEED, chunkSize: 4 * megabyte };
/** Of this process: versions may begin anew with each. */
const epoch = Date.now().toString(36);

/**
 * Replies with long JSON compressed, written anew only where what it tells has another version than last time; a browser
 * that has that version is told so.
 * @param name of what is told
 * @param version no two things this process tells under the name have the same
 */
export async function respondCompressed(
  request: Request,
  name: string,
  version: string,
  write: () => string | Promise<string>,
): Promise<Response> {
  const etag = `"${epoch}-${version}"`;
  const headers = {
    'content-type': 'application/json; charset=utf-8',
    'cache-control': 'private, no-cache',
    vary: 'accept-encoding',
    etag,
  };
  if (request.headers.get('if-none-match') === etag)
    return new Response(null, { status: 304, headers });
  if (!/\bgzip\b/.test(request.headers.get('accept-encoding') ?? ''))
    return new Response(await write(), { headers });
  return new Response(await bytesOf(name, version, write), {
    headers: { ...headers, 'content-encoding': 'gzip' },
  });
}

function bytesOf(
  name: string,
  version: string,
  write: () => string | Promise<string>,
): Compressed['bytes'] {
  const last = known.get(name);
  if (last?.version === version) return last.bytes;
  const bytes = inTurn(write)
    .then((text) => compress(text, packing))
    .then((packed) => new Uint8Array(packed));
  known.set(name, { version, bytes });
  bytes.catch(() => known.delete(name));
  return bytes;
}
